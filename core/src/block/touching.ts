/** Which outlines meet along an edge, and how far. */
import type { Polygon } from './geometry';

export interface Touching {
  a: number;
  b: number;
  /** How long they run along each other, in the outlines' own measure. */
  length: number;
}

interface Side {
  of: number;
  /** Direction of its line, the line's distance from the origin, and where on it the side begins and ends. */
  angle: number;
  offset: number;
  from: number;
  to: number;
}

/**
 * Pairs of outlines (a < b) whose edges run on each other; a common corner is no meeting. Edges are sorted by the line they lie on and
 * swept, so thousands of patches take milliseconds. Coordinates may be floats: what lies within `near` is taken as the same line, since who meets
 * whom decides colours, never a size that is cut.
 */
export function touching(outlines: readonly Polygon[], near = 1e-6): Touching[] {
  const sides = outlines.flatMap((outline, of) =>
    outline.map((p, i) => sideOf(of, p, outline[(i + 1) % outline.length]!, near)),
  );
  sides.sort((s, t) => s.angle - t.angle);
  const found = new Map<number, Touching>();
  for (const parallel of runs(sides, (s) => s.angle, near))
    for (const line of runs(
      parallel.sort((s, t) => s.offset - t.offset),
      (s) => s.offset,
      near,
    )) {
      line.sort((s, t) => s.from - t.from);
      const open: Side[] = [];
      for (const side of line) {
        for (let i = open.length - 1; i >= 0; i -= 1) {
          const other = open[i]!;
          const length = Math.min(other.to, side.to) - side.from;
          if (other.to - side.from <= near) open.splice(i, 1);
          else if (other.of !== side.of) note(Math.min(other.of, side.of), Math.max(other.of, side.of), length);
        }
        open.push(side);
      }
    }
  return [...found.values()].sort((s, t) => s.a - t.a || s.b - t.b);

  function note(a: number, b: number, length: number): void {
    const key = a * outlines.length + b;
    const known = found.get(key);
    if (known) known.length += length;
    else found.set(key, { a, b, length });
  }
}

function sideOf(of: number, p: Polygon[number], q: Polygon[number], near: number): Side {
  const long = Math.hypot(q[0] - p[0], q[1] - p[1]);
  const [dx, dy] = [(q[0] - p[0]) / long, (q[1] - p[1]) / long];
  // Both ways along a line are one direction; a line that is all but upright counts as upright.
  const forward = dx > near || (Math.abs(dx) <= near && dy > 0) ? 1 : -1;
  const [ux, uy] = Math.abs(dx) <= near ? [0, 1] : [dx * forward, dy * forward];
  const [s, t] = [p[0] * ux + p[1] * uy, q[0] * ux + q[1] * uy];
  return { of, angle: Math.atan2(uy, ux), offset: p[1] * ux - p[0] * uy, from: Math.min(s, t), to: Math.max(s, t) };
}

/** Sorted sides cut into runs that lie no more than `near` from one to the next. */
function runs(sides: Side[], key: (side: Side) => number, near: number): Side[][] {
  const all: Side[][] = [];
  sides.forEach((side, i) => {
    if (i > 0 && key(side) - key(sides[i - 1]!) <= near) all.at(-1)!.push(side);
    else all.push([side]);
  });
  return all;
}
