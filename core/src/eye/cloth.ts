/** A fabric out of its photograph. */
import { fromUnitSquare, shapeOf, taken, type Corners } from './homography';
import { evenLight } from './light';
import type { Pixels } from './pixels';
import { straightPixels } from './straighten';

/**
 * The middle square of the piece of cloth within these corners, `side` by `side` pixels, as if it lay straight and in even light; how long the piece is follows from
 * the angle of a telephone's lens. Undefined where the corners make no four-sided shape.
 */
export function clothWithin(picture: Pixels, corners: Corners, side: number): Pixels | undefined {
  const there = fromUnitSquare(corners);
  if (!there) return undefined;
  const wide = shapeOf(corners, picture);
  // Half of what is left of the longer side beside the square.
  const [x, y] = [Math.max(0, 1 - 1 / wide) / 2, Math.max(0, 1 - wide) / 2];
  const at = (u: number, v: number) => taken(there, u, v);
  const square: Corners = [at(x, y), at(1 - x, y), at(1 - x, 1 - y), at(x, 1 - y)];
  const straight = straightPixels(picture, square, side, side);
  return straight && evenLight(straight);
}
