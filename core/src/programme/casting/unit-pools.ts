/**
 * Pools of units (docs/craft.md, Scrappy fabrics): which units of a scrappy colourway are made together in batches, of which fabrics, and which blocks take them. Units are
 * told apart by the picture that they show, so one pool serves blocks of several months.
 */
import {
  batchOf,
  constructUnits,
  isHanded,
  lieInBlock,
  liesOnPoint,
  unitLook,
  type Construction,
  type Cut,
  type UnitPlan,
  type UnitSet,
  type WantedUnits,
} from '../../construction';
import { spread } from '../../fabric';
import { constructWith } from '../demand/constructing';
import { directionalIn } from '../document/directional';
import type { Colourway, Fabric, Month, MonthBlock, PoolScope, Programme } from '../document/document';
import { poolLetter } from '../document/letters';

/** One side of a unit: a scrappy letter, or all letters of a value. */
interface Side {
  name: string;
  fabrics: Fabric[];
}

/** Where a unit out of a pool lies: in a copy of a block, on these patches, each showing one of the unit's sides. */
export interface UnitSpot<C = unknown> {
  copy: C;
  sides: ReadonlyMap<number, number>;
  mirrored: boolean;
}

/** Units that are made alike but for their fabrics, before it is settled which. */
export interface UnitGroup<C = unknown> {
  scope: PoolScope;
  like: UnitPlan;
  /** The first block that takes it. */
  entry: MonthBlock;
  sides: Side[];
  /** The side of each scrappy letter of `like`. */
  sideOf: ReadonlyMap<string, number>;
  spots: UnitSpot<C>[];
  /** Names of the units that take from it; see `unitPlace`. */
  places: Set<string>;
  /** The months that take from it, in their order. */
  months: Month[];
  /** At most so many alike; Infinity where nobody says. */
  alike: number;
}

/** Units of one pool that are of the same fabrics. */
export interface PoolKind {
  group: UnitGroup;
  /** By side. */
  fabrics: Fabric[];
  mirrored: boolean;
  /** Units that its batches make, as planned. */
  planned: number;
}

export interface PoolOfUnits {
  /** 'P1': numbered through the programme. */
  name: string;
  scope: PoolScope;
  /** The month that cuts and begins it, and all that take from it. */
  month: Month;
  months: Month[];
  /** The unit as it is drawn, with the letters of the design, and the first block that takes it. */
  like: UnitPlan;
  entry: MonthBlock;
  /** What is made of each pairing of fabrics: the letter of a fabric for each scrappy letter of `like`; a twin is its mirror image. */
  kinds: { roles: ReadonlyMap<string, string>; unit: UnitPlan; twin?: UnitPlan }[];
  /** Scrappy letters of the drawn unit, and their fabrics, in the order of the pool. */
  letters: { role: string; fabrics: Fabric[] }[];
  /** Units that the blocks take, month by month. */
  taken: ReadonlyMap<Month, number>;
  /** What the batches make, mirrored ones too. */
  made: number;
  places: ReadonlySet<string>;
}

/** What a month makes for pools: cut together, so that equal cuts are one row. */
export interface PoolMaking extends UnitSet {
  pools: PoolOfUnits[];
}

/** A block's unit by what tells it apart from others of the same pool's: which entry, and how it looks and lies. */
export const unitPlace = (entry: Pick<MonthBlock, 'path'>, unit: UnitPlan, colourway: Colourway): string =>
  `${entry.path} ${unitLook(unit, false)} ${layOf(unit, colourway)}`;

/** What is left of a unit's lie where it matters for the cut: the grain of loose pieces, and the way up of a directional print. */
function layOf({ kind, seen, w, h }: UnitPlan, colourway: Colourway): string {
  const loose = kind.kind === 'triangle' || kind.kind === 'template';
  const upright = !w.equals(h) && seen.roles.some((role) => directionalIn(colourway).has(role));
  return `${loose && liesOnPoint(seen)} ${upright ? lieInBlock(seen).eighths % 4 : ''}`;
}

/** A copy of a block as far as pools need to know it. */
interface CopyOf {
  entry: MonthBlock;
  mirrored: boolean;
}

