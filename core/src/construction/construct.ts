/** How one block is cut and sewn: its units, its cuts, the seam tree and the pressing. */
import type { Block, Problem } from '../block';
import { Exact, formatLength, toRuler, type Rational } from '../measure';
import { pressingPlan, type Pressing } from './pressing';
import { ConstructionError, leaves, seamTree, type Leaf, type Tree } from './seam-tree';
import type { SewingStyle } from './style';
import { methodOf, unitKind } from './units';
import type { Method, Reason, Recipe, Seen, Sub, UnitKind } from './units/unit-kind';

export interface UnitPlan {
  label: string;
  kind: UnitKind;
  method: Method;
  roles: string[];
  w: Exact;
  h: Exact;
  /** Units needed for all blocks, and in one block. */
  make: number;
  perBlock: number;
  batches: number;
  recipe: Recipe;
  /** Finished units that come over. */
  extra: number;
}

export interface Cut {
  /** Letter of the role and a number: 'A1'. */
  label: string;
  role: string;
  /** Rounded up to the ruler; exact values in `why` and `exact`. */
  w: Rational;
  h: Rational;
  exact: readonly [Exact, Exact];
  qty: number;
  sub: Sub;
  for: string[];
  why: Reason;
}

export interface Construction {
  block: Block;
  make: number;
  style: SewingStyle;
  finished: readonly [Exact, Exact];
  unfinished: readonly [Exact, Exact];
  units: UnitPlan[];
  cuts: Cut[];
  tree: Tree;
  /** The unit that each leaf of the tree is one of. */
  unitOf: Map<Leaf, UnitPlan>;
  pressing: Pressing;
  warnings: Problem[];
}

export interface Order {
  /** Finished width and height of the block. */
  finished: readonly [Exact, Exact];
  make: number;
  style: SewingStyle;
  /** Roles that some colourway casts with a directional fabric. */
  directional?: ReadonlySet<string>;
}

/**
 * Plans a block that tiles. All `make` blocks are counted together, so that batches are shared.
 * Throws ConstructionError, with paths below the block, for what cannot be planned.
 */
export function construct(block: Block, order: Order): Construction {
  const { style, make, finished } = order;
  const directional = order.directional ?? new Set<string>();
  const cell = [finished[0].over(block.grid[0]), finished[1].over(block.grid[1])] as const;
  const tree = seamTree(block, cell, directional);

  const units = new Map<string, UnitPlan>();
  const unitOf = new Map<Leaf, UnitPlan>();
  for (const leaf of leaves(tree)) {
    const key = unitKey(leaf.seen);
    const unit = units.get(key) ?? planUnit(leaf.seen, style, leaf);
    unit.perBlock += 1;
    units.set(key, unit);
    unitOf.set(leaf, unit);
  }
  // Units that are sewn come first on a sheet, plain patches after them.
  const sorted = [...units.values()].sort((a, b) => Number(a.kind.kind === 'patch') - Number(b.kind.kind === 'patch'));
  sorted.forEach((unit, i) => {
    unit.label = `U${i + 1}`;
    unit.make = unit.perBlock * make;
    unit.batches = Math.ceil(unit.make / unit.recipe.yields);
    unit.extra = unit.batches * unit.recipe.yields - unit.make;
  });

  const twoSeams = Exact.of(style.seam).times(2);
  return {
    block,
    make,
    style,
    finished,
    unfinished: [finished[0].plus(twoSeams), finished[1].plus(twoSeams)],
    units: sorted,
    cuts: gatherCuts(sorted, style, directional),
    tree,
    unitOf,
    pressing: pressingPlan(tree),
    warnings: warningsOf(sorted, cell, style),
  };
}

function unitKey(seen: Seen): string {
  return [seen.kind, seen.mirrored, seen.w, seen.h, ...seen.roles].join(' ');
}

function planUnit(seen: Seen, style: SewingStyle, leaf: Leaf): UnitPlan {
  const kind = unitKind(seen.kind);
  const method = methodOf(kind, style.methods);
  if (!method) {
    const known = kind.methods.map((m) => m.name).join(', ');
    const message = `the method '${style.methods[seen.kind]}' for ${kind.plural} is not known yet; choose one of ${known}`;
    throw new ConstructionError([{ path: `/patches/${leaf.patches[0]}`, message }]);
  }
  const recipe = method.recipe(seen, style);
  const { roles, w, h } = seen;
  return { label: '', kind, method, roles, w, h, make: 0, perBlock: 0, batches: 0, recipe, extra: 0 };
}

/** Equal cuts of one role become one row; rows are numbered by role, largest first. */
function gatherCuts(units: UnitPlan[], style: SewingStyle, directional: ReadonlySet<string>): Cut[] {
  const rows = new Map<string, Cut>();
  for (const unit of units) {
    for (const piece of unit.recipe.pieces) {
      let [w, h] = [toRuler(piece.w, style.rounding), toRuler(piece.h, style.rounding)];
      let exact = [piece.w, piece.h] as const;
      // Without a direction the long side is named first; with one, w stays the extent along x.
      if (w.compare(h) < 0 && !directional.has(piece.role)) [w, h, exact] = [h, w, [piece.h, piece.w]];
      const key = [piece.role, w, h, piece.sub].join(' ');
      const row = rows.get(key) ?? {
        label: '',
        role: piece.role,
        w,
        h,
        exact,
        qty: 0,
        sub: piece.sub,
        for: [],
        why: piece.why,
      };
      row.qty += piece.qty * unit.batches;
      if (!row.for.includes(unit.label)) row.for.push(unit.label);
      rows.set(key, row);
    }
  }
  const cuts = [...rows.values()].sort(
    (a, b) => (a.role < b.role ? -1 : a.role > b.role ? 1 : 0) || b.w.mul(b.h).compare(a.w.mul(a.h)) || b.w.compare(a.w),
  );
  const count = new Map<string, number>();
  for (const cut of cuts) {
    count.set(cut.role, (count.get(cut.role) ?? 0) + 1);
    cut.label = `${cut.role}${count.get(cut.role)}`;
  }
  return cuts;
}

function warningsOf(units: UnitPlan[], cell: readonly [Exact, Exact], style: SewingStyle): Problem[] {
  const warnings: Problem[] = [];
  for (const unit of units.filter((u) => u.extra > 0)) {
    const { extra, kind, label } = unit;
    const noun = extra === 1 ? `${kind.title} comes` : `${kind.plural} come`;
    warnings.push({
      path: `/units/${label}`,
      message: `${extra} ${noun} over: ${label} is made ${unit.recipe.yields} at a time`,
    });
  }
  const coarse = cell.find((side) => !side.equals(side.ceilTo(style.rounding)));
  if (coarse) warnings.push({ path: '/grid', message: awkwardGrid(coarse, style) });
  return warnings;
}

/** Handbook 2, awkward grids: say so, and name the cell sizes nearby that a ruler shows. */
function awkwardGrid(cell: Exact, style: SewingStyle): string {
  const halves = cell.rational.mul(2);
  const friendly = [halves.floor(), halves.ceil()]
    .filter((n) => n.compare(0) > 0)
    .map((n) => formatLength(n.div(2), style.unit));
  const step = formatLength(style.rounding, style.unit);
  return `a grid cell finishes at ${formatLength(cell, style.unit)}, which no ruler shows, so its cuts are rounded up to the next ${step}; a cell of ${friendly.join(' or ')} would be easier`;
}
