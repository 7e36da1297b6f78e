/** How the fabrics look in this picture: as they are said to be, in the light that fell on them. */
import { toRgb } from '../../ink/colour-spaces';
import type { Colour } from '../colours';
import { writeLab, type LabPicture, type Pixels } from '../pixels';

type Rgb = readonly [red: number, green: number, blue: number];

/** What the fabrics would be under the camera's light, if they were as they are said to be. `colours`: '#rrggbb' by role; `shares`: how much each covers. */
export class Palette {
  #linear: Rgb[];

  constructor(
    colours: readonly string[],
    readonly shares: readonly number[],
  ) {
    this.#linear = colours.map((text) => {
      const { r, g, b } = toRgb(text)!;
      return [linear(r), linear(g), linear(b)];
    });
  }

  /**
   * In the light that makes their mean `seen` (linear, from 0 to 1): each channel by one factor. The mean does not change when units are turned or exchanged, so the
   * light is known before anything else is.
   */
  lit(seen: Rgb): Colour[] {
    const said = [0, 1, 2].map((k) => this.#linear.reduce((sum, c, i) => sum + c[k]! * this.shares[i]!, 0));
    const by = said.map((n, k) => Math.max(MOST_LESS, Math.min(MOST_MORE, seen[k]! / Math.max(n, 1e-3))));
    return this.#linear.map((colour) => {
      const lab = new Float32Array(3);
      const [r, g, b] = colour.map((n, k) => 255 * gamma(Math.min(1, n * by[k]!))) as [number, number, number];
      writeLab(lab, 0, r, g, b);
      return [lab[0]!, lab[1]!, lab[2]!];
    });
  }
}

/** No lamp and no camera changes a channel more. */
const MOST_LESS = 0.05;
const MOST_MORE = 8;

const linear = (n: number) => (n <= 0.04045 ? n / 12.92 : ((n + 0.055) / 1.055) ** 2.4);
const gamma = (n: number) => (n <= 0.0031308 ? 12.92 * n : 1.055 * n ** (1 / 2.4) - 0.055);

/** The mean light within some boxes of a picture, linear, from 0 to 1. Boxes by their sides, as shares of the picture. */
export function meanLight({ width, height, data }: Pixels, boxes: readonly (readonly [number, number, number, number])[]): Rgb {
  const sum: [number, number, number] = [0, 0, 0];
  let n = 0;
  for (const [left, top, right, bottom] of boxes)
    for (let y = Math.floor(top * height); y < bottom * height; y += 2)
      for (let x = Math.floor(left * width); x < right * width; x += 2) {
        const i = (y * width + x) * 4;
        for (let k = 0; k < 3; k += 1) sum[k]! += linear(data[i + k]! / 255);
        n += 1;
      }
  return sum.map((s) => s / n) as unknown as Rgb;
}

/** The colour of the table: the middle one of the picture's rim. */
export function rimOf({ width, height, lab }: LabPicture): Colour {
  const rim: Colour[] = [];
  for (let y = 0; y < height; y += 2)
    for (let x = 0; x < width; x += 2) {
      if (Math.min(x, y, width - 1 - x, height - 1 - y) >= RIM) continue;
      const i = (y * width + x) * 3;
      rim.push([lab[i]!, lab[i + 1]!, lab[i + 2]!]);
    }
  return [0, 1, 2].map((k) => rim.map((c) => c[k]!).sort((a, b) => a - b)[rim.length >> 1]!) as unknown as Colour;
}
const RIM = 5;
