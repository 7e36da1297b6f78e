/** What a way of making a block costs, to hold two ways against each other (docs/craft.md, Same picture, other units). */
import type { Construction, UnitPlan } from './construct';
import { isLeaf, type Tree } from './seam-tree';
import { PER_SQUARE } from './units/unit-kind';

export interface Effort {
  seams: number;
  /** Pieces cut, and squares and corners cut through. */
  cuts: number;
  trims: number;
  /** Fabric in square units of the document, as cut. */
  fabric: number;
  /** Edges that are bias while they are sewn. */
  bias: number;
  /** Crossings where seams must meet. */
  points: number;
  minutes: number;
}

/**
 * Minutes for one of each, by hand at a steady pace: a start until a log of one's own takes their place. A seam is laid, sewn, set and pressed. A
 * round of a batch is what hands do beside the seams of a unit: pair, mark, cut apart, open. Eight hourglasses take two rounds each.
 */
const MINUTES = { seam: 1, cut: 0.35, trim: 0.6, bias: 0.15, point: 0.4, round: 0.6 };

/** What is made: blocks, or for a pool its units alone. */
export type Work = Pick<Construction, 'units' | 'cuts'> & Partial<Pick<Construction, 'loose' | 'make' | 'tree' | 'pressing'>>;

/** The effort of all blocks of a construction, or of a pool's units. */
export function effortOf(c: Work): Effort {
  const { make = 0 } = c;
  const units = [...c.units, ...(c.loose ?? [])];
  // What is there already is not sewn again.
  const sum = (of: (u: UnitPlan) => number) => units.reduce((n, u) => n + of(u) * (u.make - u.given), 0);
  const sewn = sum(({ recipe, seen }) => recipe.seams ?? seen.picture.patches.length - 1);
  const inside = units.reduce((n, u) => n + (u.make - u.given) * joins(u.places[0]!.inside), 0);
  const seams = sewn + inside + make * joins(c.tree);
  const cuts = c.cuts.reduce((n, cut) => n + cut.qty * (1 + Math.log2(PER_SQUARE[cut.sub])), 0);
  const trims = sum((u) => u.recipe.trims ?? 0);
  const bias = sum((u) => u.recipe.bias ?? 0);
  // Squares sewn face to face and cut apart double the patches of a unit with every round.
  const rounds = sum(({ recipe, seen, yields }) =>
    yields > 1 && recipe.pieces.some((p) => p.sub === 'none') ? Math.ceil(Math.log2(seen.picture.patches.length)) : 0,
  );
  const points = (c.pressing?.crossings ?? 0) * make;
  const fabric = c.cuts.reduce((n, cut) => n + cut.qty * cut.w.mul(cut.h).valueOf(), 0);
  const minutes =
    seams * MINUTES.seam +
    cuts * MINUTES.cut +
    trims * MINUTES.trim +
    bias * MINUTES.bias +
    points * MINUTES.point +
    rounds * MINUTES.round;
  return { seams, cuts, trims, fabric, bias, points, minutes };
}

/** Steps in which a participant makes a month's blocks, and may be behind. */
export interface StepMinutes {
  cut: number;
  units: number;
  /** Joining the units into blocks. */
  block: number;
}

/** The minutes of an effort, step by step. */
export function stepMinutes(c: Work): StepMinutes {
  const { cuts, points, minutes } = effortOf(c);
  const cut = cuts * MINUTES.cut;
  const block = (c.make ?? 0) * joins(c.tree) * MINUTES.seam + points * MINUTES.point;
  return { cut, block, units: Math.max(0, minutes - cut - block) };
}

function joins(tree: Tree | undefined): number {
  if (!tree || isLeaf(tree)) return 0;
  return tree.parts.length - 1 + tree.parts.reduce((n, part) => n + joins(part), 0);
}
