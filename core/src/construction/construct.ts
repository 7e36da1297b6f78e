/** How one block is cut and sewn: its units, its cuts, the seam tree and the pressing. */
import type { Block, Problem } from '../block';
import { Exact, type Rational } from '../measure';
import { awkwardGrid } from './awkward';
import { pairUp, planBatches } from './batches';
import { gatherCuts } from './cuts';
import { pictureText, type TruePatches } from './picture';
import { pressingPlan, type Pressing } from './pressing';
import { leaves, seamTree, type Leaf, type Tree } from './seam-tree';
import type { SewingStyle } from './style';
import { unitLook } from './unit-look';
import { unitName } from './unit-name';
import { isBlockPart } from './units/block-part';
import { chooseMethod, unitKind, type Choice } from './units';
import {
  lieToMake,
  liesOnPoint,
  type Method,
  type Reason,
  type Recipe,
  type UnitInBlock,
  type Sub,
  type Template,
  type UnitKind,
} from './units/unit-kind';
import { words } from './words';

export interface UnitPlan {
  /** 'U1'; '' for loose triangles, which have a cut and no name. */
  label: string;
  /** Its name for choices that outlive sizes and methods: 'hst:A+B@1x1'. */
  name: string;
  kind: UnitKind;
  method: Method;
  refused?: Choice['refused'];
  /** How its first place in the block looks. */
  seen: UnitInBlock;
  roles: readonly string[];
  w: Exact;
  h: Exact;
  mirrored: boolean;
  /** The same unit seen in a mirror, where the block has both. */
  twin?: UnitPlan;
  /** Its places in one block. */
  places: Leaf[];
  /** Units needed for all blocks, and in one block. */
  make: number;
  /** Those among them that are there already: left over from another block, or out of a pool. */
  given: number;
  /** Taken from a pool of units, which is made apart from the block. */
  pooled: boolean;
  perBlock: number;
  batches: number;
  recipe: Recipe;
  /** Finished units of one batch that are this unit, not its mirror image. */
  yields: number;
  /** Finished units that come over, and mirrored ones that nobody asked for. */
  extra: number;
  extraMirrored: number;
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
  /** Pieces that come over, where a square gives more triangles than are needed. */
  over: number;
  for: string[];
  /** The units, loose triangles among them, that it serves. */
  serves: UnitPlan[];
  why: Reason;
  template?: Template;
  reversed?: boolean;
}

export interface Construction {
  block: Block;
  /** What was asked for, to ask again with another method. */
  order: ConstructionRequest;
  make: number;
  style: SewingStyle;
  finished: readonly [Exact, Exact];
  unfinished: readonly [Exact, Exact];
  cloth: TruePatches;
  /** Units with a name, those that are sewn first. */
  units: UnitPlan[];
  /** Loose triangles that are sewn into larger parts. */
  loose: UnitPlan[];
  cuts: Cut[];
  tree: Tree;
  /** The unit that each leaf of the tree is one of. */
  unitOf: Map<Leaf, UnitPlan>;
  pressing: Pressing;
  warnings: Problem[];
}

export interface ConstructionRequest {
  /** Finished width and height of the block. */
  finished: readonly [Exact, Exact];
  make: number;
  style: SewingStyle;
  /** Roles that some colourway casts with a directional fabric. */
  directional?: ReadonlySet<string>;
  /** How dark the fabrics of each role are: lightness from 0 to 100. */
  lightness?: ReadonlyMap<string, number>;
  /** Units that are there already, left over from another block, by their `unitLook`. */
  given?: ReadonlyMap<string, number>;
  /** Roles whose units, and plain patches, come out of a pool. */
  pooled?: ReadonlySet<string>;
  /** Units that have a name already, of blocks before it on the same sheet: its own are numbered on from them. */
  named?: number;
}

