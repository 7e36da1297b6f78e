/** How many batches of a unit are made; and units made by themselves, for a pool, with what is cut for them. */
import type { Cut, UnitPlan } from './construct';
import { gatherCuts } from './cuts';
import type { LaidPatch } from './picture';
import type { SewingStyle } from './style';
import type { Recipe, UnitInBlock } from './units/unit-kind';

/** Makes two plans each other's mirror image. */
export function pairUp(plain: UnitPlan, mirrored: UnitPlan | undefined): void {
  if (!mirrored) return;
  plain.twin = mirrored;
  mirrored.twin = plain;
}

/** Units that are still to be sewn. */
const toSew = ({ make, given }: Pick<UnitPlan, 'make' | 'given'>) => make - given;

/** Recipe and batches of a unit, together with its mirror image where one batch makes both. */
export function planBatches(unit: UnitPlan, style: SewingStyle): void {
  const { twin } = unit;
  const recipeOf = (u: UnitPlan) => {
    const recipe = u.method.recipe({ unit: u.seen, style, make: toSew(u) || u.make, mirrored: u.twin ? toSew(u.twin) : 0 });
    // A template's mirror image is cut with the same paper, turned over.
    if (u.mirrored) for (const piece of recipe.pieces) if (piece.template) piece.reversed = true;
    return recipe;
  };
  unit.recipe = recipeOf(unit);
  const { yields, mirrored } = unit.recipe;
  unit.yields = yields;
  if (mirrored === undefined) {
    for (const u of twin ? [unit, twin] : [unit]) {
      u.recipe = u === unit ? unit.recipe : recipeOf(u);
      u.yields = u.recipe.yields;
      u.batches = Math.ceil(toSew(u) / u.yields);
      u.extra = u.batches * u.yields - toSew(u);
    }
    return;
  }
  unit.batches = Math.max(Math.ceil(toSew(unit) / yields), Math.ceil((twin ? toSew(twin) : 0) / mirrored));
  unit.extra = unit.batches * yields - toSew(unit);
  if (twin) {
    // Its batches are those of its twin: counted there, made here.
    Object.assign(twin, { recipe: { ...unit.recipe, pieces: [] }, yields: mirrored, batches: unit.batches });
    twin.extra = unit.batches * mirrored - toSew(twin);
  } else unit.extraMirrored = unit.batches * mirrored;
}

/** Units like one of a block's, of these fabrics. */
export interface WantedUnits {
  /** One of the block's, mirrored or not: what is wanted is counted as it lies unmirrored. */
  like: UnitPlan;
  /** The letter of a fabric for each letter of the block's unit. */
  roles: ReadonlyMap<string, string>;
  make: number;
  /** Mirror images besides. */
  mirrored: number;
  style: SewingStyle;
  /** What the units are called. */
  label: string;
}

/** Units that are made apart from any block. */
export interface UnitSet {
  /** For each entry that was wanted: its plan, and its mirror image where there are any besides. */
  made: { unit: UnitPlan; twin?: UnitPlan }[];
  units: UnitPlan[];
  cuts: Cut[];
}

/** Plans units by themselves; equal cuts of all of them are one row. */
export function constructUnits(wanted: readonly WantedUnits[], directional: ReadonlySet<string> = new Set()): UnitSet {
  const made = wanted.map(({ make, mirrored, ...want }) => {
    const { like, style } = want;
    const plain = { ...unitLike(want, make), mirrored: false };
    const twin = mirrored > 0 ? { ...unitLike(want, mirrored), mirrored: true } : undefined;
    // Mirror images alone, unless every batch makes both.
    if (twin && make === 0 && batchOf(like, style, mirrored).mirrored === undefined) {
      planBatches(twin, style);
      return { unit: twin };
    }
    pairUp(plain, twin);
    planBatches(plain, style);
    return { unit: plain, ...(twin && { twin }) };
  });
  const units = made.flatMap(({ unit, twin }) => [unit, ...(twin ? [twin] : [])]);
  const style = wanted[0]?.style;
  return { made, units, cuts: style ? gatherCuts(units, { style, directional, around: new Map() }) : [] };
}

/** How a unit is made where so many are wanted, and mirrored ones besides where a batch makes them anyway. */
export function batchOf({ method, seen }: UnitPlan, style: SewingStyle, make: number): Recipe {
  return method.recipe({ unit: seen, style, make, mirrored: 0 });
}

function unitLike({ like, roles, label }: Pick<WantedUnits, 'like' | 'roles' | 'label'>, make: number): UnitPlan {
  const recast = (role: string) => roles.get(role) ?? role;
  const patches = like.seen.picture.patches.map((p): LaidPatch => ({ ...p, role: recast(p.role) }));
  const seen: UnitInBlock = { ...like.seen, roles: like.roles.map(recast), picture: { ...like.seen.picture, patches } };
  const counts = { make, given: 0, pooled: false, perBlock: make, batches: 0, extra: 0, extraMirrored: 0 };
  return { ...like, ...counts, label, seen, roles: seen.roles, twin: undefined, places: [{ laid: patches, seen }] };
}
