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

/** The outline of both together where they meet along one stretch, convex or not; undefined where it would have a hole or touch itself. */
export function anyUnion(a: Polygon, b: Polygon): Polygon | undefined {
  const key = ([x, y]: Point) => `${x},${y}`;
  const sides = (one: Polygon, other: Polygon): (readonly [Point, Point])[] =>
    one.flatMap((p, i) => {
      const q = one[(i + 1) % one.length]!;
      // Corners of the other that lie on this side part it.
      const along = (t: Point) => (t[0] - p[0]) * (q[0] - p[0]) + (t[1] - p[1]) * (q[1] - p[1]);
      const on = other.filter((t) => cross(p, q, t) === 0 && along(t) > 0 && along(t) < along(q));
      const points = [p, ...on.sort((s, t) => along(s) - along(t)), q];
      return points.slice(1).map((to, k) => [points[k]!, to] as const);
    });
  const [mine, its] = [sides(a, b), sides(b, a)];
  const back = new Set([...mine, ...its].map(([p, q]) => `${key(q)} ${key(p)}`));
  const rest = [...mine, ...its].filter(([p, q]) => !back.has(`${key(p)} ${key(q)}`));
  const next = new Map(rest.map(([p, q]) => [key(p), q]));
  if (next.size < rest.length || rest.length === mine.length + its.length) return undefined;
  const outline = [rest[0]![0]];
  for (let at = next.get(key(outline[0]!)); at && key(at) !== key(outline[0]!); at = next.get(key(at))) {
    outline.push(at);
    if (outline.length > rest.length) return undefined;
  }
  return outline.length === rest.length ? outline : undefined;
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
