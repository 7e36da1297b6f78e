/** Parts of a construction as pictures at their finished size. */
import { hull, type Drawing } from '../block';
import type { Exact } from '../measure';
import type { Construction } from './construct';
import { extent, type LaidPatch, type Picture } from './picture';
import type { UnitInBlock } from './units/unit-kind';

/** Some patches of the block as they lie, at finished size, their box at the origin. */
export function partDrawing(laid: readonly LaidPatch[], tick: Exact): Drawing {
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
export function unitDrawing({ picture, tick }: Pick<UnitInBlock, 'tick'> & { picture: Picture }): Drawing {
  return partDrawing(picture.patches, tick);
}

/** The convex outline of a part with the seam allowance all round, corners square: in lengths from the block's corner. */
export function outlineWithSeam(laid: readonly LaidPatch[], tick: number, seam: number): [number, number][] {
  const outline = hull(laid.flatMap((p) => [...p.points])).map(([x, y]) => [x * tick, y * tick] as const);
  return outline.map((p, i) => {
    const [before, after] = [outline[(i + outline.length - 1) % outline.length]!, outline[(i + 1) % outline.length]!];
    const [u, v] = [outward(before, p), outward(p, after)];
    const close = 1 + u[0] * v[0] + u[1] * v[1];
    return [p[0] + ((u[0] + v[0]) * seam) / close, p[1] + ((u[1] + v[1]) * seam) / close];
  });
}

function outward(p: readonly [number, number], q: readonly [number, number]): readonly [number, number] {
  const length = Math.hypot(q[0] - p[0], q[1] - p[1]);
  return [(q[1] - p[1]) / length, (p[0] - q[0]) / length];
}

/** Where every seam's allowance lies on the back: a band beside the seam, or on both sides of one that is pressed open. */
export function pressedBands(c: Construction): { points: (readonly [number, number])[]; open: boolean }[] {
  const one = c.cloth.tick.toNumber();
  const s = c.style.seam.valueOf();
  return c.pressing.seams.map(({ from, to, towards }) => {
    const [p, q] = [from, to].map(([x, y]) => [x * one, y * one] as const) as [
      readonly [number, number],
      readonly [number, number],
    ];
    const [nx, ny] = outward(p, q);
    const side = !towards ? 0 : Math.sign(towards[0] * nx + towards[1] * ny);
    const [near, far] = side === 0 ? [-s, s] : [0, s * side];
    const at = ([x, y]: readonly [number, number], by: number) => [x + nx * by, y + ny * by] as const;
    return { points: [at(p, near), at(q, near), at(q, far), at(p, far)], open: side === 0 };
  });
}
