/** Every seam of a block as a line on its finished face: those between parts, and those inside the units at each of their places. */
import type { Point } from '../../block';
import type { Exact } from '../../measure';
import { balance, extent, laidDirection, type LaidPatch } from '../picture';
import { heading, joinLines } from '../odd-seams';
import { insideOf, isLeaf, type Branch, type Leaf, type Tree } from '../seam-tree';
import type { UnitPlan } from '../construct';

export interface Seam {
  /** Ends in ticks of the block. */
  from: Point;
  to: Point;
  /** Points to the part that was laid after: right or down, for a seam of a branch that is not turned. */
  after: Point;
  /** The same as the branch's own part is laid straight: of a unit that lies turned, not as it lies in the block. */
  ahead: Point;
  /** Its ends as the branch is laid straight. */
  straight: { from: Point; to: Point };
  /** The branch and the place in it, for seams between parts. */
  branch: Branch;
  index: number;
  /** The unit whose seam it is, and which place of the unit. */
  unit?: UnitPlan;
  place?: Leaf;
  /** Seams of like units share this: they are best pressed alike. */
  group?: string;
  /** Above 0 where the allowance is better on the part after: seams lie best on plain parts, and outwards in some units. */
  plainer: number;
  /** Fabrics before and after, where each is a single patch. */
  before?: string;
  beyond?: string;
  /** Whether it bends around a corner. */
  odd: boolean;
  /** How deep in the tree it lies: 0 is sewn last. */
  depth: number;
}

interface Lay {
  point(p: Point): Point;
  vector(v: Point): Point;
}

const AS_DRAWN: Lay = { point: (p) => p, vector: (v) => v };

export interface Within {
  unit?: UnitPlan;
  place?: Leaf;
}

/** All seams of a tree, long ones before the short ones that they cross. */
export function allSeams(tree: Tree, unitOf: ReadonlyMap<Leaf, UnitPlan>, tick: Exact): Seam[] {
  const inner = new Map<UnitPlan, Tree>();
  const seams: Seam[] = [];
  visit(tree, AS_DRAWN, 0, {});
  return seams;

  function visit(node: Tree, lay: Lay, depth: number, within: Within): void {
    if (!isLeaf(node)) {
      seams.push(...ownSeams(node, lay, depth, within));
      for (const part of node.parts) visit(part, lay, depth + 1, within);
      return;
    }
    const unit = unitOf.get(node);
    if (!unit || node.laid.length === 1) return;
    const laid = placing(node, lay);
    if (node.inside) return visit(node.inside, laid, depth, { unit, place: within.place ?? node });
    const pair = unit.twin && unit.mirrored ? unit.twin : unit;
    let bare = inner.get(pair);
    if (!bare) inner.set(pair, (bare = insideOf(pair.seen.picture.patches, tick)));
    within = { unit, place: node };
    visitBare(bare, laid, depth, within);
  }

  /** The seams of a unit down to its patches. */
  function visitBare(node: Tree, lay: Lay, depth: number, within: Within): void {
    if (isLeaf(node)) return;
    seams.push(...ownSeams(node, lay, depth, within));
    for (const part of node.parts) visitBare(part, lay, depth + 1, within);
  }
}

/** How a straightened unit comes to lie where the leaf is. */
function placing({ laid, seen }: Leaf, outer: Lay): Lay {
  const onPoint = seen.eighths % 2 === 1;
  const turn = (p: Point): Point => {
    const [x, y] = laidDirection(p, seen);
    // An eighth of a turn there and back stretches by √2 each time.
    return onPoint ? [x / 2, y / 2] : [x, y];
  };
  const [x, y] = extent(laid);
  const [tx, ty] = extent(seen.picture.patches.map((p) => ({ points: p.points.map(turn) })));
  return {
    point: (p) => {
      const [px, py] = turn(p);
      return outer.point([px - tx + x, py - ty + y]);
    },
    vector: (v) => outer.vector(turn(v)),
  };
}

