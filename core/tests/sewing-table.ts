/**
 * An independent check for the tests: lays cloth on a table, sews, cuts, opens and measures, all in exact
 * coordinates. It knows nothing of the formulas; only of what hands do to two layers of fabric.
 */
import { Exact } from '../src/measure';

type P = readonly [Exact, Exact];
/** The line n·p = c; a point is on its far side when n·p > c. */
interface Line {
  n: P;
  c: Exact;
}

const dot = (n: P, p: P) => n[0].times(p[0]).plus(n[1].times(p[1]));
const away = (line: Line, p: P) => dot(line.n, p).minus(line.c);

/** The part of a convex polygon on the far side of a line. */
function clip(polygon: P[], line: Line): P[] {
  return polygon.flatMap((p, i) => {
    const q = polygon[(i + 1) % polygon.length]!;
    const [dp, dq] = [away(line, p), away(line, q)];
    const kept: P[] = dp.sign() >= 0 ? [p] : [];
    if (dp.sign() * dq.sign() < 0) {
      const t = dp.over(dp.minus(dq));
      kept.push([p[0].plus(q[0].minus(p[0]).times(t)), p[1].plus(q[1].minus(p[1]).times(t))]);
    }
    return kept;
  });
}

const flip = (line: Line): Line => ({ n: [line.n[0].times(-1), line.n[1].times(-1)], c: line.c.times(-1) });
const shift = (line: Line, by: Exact): Line => ({ n: line.n, c: line.c.plus(by) });
const squared = (p: P, q: P) => {
  const [dx, dy] = [p[0].minus(q[0]), p[1].minus(q[1])];
  return dx.times(dx).plus(dy.times(dy));
};

export interface Sewn {
  /** How many units come off the table. */
  units: number;
  /** Squared side of the opened unit, the same for all of them. */
  sideSquared: Exact;
}

/**
 * Sews two squares of side c with seam allowance s by the named method and measures every unit that results.
 * Throws when an opened unit is no square, or when units differ.
 */
export function sewHalfSquareTriangles(method: string, c: Exact, s: Exact): Sewn {
  const [zero, one] = [Exact.zero, Exact.of(1)];
  const half = c.over(2);
  // Diagonals as unit normals, so that distances from them are true: n = (±1, 1)/√2.
  const r = one.over(Exact.root2);
  const falling: Line = { n: [r.times(-1), r], c: zero };
  const rising: Line = { n: [r, r], c: c.times(r) };
  const upright: Line = { n: [one, zero], c: half };
  const level: Line = { n: [zero, one], c: half };
  const edges: Line[] = [
    { n: [one, zero], c: zero },
    { n: [one.times(-1), zero], c: c.times(-1) },
    { n: [zero, one], c: zero },
    { n: [zero, one.times(-1)], c: c.times(-1) },
  ];
  const beside = (line: Line) => [shift(line, s), shift(flip(line), s)];

  const table: Record<string, { stitches: Line[]; cuts: Line[] }> = {
    'two-at-a-time': { stitches: beside(falling), cuts: [falling] },
    'cut-triangles': { stitches: beside(falling), cuts: [falling] },
    'four-at-a-time': { stitches: edges.map((e) => shift(e, s)), cuts: [falling, rising] },
    'eight-at-a-time': { stitches: [...beside(falling), ...beside(rising)], cuts: [upright, level, falling, rising] },
  };
  const { stitches, cuts } = table[method]!;

  const square: P[] = [
    [zero, zero],
    [c, zero],
    [c, c],
    [zero, c],
  ];
  const pieces = cuts.reduce(
    (cloth, cut) => cloth.flatMap((piece) => [clip(piece, cut), clip(piece, flip(cut))].filter((p) => p.length > 2)),
    [square],
  );

  const sides = pieces.map((piece) => {
    // The stitches that hold this piece: the lines that run through it, close to and along one of its cut edges.
    const through = stitches.filter((line) => {
      const signs = new Set(piece.map((p) => away(line, p).sign()));
      return signs.has(1) && signs.has(-1) && piece.filter((p) => away(line, p).plus(s).sign() === 0).length === 2;
    });
    if (through.length !== 1) throw new Error(`${through.length} seams hold one piece`);
    // Opened, the front shows what lies beyond the seam, and its mirror image: a square if that is half a square.
    const front = clip(piece, through[0]!);
    if (front.length !== 3) throw new Error('the front of the unit is no triangle');
    const [apex, ...ends] = [...front].sort((p, q) => away(through[0]!, q).compare(away(through[0]!, p))) as [P, P, P];
    const legs = ends.map((end) => squared(apex, end));
    if (!legs[0]!.equals(legs[1]!)) throw new Error('the legs differ');
    if (!squared(ends[0]!, ends[1]!).equals(legs[0]!.times(2))) throw new Error('the corner is not square');
    return legs[0]!;
  });
  if (sides.some((side) => !side.equals(sides[0]!))) throw new Error('the units differ');
  return { units: sides.length, sideSquared: sides[0]! };
}
