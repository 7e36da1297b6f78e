/**
 * Plane geometry on whole numbers. A point is [x, y] in twelfths of a grid cell, x right and y down, so that
 * quarters and thirds of a cell are exact integers and no test here can be wrong by rounding.
 */
export type Point = readonly [x: number, y: number];
export type Polygon = readonly Point[];

/** Twelfths to a grid cell: the least number that both quarters and thirds divide. */
export const PER_CELL = 12;

export interface Box {
  x: number;
  y: number;
  w: number;
  h: number;
}

/** Twice the signed area of triangle abc: positive when c lies clockwise of a→b as seen on the screen (y down). */
export function cross(a: Point, b: Point, c: Point): number {
  return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
}

/** Twice the signed area; positive for a polygon that runs clockwise on the screen. */
export function doubleArea(polygon: Polygon): number {
  let sum = 0;
  polygon.forEach((p, i) => {
    const q = polygon[(i + 1) % polygon.length]!;
    sum += p[0] * q[1] - q[0] * p[1];
  });
  return sum;
}

export function boxOf(points: Polygon): Box {
  const xs = points.map((p) => p[0]);
  const ys = points.map((p) => p[1]);
  const x = Math.min(...xs);
  const y = Math.min(...ys);
  return { x, y, w: Math.max(...xs) - x, h: Math.max(...ys) - y };
}

/** Whether p lies on the closed segment ab. */
export function onSegment(p: Point, a: Point, b: Point): boolean {
  return (
    cross(a, b, p) === 0 &&
    Math.min(a[0], b[0]) <= p[0] &&
    p[0] <= Math.max(a[0], b[0]) &&
    Math.min(a[1], b[1]) <= p[1] &&
    p[1] <= Math.max(a[1], b[1])
  );
}

/** Whether ab and cd cross at a point inside both, so that neither merely touches the other. */
export function crossProperly(a: Point, b: Point, c: Point, d: Point): boolean {
  const [c1, c2, c3, c4] = [cross(a, b, c), cross(a, b, d), cross(c, d, a), cross(c, d, b)];
  return c1 * c2 < 0 && c3 * c4 < 0;
}

/** 'inside', 'edge' or 'outside' for a point and a simple polygon. */
export function locate(p: Point, polygon: Polygon): 'inside' | 'edge' | 'outside' {
  let inside = false;
  for (let i = 0; i < polygon.length; i += 1) {
    const a = polygon[i]!;
    const b = polygon[(i + 1) % polygon.length]!;
    if (onSegment(p, a, b)) return 'edge';
    // A ray to the right crosses ab when ab spans the ray's height and p lies left of it.
    if (a[1] > p[1] !== b[1] > p[1] && cross(a, b, p) > 0 === b[1] < a[1]) inside = !inside;
  }
  return inside ? 'inside' : 'outside';
}

/** The same outline without repeated and collinear points, clockwise on the screen, from its topmost leftmost point. */
export function tidy(polygon: Polygon): Polygon {
  let points = [...polygon];
  for (let changed = true; changed && points.length > 2;) {
    const kept = points.filter((p, i) => {
      const before = points[(i + points.length - 1) % points.length]!;
      const after = points[(i + 1) % points.length]!;
      return !(p[0] === after[0] && p[1] === after[1]) && cross(before, p, after) !== 0;
    });
    changed = kept.length < points.length;
    points = kept;
  }
  if (doubleArea(points) < 0) points.reverse();
  const first = points.reduce((best, p, i) => {
    const q = points[best]!;
    return p[1] < q[1] || (p[1] === q[1] && p[0] < q[0]) ? i : best;
  }, 0);
  return [...points.slice(first), ...points.slice(0, first)];
}

