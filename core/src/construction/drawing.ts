/** Parts of a construction as pictures at their finished size. */
import type { Drawing } from '../block';
import type { Exact } from '../measure';
import { extent, type Laid, type Picture } from './picture';
import type { Seen } from './units/unit-kind';

/** Some patches of the block as they lie, at finished size, their box at the origin. */
export function partDrawing(laid: readonly Laid[], tick: Exact): Drawing {
  const one = tick.toNumber();
  const [x, y, w, h] = extent(laid);
  return {
    width: w * one,
    height: h * one,
    shapes: laid.map(({ role, of, points }) => ({
      role,
      patch: of[0],
      points: points.map(([px, py]) => [(px - x) * one, (py - y) * one] as const),
    })),
  };
}

/** A unit laid straight, at finished size. */
export function unitDrawing({ picture, tick }: Pick<Seen, 'tick'> & { picture: Picture }): Drawing {
  return partDrawing(picture.patches, tick);
}
