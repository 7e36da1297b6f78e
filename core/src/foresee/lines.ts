/**
 * Where a part is measured, edge to edge through its middle, as a sum: the patches that the line goes through, and the seams that it crosses. A seam that takes d more than
 * it should moves what lies beyond it by d square to itself: by d·|n| along a line, n being the part of the seam's normal along the line.
 */
import type { Point } from '../block';
import { Exact } from '../measure';
import {
  insideOf,
  isLeaf,
  leaves,
  outermost,
  type Construction,
  type LaidPatch,
  type Leaf,
  type SewingStyle,
  type Tree,
  type UnitPlan,
} from '../construction';

/** A unit that is sewn from patches, at one of its places. */
export interface SewnUnit {
  plan: UnitPlan;
  /** Its patches, by number in the block. */
  patches: ReadonlySet<number>;
}

export interface Crossing {
  /** Which seam: the same for all lines that cross it. */
  seam: string;
  /** How much of what it takes shows along the line: 1 where it is crossed square. */
  share: number;
  /** It is sewn along a drawn or printed line. */
  drawn?: true;
}

/** What a line goes through within one unit, or between units. */
export interface Span {
  /** By number among the sewn units; undefined between them. */
  unit?: number;
  /** Patches by number, and how much of an error of their size shows. */
  patches: readonly { patch: number; share: number }[];
  crossings: readonly Crossing[];
}

export interface Line {
  way: 'across' | 'down';
  /** Unfinished, in the document's unit; `exact` is the same. */
  expected: number;
  exact: Exact;
  spans: readonly Span[];
}

export interface Sewn {
  units: readonly SewnUnit[];
  /** The two lines through the middle of some of the block's patches. */
  linesOf: (patches: ReadonlySet<number>) => Line[];
}

/** A block as it is sewn. */
export function sewnOf(c: Construction): Sewn {
  const laid = c.cloth.patches;
  const numbers = (part: readonly LaidPatch[]) => new Set(part.flatMap((p) => p.of));
  const units = leaves(c.tree)
    .filter((leaf) => !leaf.inside)
    .map((leaf): SewnUnit => ({ plan: c.unitOf.get(leaf)!, patches: numbers(leaf.laid) }));
  const unitAt = new Map(units.flatMap(({ patches }, i) => [...patches].map((p) => [p, i] as const)));
  const ways = new Map<number, string[]>();
  note(c.tree, 'block', (part) => numbers(part.laid));
  units.forEach(({ patches }, i) => {
    const own = laid.filter((p) => p.of.some((n) => patches.has(n)));
    if (own.length > 1) note(insideOf(own, c.cloth.tick), `unit ${i}`, (part) => numbers(part.laid));
  });
  const known = new Map<string, number | undefined>();
  const growths = (plan: UnitPlan, role: string) => {
    const key = `${plan.label} ${plan.name} ${role}`;
    if (!known.has(key)) known.set(key, growthOf(plan, role, c.style));
    return known.get(key);
  };
  return { units, linesOf };

  /** Notes by which branches, and which part of each, every patch is reached. */
  function note(tree: Tree, name: string, of: (part: Tree) => ReadonlySet<number>): void {
    if (isLeaf(tree)) {
      if (tree.inside && !name.startsWith('unit')) note(tree.inside, `${name} in`, of);
      return;
    }
    tree.parts.forEach((part, i) => {
      for (const patch of of(part)) ways.set(patch, [...(ways.get(patch) ?? []), `${name}#${i}`]);
      note(part, `${name}.${i}`, of);
    });
  }

  /** The seam between two patches: of the branch where their ways part. */
  function seamBetween(a: number, b: number): string {
    const [one, other] = [ways.get(a) ?? [], ways.get(b) ?? []];
    const at = one.findIndex((step, i) => step !== other[i]);
    const [branch, part] = (one[at] ?? `between#${a}`).split('#');
    const beside = (other[at] ?? `between#${b}`).split('#')[1];
    return `${branch} ${[part, beside].sort().join()}`;
  }

  function linesOf(patches: ReadonlySet<number>): Line[] {
    const own = laid.flatMap((p) => {
      const number = p.of.find((n) => patches.has(n));
      if (number === undefined) return [];
      const { plan } = units[unitAt.get(number)!]!;
      const quarter =
        plan.kind.kind === 'qst' ||
        c.cuts.some((cut) => cut.sub === 'twice' && cut.role === p.role && cut.serves.includes(plan));
      const growth = p.points.length === 3 ? growths(plan, p.role) : undefined;
      const shown = growth ? (cutSide(p.points, 0, quarter) * c.cloth.tick.toNumber()) / growth : 1;
      return [{ number, points: p.points, quarter, shown }];
    });
    const seams = Exact.of(c.style.seam).times(2);
    return ([0, 1] as const).map((axis): Line => {
      const runs = bestRuns(own, axis);
      const spans: { unit?: number; patches: Span['patches'][number][]; crossings: Crossing[] }[] = [];
      runs.forEach((run, i) => {
        const unit = unitAt.get(run.patch)!;
        const before = runs[i - 1];
        const crossing = before && { seam: seamBetween(before.patch, run.patch), share: run.normal };
        const last = spans.at(-1);
        if (last?.unit === unit && before) {
          last.crossings.push({ ...crossing!, ...(units[unit]!.plan.recipe.onLine && { drawn: true }) });
          last.patches.push({ patch: run.patch, share: run.share });
          return;
        }
        if (crossing) spans.push({ patches: [], crossings: [crossing] });
        spans.push({ unit, patches: [{ patch: run.patch, share: run.share }], crossings: [] });
      });
      const ends = own.flatMap(({ points }) => points.map((p) => p[axis]));
      const exact = c.cloth.tick.times(Math.max(...ends) - Math.min(...ends)).plus(seams);
      return { way: axis === 0 ? 'across' : 'down', expected: exact.toNumber(), exact, spans };
    });
  }
}