function ownSeams(branch: Branch, lay: Lay, depth: number, { unit, place }: Within): Seam[] {
  const odd = branch.seam === 'partial' || branch.seam === 'set-in' ? oddLines(branch) : undefined;
  return branch.parts.slice(1).flatMap((part, index) => {
    const former = branch.parts[index]!;
    const lines = odd ? odd[index]! : [chord(former.laid, part.laid, branch.seam)];
    return lines.map(({ from, to }): Seam => {
      const [dx, dy] = heading(to[0] - from[0], to[1] - from[1]);
      const middle = balance(part.laid);
      // The normal that points to the part that was added.
      const side = (middle[0] - from[0]) * -dy + (middle[1] - from[1]) * dx > 0 ? 1 : -1;
      const single = (node: Tree) => (node.laid.length === 1 ? node.laid[0]!.role : undefined);
      return {
        from: lay.point(from),
        to: lay.point(to),
        after: lay.vector([-dy * side, dx * side]),
        ahead: [-dy * side, dx * side],
        straight: { from, to },
        branch,
        index,
        unit,
        place,
        group: unit && `${unit.twin && unit.mirrored ? unit.twin.name : unit.name} ${from.join()} ${to.join()}`,
        plainer: unit?.kind.outward
          ? outwards(unit, from, to, [-dy * side, dx * side])
          : bulkAt(former, from, to) - bulkAt(part, from, to),
        before: single(former),
        beyond: single(part),
        odd: branch.seam === 'set-in' && lines.length > 1,
        depth,
      };
    });
  });
}

/** The lines on which each part is sewn to those before it; a partial seam's later end is counted to the seam that it finishes. */
function oddLines(branch: Branch): { from: Point; to: Point }[][] {
  const joins = joinLines(branch.parts.map((p) => p.laid));
  const begun = joins[0]?.[0];
  if (branch.seam !== 'partial' || !begun) return joins;
  const along = (line: { from: Point; to: Point }) =>
    [line.from, line.to].every(
      (p) => (begun.to[0] - begun.from[0]) * (p[1] - begun.from[1]) === (begun.to[1] - begun.from[1]) * (p[0] - begun.from[0]),
    );
  const t = (p: Point) => p[0] * (begun.to[0] - begun.from[0]) + p[1] * (begun.to[1] - begun.from[1]);
  const ends = joins.flatMap((lines) => lines.filter(along)).flatMap((line) => [line.from, line.to]);
  ends.sort((p, q) => t(p) - t(q));
  return [[{ from: ends[0]!, to: ends.at(-1)! }], ...joins.slice(1).map((lines) => lines.filter((line) => !along(line)))];
}

/** The one straight seam between two convex parts: along the corners of the first that lie nearest to the second. */
function chord(before: readonly LaidPatch[], after: readonly LaidPatch[], seam: Branch['seam']): { from: Point; to: Point } {
  if (seam !== 'h' && seam !== 'v') return joinLines([before, after])[0]![0]!;
  const [across, along] = seam === 'h' ? ([1, 0] as const) : ([0, 1] as const);
  const [a, b] = [extent(before), extent(after)];
  const at = a[across] + a[(across + 2) as 2 | 3];
  const [near, far] = [
    Math.max(a[along], b[along]),
    Math.min(a[along] + a[(along + 2) as 2 | 3], b[along] + b[(along + 2) as 2 | 3]),
  ];
  // Convex parts may be wider elsewhere than where they meet.
  const onLine = [...before, ...after]
    .flatMap((p) => p.points)
    .filter((p) => p[across] === at)
    .map((p) => p[along]);
  const [from, to] = [Math.max(near, Math.min(...onLine)), Math.min(far, Math.max(...onLine))];
  return seam === 'h' ? { from: [from, at], to: [to, at] } : { from: [at, from], to: [at, to] };
}

/** 1 when the way leads away from the middle of the unit, −1 when it leads to it; all in the unit's straightened picture. */
function outwards({ seen }: UnitPlan, from: Point, to: Point, way: Point): number {
  const { w, h } = seen.picture;
  const away = [(from[0] + to[0] - w) / 2, (from[1] + to[1] - h) / 2] as const;
  return Math.sign(away[0] * way[0] + away[1] * way[1]);
}

/** Seams inside a part that reach the joint, those of its units counted: what lies away from it adds no layers there. */
function bulkAt({ laid }: Tree, from: Point, to: Point): number {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const reaches = ([x, y]: Point) => {
    const along = (x - from[0]) * dx + (y - from[1]) * dy;
    return (x - from[0]) * dy === (y - from[1]) * dx && along >= 0 && along <= dx * dx + dy * dy;
  };
  return Math.max(0, laid.filter(({ points }) => points.some(reaches)).length - 1);
}
