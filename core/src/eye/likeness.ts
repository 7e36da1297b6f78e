/** How a block is like itself when it is turned or mirrored: what is seen badly in one place is then asked of all. */
import { NO_COLOUR, type Labels } from './labels';
import type { Place } from './seam-evidence';

/** Turns and mirror images of a square, as places of it. */
const IMAGES: readonly ((place: Place) => Place)[] = [
  ([x, y]) => [1 - y, x],
  ([x, y]) => [1 - x, 1 - y],
  ([x, y]) => [y, 1 - x],
  ([x, y]) => [1 - x, y],
  ([x, y]) => [x, 1 - y],
  ([x, y]) => [y, x],
  ([x, y]) => [1 - y, 1 - x],
];
/** Of the places that have a colour in both, so large a share has to agree: each colour with one other, or itself. */
const ENOUGH = 0.95;

/** The turns and mirror images in which the block has the same patches, in its own or in exchanged fabrics; itself among them, first. */
export function imagesOf(labels: Labels): ((place: Place) => Place)[] {
  return [(place) => place, ...IMAGES.filter((image) => isAlike(labels, image))];
}

function isAlike({ width, height, label, colours }: Labels, image: (place: Place) => Place): boolean {
  const kinds = colours.length;
  const met = new Float64Array(kinds * kinds);
  let all = 0;
  for (let y = 0; y < height; y += 2)
    for (let x = 0; x < width; x += 2) {
      const from = label[y * width + x]!;
      const [u, v] = image([(x + 0.5) / width, (y + 0.5) / height]);
      const to = label[Math.min(height - 1, Math.floor(v * height)) * width + Math.min(width - 1, Math.floor(u * width))]!;
      if (from === NO_COLOUR || to === NO_COLOUR) continue;
      met[from * kinds + to]! += 1;
      all += 1;
    }
  // One to one as far as it goes: each colour's share with the colour that it meets most.
  let agree = 0;
  for (let k = 0; k < kinds; k += 1) agree += Math.max(...met.subarray(k * kinds, (k + 1) * kinds));
  return agree >= ENOUGH * all;
}
