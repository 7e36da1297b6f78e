/**
 * A second table for the tests: pieces of cloth are polygons with a fabric, in exact coordinates; hands cut them, lay one on another,
 * sew along a line and open them. What lies beyond the seam is the front. No formula of a unit is known here.
 */
import { Exact } from '../src/measure';

export type P = readonly [Exact, Exact];

/** A line through two points; the left of the way from a to b is 'near'. */
export interface Line {
  a: P;
  b: P;
}

export interface Cloth {
  fabric: string;
  outline: P[];
}

export const at = (x: Exact | number, y: Exact | number): P => [Exact.of(x), Exact.of(y)];
const minus = (p: P, q: P): P => [p[0].minus(q[0]), p[1].minus(q[1])];
const cross = (p: P, q: P) => p[0].times(q[1]).minus(p[1].times(q[0]));
const dot = (p: P, q: P) => p[0].times(q[0]).plus(p[1].times(q[1]));
const sideOf = ({ a, b }: Line, p: P) => cross(minus(b, a), minus(p, a));

export const square = (fabric: string, side: Exact, x: Exact | number = 0, y: Exact | number = 0): Cloth => {
  const [ex, ey] = [Exact.of(x), Exact.of(y)];
  return { fabric, outline: [at(ex, ey), at(ex.plus(side), ey), at(ex.plus(side), ey.plus(side)), at(ex, ey.plus(side))] };
};

/** The part of a piece on the near side (sign −1, above a line to the right) or the far side (1). */
export function cut({ fabric, outline }: Cloth, line: Line, sign: 1 | -1): Cloth | undefined {
  const kept = outline.flatMap((p, i): P[] => {
    const q = outline[(i + 1) % outline.length]!;
    const [dp, dq] = [sideOf(line, p).times(sign), sideOf(line, q).times(sign)];
    const own: P[] = dp.sign() >= 0 ? [p] : [];
    if (dp.sign() * dq.sign() < 0) {
      const t = dp.over(dp.minus(dq));
      own.push([p[0].plus(q[0].minus(p[0]).times(t)), p[1].plus(q[1].minus(p[1]).times(t))]);
    }
    return own;
  });
  return kept.length > 2 ? { fabric, outline: kept } : undefined;
}

/** The mirror image over a line: how a piece lies when it is folded back along its seam. */
export function folded({ fabric, outline }: Cloth, { a, b }: Line): Cloth {
  const way = minus(b, a);
  const square = dot(way, way);
  const mirror = (p: P): P => {
    const t = dot(minus(p, a), way).over(square).times(2);
    const foot: P = [a[0].times(2).plus(way[0].times(t)), a[1].times(2).plus(way[1].times(t))];
    return minus(foot, p);
  };
  return { fabric, outline: outline.map(mirror).reverse() };
}

/**
 * Two stacks of pieces, right sides together, sewn along a line and opened: of both, what lies beyond the line (sign) shows; the
 * lower stack stays, the upper one is folded over the seam.
 */
export function sewn(lower: readonly Cloth[], upper: readonly Cloth[], line: Line, sign: 1 | -1): Cloth[] {
  const beyond = (stack: readonly Cloth[]) => stack.flatMap((piece) => cut(piece, line, sign) ?? []);
  return [...beyond(lower), ...beyond(upper).map((piece) => folded(piece, line))];
}

/** A diagonal line moved sideways: by so much to its far side. */
export function beside({ a, b }: Line, by: Exact): Line {
  const way = minus(b, a);
  // Only level, upright and 45° lines are moved here: their length is rational, or so many √2.
  const length = way[0].sign() === 0 || way[1].sign() === 0 ? abs(way[0].plus(way[1])) : abs(way[0]).times(Exact.root2);
  const move: P = [way[1].times(by).over(length).times(-1), way[0].times(by).over(length)];
  return { a: [a[0].plus(move[0]), a[1].plus(move[1])], b: [b[0].plus(move[0]), b[1].plus(move[1])] };
}

const abs = (x: Exact) => (x.sign() < 0 ? x.times(-1) : x);

/** The sides of the smallest upright box around some pieces. */
export function boxOf(pieces: readonly Cloth[]): { x: Exact; y: Exact; w: Exact; h: Exact } {
  const axis = (i: 0 | 1) => pieces.flatMap((p) => p.outline.map((q) => q[i])).sort((p, q) => p.compare(q));
  const [xs, ys] = [axis(0), axis(1)];
  return { x: xs[0]!, y: ys[0]!, w: xs.at(-1)!.minus(xs[0]!), h: ys.at(-1)!.minus(ys[0]!) };
}

/** Twice the area of a piece. */
export function doubleArea({ outline }: Cloth): Exact {
  return abs(outline.reduce((sum, p, i) => sum.plus(cross(p, outline[(i + 1) % outline.length]!)), Exact.zero));
}
