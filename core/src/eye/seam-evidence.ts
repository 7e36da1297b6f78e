/** Whether a picture shows a seam between two pieces of one fabric: a fine dark valley along a line. */
import type { LabPicture } from './pixels';

/** A place of the block, from 0 to 1 across and down. */
export type Place = readonly [x: number, y: number];

/** How far from its place a seam may be seen, in places of the picture, and how far off its sides are looked at. */
const ASTRAY = 3;
const NEAREST_SIDE = 4;
const SIDE = 3;
/** Lines beside it, up to so far off, tell what the fabric itself looks like along that direction. */
const BESIDE = 24;
/** Places along a seam that are looked at together. */
const STRETCH = 6;
/** Nothing is measured better than to this, in L*. */
const LEAST = 0.25;

/** What is seen along a line. */
export interface Valley {
  /** How much darker the line is than its darker side, as a share of the light (of L* + 16). */
  depth: number;
  /** How far that may be off by chance: by what varies along the line, and from line to line beside it, since a stripe is no seam. */
  spread: number;
}

/** The valley along a line from one place to another. `reach`: how far the two pieces reach from it at least, as a share of the picture. */
export function valleyAlong(picture: LabPicture, from: Place, to: Place, reach: number): Valley | undefined {
  const { width, height } = picture;
  const [ax, ay, bx, by] = [from[0] * width, from[1] * height, to[0] * width, to[1] * height];
  const long = Math.hypot(bx - ax, by - ay);
  // The ends are other seams' crossings.
  const spare = Math.min(5, long / 5);
  const stretches = Math.floor((long - 2 * spare) / STRETCH);
  if (stretches < 1) return undefined;
  const far = Math.max(ASTRAY, Math.min(BESIDE, Math.floor(reach * Math.min(width, height))));
  const wide = far + NEAREST_SIDE + SIDE;
  const lines = 2 * wide + 1;
  // The strip along the seam: mean lightness by stretch and by how far off.
  const strip = new Float32Array(stretches * lines);
  const [ux, uy] = [(bx - ax) / long, (by - ay) / long];
  for (let s = 0; s < stretches; s += 1)
    for (let l = 0; l < lines; l += 1) {
      let sum = 0;
      for (let k = 0; k < STRETCH; k += 1) {
        const along = spare + s * STRETCH + k + 0.5;
        sum += lightness(picture, ax + ux * along - uy * (l - wide), ay + uy * along + ux * (l - wide));
      }
      strip[s * lines + l] = sum / STRETCH;
    }
  const valley = (off: number): { mean: number; between: number; spread: number; light: number } => {
    let [sum, squares, both, light] = [0, 0, 0, 0];
    for (let s = 0; s < stretches; s += 1) {
      const middle = s * lines + wide + off;
      let [right, left] = [0, 0];
      for (let k = 0; k < SIDE; k += 1) {
        right += strip[middle + NEAREST_SIDE + k]!;
        left += strip[middle - NEAREST_SIDE - k]!;
      }
      // Against the darker side: beside another, lighter fabric is no valley.
      const here = (strip[middle - 1]! + 2 * strip[middle]! + strip[middle + 1]!) / 4;
      const dip = here - Math.min(right, left) / SIDE;
      light += here + 16;
      both += here - (right + left) / (2 * SIDE);
      sum += dip;
      squares += dip * dip;
    }
    const mean = sum / stretches;
    return {
      mean,
      between: both / stretches,
      spread: squares / stretches - mean * mean,
      light: Math.max(8, light / stretches),
    };
  };
  const others: number[] = [];
  for (let off = ASTRAY + 3; off <= far; off += 1) for (const side of [off, -off]) others.push(Math.abs(valley(side).between));
  others.sort((p, q) => p - q);
  // The spread of a bell curve by its median distance from nothing: an edge farther off does not count.
  const varies = others.length < 6 ? 0 : 1.48 * others[others.length >> 1]!;
  let best: Valley = { depth: 0, spread: 1 };
  for (let shift = -ASTRAY; shift <= ASTRAY; shift += 1) {
    const { mean, spread, light } = valley(shift);
    const found = {
      depth: -mean / light,
      spread: Math.sqrt(spread / stretches + varies ** 2 + LEAST ** 2) / light,
    };
    if (shift === -ASTRAY || found.depth / found.spread > best.depth / best.spread) best = found;
  }
  return best;
}

/** Nobody is surer than this of one seam, or of none: between two fabrics there is a seam without a valley too. */
const MOST = 40;
const AGAINST = -8;
/** Bits that are found by chance alone, by looking at several lines beside each other. */
const CHANCE = 2.5;

/** Bits that a valley speaks for a seam, or against it, where seams are so deep. */
export function seamBits({ depth, spread }: Valley, seams: number): number {
  // A seam may be up to twice as deep as the others: as deep as it is seen, then.
  const deep = Math.max(seams, Math.min(depth, 2 * seams));
  const bits = (2 * Math.min(depth, deep) * deep - deep ** 2) / (2 * spread ** 2) / Math.LN2;
  return Math.max(AGAINST, Math.min(MOST, bits - CHANCE));
}

/** A valley that so clearly is one tells how deep seams are in this picture. */
const CLEAR = 6;
/** As deep as seams are where none is clear. */
const USUAL = 0.03;

/** How deep the seams of a picture are, of all valleys that were looked at. */
export function depthOf(valleys: readonly Valley[]): number {
  const clear = valleys.filter(({ depth, spread }) => depth / spread > CLEAR).map((v) => v.depth);
  clear.sort((a, b) => a - b);
  return clear.length < 3 ? USUAL : clear[clear.length >> 2]!;
}

function lightness({ width, height, lab }: LabPicture, x: number, y: number): number {
  const u = Math.max(0, Math.min(width - 1, Math.floor(x)));
  const v = Math.max(0, Math.min(height - 1, Math.floor(y)));
  return lab[(v * width + u) * 3]!;
}
