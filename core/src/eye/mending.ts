/** A doubt that somebody has looked at: the seam is there after all, or is not. */
import { drawSeam, joinPatches, type Drafted, type Point } from '../block';
import type { Block } from '../block';
import type { Doubt } from './reading';

/** How far beside a seam its two patches are looked for, in twelfths of a square. */
const BESIDE = 0.5;

/** The block with the seam taken out where it is drawn, and drawn where it is not; or why that cannot be. */
export function flipped(block: Block, { from, to, drawn }: Doubt): Drafted {
  if (!drawn) return drawSeam(block, from, to);
  const long = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const [x, y] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
  const [dx, dy] = [((from[1] - to[1]) / long) * BESIDE, ((to[0] - from[0]) / long) * BESIDE];
  const at = (side: 1 | -1): Point => [x + side * dx, y + side * dy];
  return joinPatches(block, at(1), at(-1));
}
