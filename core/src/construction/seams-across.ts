/** How many seams a part has across it, where it is measured: edge to edge through the middle. */
import type { LaidPatch } from './picture';
import { extent } from './picture';

/** Seams that a level line through the middle crosses, or an upright one; beside a seam that runs along it the side with more. */
export function seamsAcross(laid: readonly LaidPatch[], way: 'level' | 'upright' = 'level'): number {
  const [x, y, w, h] = extent(laid);
  const along = way === 'level' ? 0 : 1;
  const across = 1 - along;
  const middle = way === 'level' ? y + h / 2 : x + w / 2;
  // A little beside the middle, so that no line runs along a seam or through a point.
  const offset = (way === 'level' ? h : w) * 0.013;
  const crossed = (at: number) =>
    laid.filter(({ points }) => {
      const sides = points.map((p) => p[across]! - at);
      return Math.min(...sides) < 0 && Math.max(...sides) > 0;
    }).length;
  return Math.max(0, Math.max(crossed(middle - offset), crossed(middle + offset)) - 1);
}