/** Plans a block that tiles. All `make` blocks are counted together, so that batches are shared. */
export function construct(block: Block, order: ConstructionRequest): Construction {
  const { style, make, finished } = order;
  const directional = order.directional ?? new Set<string>();
  const cell = [finished[0].over(block.grid[0]), finished[1].over(block.grid[1])] as const;
  const { cloth, tree } = seamTree(block, cell, style);

  const plans = new Map<string, UnitPlan>();
  const unitOf = new Map<Leaf, UnitPlan>();
  for (const leaf of leaves(tree)) {
    const key = unitKey(leaf.seen, directional);
    const plan = plans.get(key) ?? newPlan(leaf.seen, cloth, style);
    plan.perBlock += 1;
    plan.make += make;
    plan.places.push(leaf);
    plans.set(key, plan);
    unitOf.set(leaf, plan);
  }
  for (const plan of plans.values()) {
    // A unit that is sewn from others is sewn with the block; what it is sewn from may come out of a pool.
    plan.pooled = !plan.places[0]!.inside && plan.roles.some((role) => order.pooled?.has(role));
    plan.given = plan.pooled ? plan.make : Math.min(plan.make, order.given?.get(unitLook(plan)) ?? 0);
  }
  for (const [key, plan] of plans) if (!plan.mirrored) pairUp(plan, plans.get(`mirrored ${key}`));
  for (const plan of plans.values()) if (!plan.twin || !plan.mirrored) planBatches(plan, style);

  const all = [...plans.values()];
  const units = all.filter((u) => u.kind.kind !== 'triangle').sort((a, b) => orderOfWork(a) - orderOfWork(b));
  const named = order.named ?? 0;
  units.forEach((unit, i) => void (unit.label = `U${named + i + 1}`));
  const twoSeams = Exact.of(style.seam).times(2);
  return {
    block,
    order,
    make,
    style,
    finished,
    unfinished: [finished[0].plus(twoSeams), finished[1].plus(twoSeams)],
    cloth,
    units,
    loose: all.filter((u) => u.kind.kind === 'triangle'),
    cuts: gatherCuts([...units, ...all.filter((u) => u.label === '')], { style, directional, around: around(tree, unitOf) }),
    tree,
    unitOf,
    pressing: pressingPlan(tree, unitOf, { tick: cloth.tick, lightness: order.lightness, house: style.pressing }),
    warnings: [...leftOver(units), ...refusals(units), ...awkwardGrid(block, finished, style)],
  };
}

function unitKey(seen: UnitInBlock, directional: ReadonlySet<string>): string {
  const { kind, w, h, picture } = seen;
  const { mirrored, eighths } = lieToMake(seen);
  // The grain of a loose piece depends on how it lies; so does what a directional print asks of an oblong piece.
  const grain = (kind === 'triangle' || kind === 'template') && liesOnPoint(seen);
  const upright = picture.patches.some((p) => directional.has(p.role));
  // What is sewn from several pieces of such a print cannot be turned into another place.
  const lies = !upright ? 0 : isBlockPart(kind) ? eighths : w.equals(h) ? 0 : eighths % 4;
  return `${mirrored ? 'mirrored ' : ''}${kind} ${grain} ${lies} ${w} ${h} ${pictureText(picture)}`;
}

function newPlan(seen: UnitInBlock, { tick }: TruePatches, style: SewingStyle): UnitPlan {
  const name = unitName(seen, tick);
  const { method, refused } = chooseMethod(seen, name, style);
  const { roles, w, h } = seen;
  const { mirrored } = lieToMake(seen);
  const recipe: Recipe = { yields: 1, pieces: [], steps: [], look: [], tools: [] };
  const counts = { make: 0, given: 0, pooled: false, perBlock: 0, batches: 0, yields: 1, extra: 0, extraMirrored: 0 };
  return {
    label: '',
    name,
    kind: unitKind(seen.kind),
    method,
    refused,
    seen,
    roles,
    w,
    h,
    mirrored,
    places: [],
    recipe,
    ...counts,
  };
}

/** Units that are sewn from patches, then those sewn from units, small ones first; plain pieces last. */
function orderOfWork({ places, recipe }: UnitPlan): number {
  if (places[0]!.inside) return 1000 + places[0]!.laid.length;
  return recipe.steps.length > 0 ? 0 : 100_000;
}

/** The unit around each leaf that lies inside one. */
function around(tree: Tree, unitOf: Map<Leaf, UnitPlan>): Map<UnitPlan, Set<UnitPlan>> {
  const found = new Map<UnitPlan, Set<UnitPlan>>();
  visit(tree, undefined);
  return found;

  function visit(node: Tree, outer: UnitPlan | undefined): void {
    if (!('seen' in node)) return node.parts.forEach((part) => visit(part, outer));
    const unit = unitOf.get(node)!;
    if (outer) found.set(unit, (found.get(unit) ?? new Set()).add(outer));
    if (node.inside) visit(node.inside, unit);
  }
}

function leftOver(units: UnitPlan[]): Problem[] {
  return units.flatMap(({ label, kind, recipe, extra, extraMirrored, yields }) => {
    const said = (n: number, which: string) =>
      words.overIsMadeAtATime(
        n,
        which,
        n === 1 ? words.comes(kind.title) : words.come(kind.plural),
        label,
        yields + (recipe.mirrored ?? 0),
      );
    const path = `/units/${label}`;
    return [
      ...(extra > 0 ? [{ path, message: said(extra, '') }] : []),
      ...(extraMirrored > 0 ? [{ path, message: said(extraMirrored, 'mirrored ') }] : []),
    ];
  });
}

function refusals(units: UnitPlan[]): Problem[] {
  return units.flatMap(({ label, kind, method, refused }) =>
    refused
      ? [
          {
            path: `/units/${label}`,
            message: words.cannotBeMadeAsItIs(label, kind.plural, refused.name, refused.reason, method.title),
          },
        ]
      : [],
  );
}
