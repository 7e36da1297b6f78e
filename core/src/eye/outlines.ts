/** Outlines of convex patches: joined, and where two of them meet. */
import { cross, doubleArea, hull, type Point, type Polygon } from '../block';

export interface Seam {
  from: Point;
  to: Point;
}

export const clockwise = (points: Polygon): Polygon => (doubleArea(points) < 0 ? [...points].reverse() : points);

/** The outline of both together, where that is convex. */
export function convexUnion(a: Polygon, b: Polygon): Polygon | undefined {
  const both = hull([...a, ...b]);
  return doubleArea(both) === doubleArea(a) + doubleArea(b) ? both : undefined;
}

/** The piece of outline that two convex polygons share. */
export function shared(a: Polygon, b: Polygon): Seam | undefined {
  for (const [i, p] of a.entries()) {
    const q = a[(i + 1) % a.length]!;
    for (const [j, r] of b.entries()) {
      const s = b[(j + 1) % b.length]!;
      if (cross(p, q, r) !== 0 || cross(p, q, s) !== 0) continue;
      const [dx, dy] = [q[0] - p[0], q[1] - p[1]];
      const along = (t: Point) => (t[0] - p[0]) * dx + (t[1] - p[1]) * dy;
      const low = Math.max(0, Math.min(along(r), along(s)));
      const high = Math.min(along(q), Math.max(along(r), along(s)));
      if (high <= low) continue;
      const ends = [p, q, r, s];
      const at = (value: number) => ends.find((t) => along(t) === value)!;
      return { from: at(low), to: at(high) };
    }
  }
  return undefined;
}