/** A coordinate in twelfths as a person reads it on the grid: '1 1/3', '2'. */
export function gridText(twelfths: number): string {
  const whole = Math.trunc(twelfths / PER_CELL);
  const rest = Math.abs(twelfths % PER_CELL);
  if (rest === 0) return String(whole);
  const divisor = [6, 4, 3, 2, 1].find((d) => rest % d === 0 && PER_CELL % d === 0)!;
  const fraction = `${rest / divisor}/${PER_CELL / divisor}`;
  return whole === 0 ? `${twelfths < 0 ? '-' : ''}${fraction}` : `${whole} ${fraction}`;
}

/** '(1, 2 1/2)' for a message about a place on the grid. */
export function pointText(p: Point): string {
  return `(${gridText(p[0])}, ${gridText(p[1])})`;
}

/**
 * The parts of an outline on one side of an upright (axis 0) or level line, each an outline of its own: right or below for sign 1. A patch with an
 * inner corner may come apart into several.
 */
export function clipped(polygon: Polygon, axis: 0 | 1, at: number, sign: 1 | -1): Polygon[] {
  const kept = polygon.flatMap((p, i): Point[] => {
    const q = polygon[(i + 1) % polygon.length]!;
    const [dp, dq] = [(p[axis] - at) * sign, (q[axis] - at) * sign];
    const own: Point[] = dp >= 0 ? [p] : [];
    if (dp * dq < 0) {
      const t = dp / (dp - dq);
      own.push([p[0] + (q[0] - p[0]) * t, p[1] + (q[1] - p[1]) * t]);
    }
    return own;
  });
  return parted(kept)
    .filter((part) => Math.abs(doubleArea(part)) > 1e-9)
    .map(tidy);
}

const same = (p: Point, q: Point) => p[0] === q[0] && p[1] === q[1];

/** What an outline goes around, loop by loop, where it comes to a point of its own again. */
function parted(polygon: Polygon): Polygon[] {
  const loops: Polygon[] = [];
  const way: Point[] = [];
  for (const [i, p] of polygon.entries()) {
    const q = polygon[(i + 1) % polygon.length]!;
    const far = (v: Point) => Math.abs(v[0] - p[0]) + Math.abs(v[1] - p[1]);
    const between = polygon.filter((v) => !same(v, p) && !same(v, q) && onSegment(v, p, q));
    for (const v of [p, ...between.sort((a, b) => far(a) - far(b))]) {
      const before = way.findIndex((w) => same(w, v));
      if (before >= 0) loops.push(way.splice(before));
      way.push(v);
    }
  }
  return [...loops, way];
}

/** The convex hull, clockwise on the screen, without collinear points. */
export function hull(points: readonly Point[]): Polygon {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const half = (list: readonly Point[]) => {
    const line: Point[] = [];
    for (const p of list) {
      while (line.length > 1 && cross(line.at(-2)!, line.at(-1)!, p) <= 0) line.pop();
      line.push(p);
    }
    return line.slice(0, -1);
  };
  return [...half(sorted), ...half([...sorted].reverse())];
}

/** A point that lies inside a simple polygon, convex or not. */
export function insideOf(polygon: Polygon): Point {
  let at = 0;
  polygon.forEach(([x, y], i) => {
    const [bx, by] = polygon[at]!;
    if (y < by || (y === by && x < bx)) at = i;
  });
  // The topmost corner is convex; nothing is inside its triangle, or the corner that reaches deepest into it is in sight.
  const n = polygon.length;
  const [before, top, after] = [polygon[(at + n - 1) % n]!, polygon[at]!, polygon[(at + 1) % n]!];
  const triangle = [before, top, after];
  const reach = (p: Point) => Math.abs(doubleArea([before, p, after]));
  const inner = polygon.filter((p, i) => i !== at && !triangle.includes(p) && locate(p, triangle) === 'inside');
  const deepest = inner.sort((a, b) => reach(b) - reach(a))[0];
  if (deepest) return [(top[0] + deepest[0]) / 2, (top[1] + deepest[1]) / 2];
  return [(before[0] + top[0] + after[0]) / 3, (before[1] + top[1] + after[1]) / 3];
}