/** The patches of each unit that comes out of a pool, in one block: units of which every scrappy letter is made so. */
export function pooledUnits(
  programme: Programme,
  colourway: Colourway,
  entry: MonthBlock,
): { unit: UnitPlan; patches: Map<number, string> }[] {
  const { units, loose } = constructWith(programme, entry, colourway);
  const inPool = (role: string) => !colourway.pools.has(role) || colourway.pools.get(role)!.units !== undefined;
  return [...units, ...loose].flatMap((unit) =>
    unit.pooled && unit.roles.every(inPool)
      ? unit.places.map(({ laid }) => ({ unit, patches: new Map(laid.flatMap(({ of, role }) => of.map((i) => [i, role]))) }))
      : [],
  );
}

/** The units of all copies of blocks by pool; a unit of which `named` says yes to a patch is left out. */
export function unitGroups<C extends CopyOf>(
  programme: Programme,
  colourway: Colourway,
  copies: readonly C[],
  named: (copy: C, patch: number) => boolean,
): UnitGroup<C>[] {
  const groups = new Map<string, UnitGroup<C>>();
  if ([...colourway.pools.values()].every((p) => !p.units)) return [];
  const units = new Map<MonthBlock, ReturnType<typeof pooledUnits>>();
  const monthOf = new Map(programme.months.flatMap((m) => m.blocks.map((entry) => [entry, m] as const)));
  for (const copy of copies) {
    const { entry } = copy;
    const month = monthOf.get(entry)!;
    if (!units.has(entry)) units.set(entry, pooledUnits(programme, colourway, entry));
    for (const { unit, patches } of units.get(entry)!) {
      if ([...patches.keys()].some((patch) => named(copy, patch))) continue;
      const { sides, sideOf, alike, scope } = sidesOf(unit, colourway);
      const mirrored = isHanded(unit.seen.picture) && unit.mirrored !== copy.mirrored;
      const both = batchOf(unit, entry.style, 1).mirrored !== undefined;
      const look = unitLook(
        withLetters(unit, (role) => sides[sideOf.get(role) ?? -1]?.name ?? role),
        mirrored && !both,
      );
      const where = { programme: '', packet: packetIndex(programme, month), block: entry.path }[scope];
      const key = `${scope} ${where} ${look} ${layOf(unit, colourway)}`;
      const group: UnitGroup<C> = groups.get(key) ?? {
        ...{ scope, like: unit, entry, sides, sideOf, alike },
        ...{ spots: [], places: new Set(), months: [] },
      };
      groups.set(key, group);
      group.alike = Math.min(group.alike, alike);
      group.places.add(unitPlace(entry, unit, colourway));
      if (!group.months.includes(month)) group.months.push(month);
      const faces = [...patches].flatMap(([patch, role]) => (sideOf.has(role) ? [[patch, sideOf.get(role)!] as const] : []));
      group.spots.push({ copy, sides: new Map(faces), mirrored });
    }
  }
  return [...groups.values()];
}

const packetIndex = ({ kits }: Programme, month: Month) => kits.packets.findIndex((months) => months.includes(month));

const withLetters = (unit: UnitPlan, letter: (role: string) => string): UnitPlan => {
  const patches = unit.seen.picture.patches.map((p) => ({ ...p, role: letter(p.role) }));
  return { ...unit, seen: { ...unit.seen, picture: { ...unit.seen.picture, patches } } };
};

/** The scrappy sides of a unit, in an order that units of other letters but the same values share. */
function sidesOf(unit: UnitPlan, { pools, fabrics }: Colourway) {
  const letters = [...new Set(unit.roles)].filter((role) => pools.has(role));
  const values = letters.map((role) => pools.get(role)!.units!.as);
  const plain = new Set(unit.roles.filter((role) => !pools.has(role)).map((role) => fabrics.get(role)!));
  const named = letters.map((role, i) => {
    // Two letters of one value in a unit are still two sides.
    const as = values.filter((v) => v === values[i]).length === 1 ? values[i] : undefined;
    const all = as ? [...pools].filter(([, p]) => p.units?.as === as).flatMap(([, p]) => p.fabrics) : pools.get(role)!.fabrics;
    // A fabric does not meet itself as another letter of the unit, while there is any other.
    const others = all.filter((f) => !plain.has(f));
    return { role, name: as ?? role, fabrics: [...new Set(others.length > 0 ? others : all)] };
  });
  named.sort((a, b) => (a.name < b.name ? -1 : 1));
  const wishes = letters.map((role) => pools.get(role)!.units!);
  const scope = (['block', 'packet', 'programme'] as const).find((s) => wishes.some((w) => w.for === s))!;
  return {
    sides: named.map(({ name, fabrics: own }): Side => ({ name, fabrics: own })),
    sideOf: new Map(named.map(({ role }, i) => [role, i])),
    alike: Math.min(...wishes.map((w) => w.alike ?? Infinity)),
    scope,
  };
}

