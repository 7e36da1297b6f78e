/** A picture as labels: for each place the colour, of a few, that it is nearest to. */
import { gathered, nearestOf, type Colour } from './colours';
import type { LabPicture } from './pixels';

export interface Labels {
  width: number;
  height: number;
  /** Which colour, row by row; NO_COLOUR on an edge between two, where a place is a mixture of both. */
  label: Uint8Array;
  colours: readonly Colour[];
}

/** Colours that are told apart, and how far two of them are from each other at least: shades of one fabric in one light run together. */
const MOST = 12;
const APART = 8;
export const NO_COLOUR = 255;
/** Places on both sides of an edge are so far from each other at least. */
const EDGE = 10;

/** `blur`: places to each side that run together first, so that a small print is one colour. */
export function labelled(picture: LabPicture, blur: number): Labels {
  const { width, height } = picture;
  const lab = smoothed(picture, blur);
  const seen: Colour[] = [];
  for (let y = 1; y < height; y += 3)
    for (let x = 1; x < width; x += 3) {
      const i = (y * width + x) * 3;
      seen.push([lab[i]!, lab[i + 1]!, lab[i + 2]!]);
    }
  const colours = gathered(seen, { most: MOST, apart: APART });
  const label = new Uint8Array(width * height);
  for (let i = 0; i < label.length; i += 1) label[i] = nearestOf([lab[3 * i]!, lab[3 * i + 1]!, lab[3 * i + 2]!], colours);
  const reach = blur + 1;
  const far = (i: number, j: number) =>
    Math.hypot(lab[3 * i]! - lab[3 * j]!, lab[3 * i + 1]! - lab[3 * j + 1]!, lab[3 * i + 2]! - lab[3 * j + 2]!);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const i = y * width + x;
      const [across, down] = [reach, reach * width];
      if (
        // At the border what lies around the block has run in.
        Math.min(x, y, width - 1 - x, height - 1 - y) < reach ||
        far(i - across, i + across) > EDGE ||
        far(i - down, i + down) > EDGE ||
        far(i - across - down, i + across + down) > EDGE ||
        far(i - across + down, i + across - down) > EDGE
      )
        label[i] = NO_COLOUR;
    }
  return { width, height, label, colours };
}

/** Each place the mean of the square around it, `blur` places to each side, by running sums: three numbers each. */
export function smoothed({ width, height, lab }: LabPicture, blur: number): Float32Array {
  if (blur <= 0) return lab;
  let from = lab;
  for (const [step, line, count, lines] of [
    [3, width * 3, width, height],
    [width * 3, 3, height, width],
  ] as const) {
    const to = new Float32Array(from.length);
    for (let l = 0; l < lines; l += 1)
      for (let k = 0; k < 3; k += 1) {
        const start = l * line + k;
        let [sum, n] = [0, 0];
        for (let i = -blur; i < count; i += 1) {
          if (i + blur < count) {
            sum += from[start + (i + blur) * step]!;
            n += 1;
          }
          if (i - blur - 1 >= 0) {
            sum -= from[start + (i - blur - 1) * step]!;
            n -= 1;
          }
          if (i >= 0) to[start + i * step] = sum / n;
        }
      }
    from = to;
  }
  return from;
}