/**
 * How much longer a unit's cut of a fabric gets when the unit is made twice as large, in the document's unit. Where it grows twice as fast as the triangles that come of it
 * (cut apart into two by two), they show half of its error. Undefined where rulers, dies or printed lines give the size.
 */
function growthOf({ method, recipe, twin, seen, make }: UnitPlan, role: string, style: SewingStyle): number | undefined {
  const own = recipe.pieces.length > 0 ? recipe : (twin?.recipe ?? recipe);
  const at = own.pieces.findIndex((piece) => piece.role === role && !piece.template);
  if (own.toSize || at < 0) return undefined;
  const twice = { ...seen, w: seen.w.times(2), h: seen.h.times(2), tick: seen.tick.times(2) };
  const larger = method.recipe({ unit: twice, style, make, mirrored: 0 }).pieces[at];
  return larger && larger.w.minus(own.pieces[at]!.w).toNumber();
}

interface CutPatch {
  number: number;
  points: readonly Point[];
  /** A triangle that is a quarter of its square: its long side is the square's. */
  quarter: boolean;
  /** How much of an error of the cut its triangles show: half, where the cut is cut into two by two. */
  shown: number;
}

/**
 * The side of the cut that a patch comes from, as long as it is in the finished patch: an error of the cut shows along the line as the line's way through the patch shows of that
 * side. A rectangle's own side; of a triangle, or a square on its corner, the side that was cut.
 */
function cutSide(points: readonly Point[], axis: 0 | 1, quarter: boolean): number {
  const edges = points.map((p, i) => {
    const q = points[(i + 1) % points.length]!;
    return { long: Math.hypot(q[0] - p[0], q[1] - p[1]), straight: p[0] === q[0] || p[1] === q[1] };
  });
  if (points.length === 3)
    return quarter ? Math.max(...edges.map((e) => e.long)) : edges.map((e) => e.long).sort((a, b) => a - b)[1]!;
  if (edges.every((e) => !e.straight)) return Math.max(...edges.map((e) => e.long));
  const sides = points.map((p) => p[axis]);
  return Math.max(...sides) - Math.min(...sides);
}

interface Run {
  patch: number;
  from: number;
  to: number;
  /** How much of an error of the patch's size shows along the line. */
  share: number;
  /** Of the edge at which it begins: the part of its normal along the line. */
  normal: number;
}

/** A little beside the middle, so that no line runs along a seam or through a point: on the side with more seams. */
const BESIDE = 0.013;

function bestRuns(own: readonly CutPatch[], axis: 0 | 1): Run[] {
  const other = (1 - axis) as 0 | 1;
  const ends = own.flatMap(({ points }) => points.map((p) => p[other]));
  const [from, to] = [Math.min(...ends), Math.max(...ends)];
  const [one, two] = [-1, 1].map((side) => runsAt(own, axis, (from + to) / 2 + side * BESIDE * (to - from)));
  return two!.length > one!.length ? two! : one!;
}

function runsAt(own: readonly CutPatch[], axis: 0 | 1, at: number): Run[] {
  const other = (1 - axis) as 0 | 1;
  return own
    .flatMap(({ number, points, quarter, shown }) => {
      const hits = points.flatMap((p, i) => {
        const q = points[(i + 1) % points.length]!;
        if (p[other] > at === q[other] > at) return [];
        const on = (at - p[other]) / (q[other] - p[other]);
        const [along, across] = [q[axis] - p[axis], q[other] - p[other]];
        return [{ at: p[axis] + on * along, normal: Math.abs(across) / Math.hypot(along, across) }];
      });
      hits.sort((a, b) => a.at - b.at);
      const side = cutSide(points, axis, quarter);
      return hits.flatMap((hit, i): Run[] => {
        const end = hits[i + 1];
        return i % 2 === 1 || !end
          ? []
          : [{ patch: number, from: hit.at, to: end.at, normal: hit.normal, share: ((end.at - hit.at) / side) * shown }];
      });
    })
    .sort((a, b) => a.from - b.from);
}

/** Patches of a leaf or branch, by number in the block. */
export const patchesOf = (part: Tree): ReadonlySet<number> =>
  new Set((isLeaf(part) ? part.laid : outermost(part).flatMap((leaf: Leaf) => [...leaf.laid])).flatMap((p) => p.of));