/**
 * The kinds of units of all pools: as many batches as they need, the fabrics of each side spread evenly, or as often as they may be used. `most` says
 * how many patches of a fabric are left; what is planned is taken off it.
 */
export function planKinds(groups: readonly UnitGroup[], most: Map<Fabric, number>, seed: number): PoolKind[] {
  return groups.flatMap((group, g): PoolKind[] => {
    const { like, sides, alike, spots } = group;
    const { style } = group.entry;
    const plain = spots.filter((s) => !s.mirrored).length;
    const turned = spots.length - plain;
    const every = sides.reduce((n, side) => n * side.fabrics.length, 1);
    const { yields, mirrored } = batchOf(like, style, Math.min(alike, Math.max(1, Math.ceil(spots.length / every))));
    const useful = (n: number) => Math.max(1, Math.min(n, alike));
    const batches =
      mirrored === undefined
        ? Math.ceil(spots.length / useful(yields))
        : Math.max(Math.ceil(plain / useful(yields)), Math.ceil(turned / useful(mirrored)));
    const all = [...new Set(sides.flatMap((side) => side.fabrics))];
    const patches = Math.max(1, spots[0]!.sides.size / sides.length);
    const limit = (f: Fabric) => Math.floor((most.get(f) ?? Infinity) / (useful(yields + (mirrored ?? 0)) * patches));
    const rows = spread({
      sides: sides.map((side) => side.fabrics.map((f) => all.indexOf(f))),
      ...{ batches, limitOf: (f) => limit(all[f]!), seed: seed + g },
    });
    return rows.flatMap((row): PoolKind[] => {
      const fabrics = row.fabrics.map((f) => all[f]!);
      for (const f of fabrics) if (most.has(f)) most.set(f, most.get(f)! - row.batches * yields * patches);
      const kind = (of: number, inMirror: boolean) => ({
        ...{ group, fabrics, mirrored: inMirror, planned: Math.min(alike, row.batches * of) },
      });
      if (mirrored === undefined) return [kind(yields, spots[0]!.mirrored)];
      return [...(plain > 0 ? [kind(yields, false)] : []), ...(turned > 0 ? [kind(mirrored, true)] : [])];
    });
  });
}

/** Kinds of a group that are tried besides, at most. */
const MOST_SPARE = 400;

/** Kinds that are not planned, for spots that none of the planned can take. */
export function spareKinds(groups: readonly UnitGroup[], planned: readonly PoolKind[]): PoolKind[] {
  return groups.flatMap((group) => {
    const known = new Set(planned.filter((k) => k.group === group).map(nameOfKind));
    const { sides } = group;
    const every = sides.reduce((n, side) => n * side.fabrics.length, 1);
    const turned = [...new Set(group.spots.map((s) => s.mirrored))];
    return Array.from({ length: Math.min(every, MOST_SPARE) }, (_, i): Fabric[] => {
      // Counts through all of them, each side turning on with the ones before it so that every fabric comes early.
      let rest = i;
      return sides.map(({ fabrics }) => {
        const at = (rest + i) % fabrics.length;
        rest = Math.floor(rest / fabrics.length);
        return fabrics[at]!;
      });
    })
      .filter((fabrics) => new Set(fabrics).size === fabrics.length)
      .flatMap((fabrics) => turned.map((mirrored): PoolKind => ({ group, fabrics, mirrored, planned: 0 })))
      .filter((kind) => !known.has(nameOfKind(kind)) && known.add(nameOfKind(kind)));
  });
}

const nameOfKind = ({ fabrics, mirrored }: PoolKind) => `${fabrics.map((f) => f.id).join()} ${mirrored}`;

/** The letter of a fabric on a side: of the first pool among the side's letters that holds it. */
export function sideLetter({ pools }: Colourway, side: Side, fabric: Fabric): string {
  const letters = [...pools].filter(([role, p]) => role === side.name || (p.units?.as === side.name && p.units.as));
  const [role, pool] = letters.find(([, p]) => p.fabrics.includes(fabric))!;
  return poolLetter(role, pool.fabrics.indexOf(fabric));
}

/** What each month makes, from how many of each kind the blocks took. */
export function poolMakings(
  programme: Programme,
  colourway: Colourway,
  groups: readonly UnitGroup<CopyOf>[],
  dealt: ReadonlyMap<PoolKind, number>,
): Map<Month, PoolMaking> {
  const ordered = groups.map((group) => {
    const months = programme.months.filter((m) => group.months.includes(m));
    return { group, months, month: months[0]! };
  });
  const place = (month: Month) => programme.months.indexOf(month);
  ordered.sort((a, b) => place(a.month) - place(b.month));
  const makings = new Map<Month, PoolMaking>();
  let number = 0;
  for (const month of programme.months) {
    const own = ordered.filter((o) => o.month === month).map((o) => ({ ...o, name: `P${(number += 1)}` }));
    if (own.length === 0) continue;
    const wanted = own.flatMap(({ group, name }) => wantedOf(group, name, colourway, dealt));
    const set = constructUnits(
      wanted.map((w) => w.want),
      directionalIn(colourway),
    );
    const pools = own.map(({ group, months, name }): PoolOfUnits => {
      const kinds = wanted.flatMap((w, i) => (w.group === group ? [{ roles: w.want.roles, ...set.made[i]! }] : []));
      const taken = months.map((m) => [m, group.spots.filter((s) => m.blocks.includes(s.copy.entry)).length] as const);
      const made = kinds
        .flatMap((k) => [k.unit, k.twin ?? []].flat())
        .reduce((n, u) => n + u.make + u.extra + u.extraMirrored, 0);
      const letters = [...group.sideOf].map(([role, s]) => ({ role, fabrics: group.sides[s]!.fabrics }));
      return {
        ...{ name, scope: group.scope, month, months, like: group.like, entry: group.entry, kinds, letters },
        ...{ taken: new Map(taken), made, places: group.places },
      };
    });
    makings.set(month, { ...set, pools });
  }
  return makings;
}

/** What is wanted of a pool: each pairing of fabrics once, plain and mirrored together. */
function wantedOf(group: UnitGroup, name: string, colourway: Colourway, dealt: ReadonlyMap<PoolKind, number>) {
  const kinds = new Map<string, { fabrics: Fabric[]; make: number; mirrored: number }>();
  for (const [kind, n] of dealt) {
    if (kind.group !== group || n === 0) continue;
    const key = kind.fabrics.map((f) => f.id).join();
    const known = kinds.get(key) ?? { fabrics: kind.fabrics, make: 0, mirrored: 0 };
    known[kind.mirrored ? 'mirrored' : 'make'] += n;
    kinds.set(key, known);
  }
  return [...kinds.values()].map(({ fabrics, make, mirrored }): { group: UnitGroup; want: WantedUnits } => {
    const { like, entry, sides, sideOf } = group;
    const roles = [...sideOf].map(([role, s]) => [role, sideLetter(colourway, sides[s]!, fabrics[s]!)] as const);
    return { group, want: { ...{ like, style: entry.style, make, mirrored, label: name }, roles: new Map(roles) } };
  });
}

/** How many of a pool are sewn by the end of each of its months: what the next one takes is ready, and the work is shared among them. */
export function homeworkOf({
  months,
  taken,
  made,
}: Pick<PoolOfUnits, 'months' | 'taken' | 'made'>): ReadonlyMap<Month, number> {
  let needed = 0;
  const upTo = months.map((m) => (needed += taken.get(m)!));
  const last = months.length - 1;
  return new Map(
    months.map((m, i) => {
      const even = Math.ceil((made * (i + 1)) / months.length);
      return [m, i === last ? made : Math.max(even, upTo[i + 1]!)];
    }),
  );
}

/** The cut rows of a pool. */
export const cutsOfPool = ({ cuts }: PoolMaking, { name }: PoolOfUnits): Cut[] => cuts.filter((cut) => cut.for.includes(name));

/** The construction that a pool's unit was seen in, as the first block that takes it is drawn. */
export const drawnWith = (programme: Programme, colourway: Colourway, { entry }: Pick<PoolOfUnits, 'entry'>): Construction =>
  constructWith(programme, entry, colourway);
