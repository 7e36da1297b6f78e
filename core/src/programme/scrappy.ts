/** Scrappy letters: the fabrics of their pools scattered over a quilt, block by block and strip by strip (handbook 5). */
import { PER_CELL, touching, type Block, type Polygon } from '../block';
import { scatter, type Apart, type ScatterTask } from '../fabric';
import type { UnitPlan } from '../construction';
import { quiltParts } from '../setting';
import type { Colourway, Fabric, Month, MonthBlock, Pool, Programme, SizeOption } from './document';
import { directionalIn } from './directional';
import { poolLetter } from './letters';
import { making } from './making';
import { PlanError } from './plan-error';
import { mirroredBlocks, quiltOf, type Quilt } from './quilt';
import { laidOnQuilt, quiltPicture, type PicturePlace, type QuiltPicture } from './quilt-picture';
import { setBlocks } from './set-blocks';
import { scatterDoubts } from './scatter-doubts';
import {
  planKinds,
  poolMakings,
  pooledUnits,
  sideLetter,
  spareKinds,
  unitGroups,
  unitPlace,
  type PoolMaking,
  type PoolOfUnits,
  type UnitGroup,
  type UnitKind,
} from './unit-pools';

/** Blocks of a month that are cast alike. */
export interface CastBlock {
  /** The entry with the letters of its pools' fabrics, and how many are made so. */
  entry: MonthBlock;
  /** Whether they stand mirrored in the quilt. */
  mirrored: boolean;
  /** The first of them with the units that it is dealt out of pools. */
  dealt: Block;
}

export interface Scattered {
  /** What is made of each entry of the months. */
  blocks: ReadonlyMap<MonthBlock, CastBlock[]>;
  /** Which block a participant makes lies in each place of the quilt, and the letters of its patches. */
  at: ReadonlyMap<string, { name: string; roles: readonly string[] }>;
  /** Letters of the parts between blocks, in the order in which the quilt's picture has them. */
  parts: string[];
  /** The quilt with its parts cast; undefined where there is no setting that can be sewn. */
  quilt?: Quilt;
  /** How often each fabric of each scrappy letter is used. */
  used: ReadonlyMap<string, { fabric: Fabric; times: number }[]>;
  /** Pools of units, by the month that makes them. */
  makings: ReadonlyMap<Month, PoolMaking>;
  /** What cannot be had, and why, in sentences. */
  doubts: string[];
}

/** Something that is sewn into the quilt: a patch of a block's copy, or a part between blocks. */
export interface Laid {
  role: string;
  outline: Polygon;
  /** The copy and its patch; undefined for a part. */
  copy?: Copy;
  patch?: number;
  /** Patches and parts with the same group get one fabric where the pool has one 'per block'. */
  group: string;
  /** Strips that are joined end to end are of one fabric, the first of the pool. */
  whole?: boolean;
  /** Number of its spot where it is scrappy, and the side of the unit that it is there; a patch by itself is side 0. */
  spot?: number;
  side?: number;
  /** It comes out of a pool with the rest of its unit. */
  pooled?: boolean;
}

/** One of the blocks that a participant makes of an entry. */
export interface Copy {
  entry: MonthBlock;
  /** 'm1:cold-frame:2' for the second. */
  name: string;
  number: number;
  mirrored: boolean;
}

const known = new WeakMap<Colourway, Map<SizeOption | undefined, Scattered>>();

/** The scattered quilt of a colourway; undefined where no letter is scrappy. The same document always gives the same quilt. */
export function scatteredOf(programme: Programme, colourway: Colourway, size?: SizeOption): Scattered | undefined {
  if (colourway.pools.size === 0) return undefined;
  const sizes = known.get(colourway) ?? new Map<SizeOption | undefined, Scattered>();
  known.set(colourway, sizes);
  const found = sizes.get(size) ?? scatterQuilt(programme, colourway, size);
  sizes.set(size, found);
  return found;
}

/** The quilt of a size as a colourway casts it. Throws PlanError. */
export function quiltAsCast(programme: Programme, colourway: Colourway, size?: SizeOption): Quilt | undefined {
  const scattered = scatteredOf(programme, colourway, size)?.quilt;
  const quilt = scattered ?? quiltOf(programme, size);
  return quilt && (scattered ? quilt : withDirections(programme, colourway, quilt));
}

const upright = new WeakMap<Quilt, Map<string, Quilt>>();

/** The quilt with the directional prints of that colourway, and of no other, kept upright. */
function withDirections({ house }: Programme, colourway: Colourway, quilt: Quilt): Quilt {
  const directional = directionalIn(colourway);
  const key = [...directional].sort().join();
  const made = upright.get(quilt) ?? new Map<string, Quilt>();
  upright.set(quilt, made);
  const found = made.get(key) ?? { ...quilt, parts: quiltParts(quilt.top.parts, { ...house, directional }) };
  made.set(key, found);
  return found;
}

/** What a participant makes of a month's entry in a colourway; as drawn where nothing is scrappy. */
export function castBlocks(
  programme: Programme,
  colourway: Colourway,
  entry: MonthBlock,
  size?: SizeOption,
): readonly CastBlock[] | undefined {
  return scatteredOf(programme, colourway, size)?.blocks.get(entry);
}

/** A month's block as cast with the units that it is dealt out of pools: what the first of its kind may look like. */
export function dealtBlock(programme: Programme, colourway: Colourway, entry: MonthBlock, size?: SizeOption): Block {
  const all = [...(scatteredOf(programme, colourway, size)?.blocks.values() ?? [])].flat();
  return all.find((b) => b.entry === entry)?.dealt ?? entry.block;
}

/** A month's blocks as a participant of a colourway makes them: a scrappy block once for each way in which it is laid. */
export function blocksAsCast(programme: Programme, colourway: Colourway, month: Month, size?: SizeOption): MonthBlock[] {
  return month.blocks.flatMap(
    (entry) =>
      castBlocks(programme, colourway, entry, size)?.map((b) => b.entry) ?? [making(entry, entry.make * (size?.make ?? 1))],
  );
}

/** What a month makes for pools of units; undefined where it makes none. */
export const poolMaking = (
  programme: Programme,
  colourway: Colourway,
  month: Month,
  size?: SizeOption,
): PoolMaking | undefined => scatteredOf(programme, colourway, size)?.makings.get(month);

/** The pool that a block's unit comes out of; undefined where it is made with the block. */
export function poolOfUnit(
  programme: Programme,
  colourway: Colourway,
  { entry, unit, size }: { entry: MonthBlock; unit: UnitPlan; size?: SizeOption },
): PoolOfUnits | undefined {
  if (!unit.pooled) return undefined;
  const place = unitPlace(entry, unit, colourway);
  return [...(scatteredOf(programme, colourway, size)?.makings.values() ?? [])]
    .flatMap((making) => making.pools)
    .find((pool) => pool.places.has(place));
}

/** A picture of that size's quilt with the fabrics of the pools scattered over it. */
export function castPicture(picture: QuiltPicture, scattered: Pick<Scattered, 'at' | 'parts'> | undefined): QuiltPicture {
  if (!scattered) return picture;
  const cast = (block: Block, at: string) => recast(block, scattered.at.get(at)?.roles ?? block.patches.map((p) => p.role));
  return {
    ...picture,
    places: picture.places.map((p) => ({ ...p, ...(p.block && { block: cast(p.block, p.at) }) })),
    parts: picture.parts.map((p, i) => ({ ...p, role: scattered.parts[i] ?? p.role })),
  };
}

/** A block with other letters on its patches. */
function recast(block: Block, roles: readonly string[]): Block {
  return { ...block, patches: block.patches.map((p, i) => ({ ...p, role: roles[i] ?? p.role })) };
}

/** How many of a month's blocks as cast stand mirrored in the quilt. */
export function mirroredInMonth(
  programme: Programme,
  colourway: Colourway,
  { month, entry, size }: { month: Month; entry: MonthBlock; size?: SizeOption },
): number {
  const cast = month.blocks.flatMap((e) => castBlocks(programme, colourway, e, size) ?? []).find((b) => b.entry === entry);
  return cast ? (cast.mirrored ? entry.make : 0) : mirroredBlocks(programme, `${month.id}:${entry.key}`, size);
}

function scatterQuilt(programme: Programme, colourway: Colourway, size?: SizeOption): Scattered {
  const quilt = sewable(() => quiltOf(programme, size));
  const picture = quilt && quiltPicture(quilt, programme);
  const wholly = new Set<string>();
  for (;;) {
    const cast = castQuilt(programme, colourway, { quilt, picture, size, wholly });
    const lost = comeApartOtherwise(programme, colourway, cast);
    if (lost.length === 0) return cast;
    // With some patches named, those copies are no longer made of the units that the pools hold: then all their patches are named.
    for (const name of lost) wholly.add(name);
  }
}

interface CastWish {
  quilt: Quilt | undefined;
  picture: QuiltPicture | undefined;
  size: SizeOption | undefined;
  /** Copies that take nothing out of a pool. */
  wholly: ReadonlySet<string>;
}

interface Cast extends Scattered {
  copies: { copy: Copy; drawn: readonly string[]; pooled: string }[];
}

function castQuilt(programme: Programme, colourway: Colourway, { quilt, picture, size, wholly }: CastWish): Cast {
  const { laid, copies, copyAt } = lay(programme, picture, size);
  const { pins } = colourway.scatter;
  const groups = unitGroups(
    programme,
    colourway,
    copies.filter((c) => !wholly.has(c.name)),
    (copy, patch) => pins.has(`${copy.name}:${patch + 1}`),
  );
  const attempt = (spare: boolean) => {
    const made = taskOf(laid, { colourway, size, groups, spare });
    return { ...made, result: scatter(made.task) };
  };
  const planned = attempt(false);
  // Where the planned batches cannot be laid without equals that touch, another batch may be made.
  const wider = planned.result.clashes.length > 0 && groups.length > 0 ? attempt(true) : planned;
  const { task, fabrics, kinds, refused, result } =
    wider.result.clashes.length < planned.result.clashes.length ? wider : planned;
  const kindOf = ({ spot }: Laid): UnitKind | undefined => kinds[result.cast[spot!]! - fabrics.length];
  const fabricOf = (item: Laid) => kindOf(item)?.fabrics[item.side!] ?? fabrics[result.cast[item.spot!]!]!;
  const castRole = (item: Laid) => {
    const { role, spot } = item;
    const pool = colourway.pools.get(role);
    if (!pool || spot === undefined) return role;
    const kind = kindOf(item);
    return kind
      ? sideLetter(colourway, kind.group.sides[item.side!]!, fabricOf(item))
      : poolLetter(role, pool.fabrics.indexOf(fabricOf(item)));
  };
  const roles = new Map<Copy, string[]>(copies.map((c) => [c, []]));
  // What a block is cut and sewn from: its pooled units by the letters of the design, whatever they are dealt.
  const drawn = new Map<Copy, string[]>(copies.map((c) => [c, []]));
  const partRoles: string[] = [];
  for (const item of laid)
    if (item.copy) {
      roles.get(item.copy)![item.patch!] = castRole(item);
      drawn.get(item.copy)![item.patch!] = item.pooled ? item.role : castRole(item);
    } else partRoles.push(castRole(item));
  const blocks = new Map<MonthBlock, CastBlock[]>();
  for (const [entry, own] of grouped(copies, (c) => c.entry)) {
    const ways = alike(own, (c) => drawn.get(c)!.join(' '));
    const keyOf = ({ number }: Copy) =>
      ways.length === 1 && !size ? entry.key : `${entry.key}#${size ? `${size.id}.` : ''}${number}`;
    blocks.set(
      entry,
      ways.map(({ copy, make }) => ({
        entry: { ...entry, block: recast(entry.block, drawn.get(copy)!), make, key: keyOf(copy) },
        mirrored: copy.mirrored,
        dealt: recast(entry.block, roles.get(copy)!),
      })),
    );
  }
  const { house } = programme;
  const directional = directionalIn(colourway);
  const parts = quilt?.top.parts.map((p, i) => ({ ...p, role: partRoles[i]! })) ?? [];
  const dealt = new Map<UnitKind, number>(
    kinds.map((kind, k) => [kind, result.cast.filter((c) => c === fabrics.length + k).length]),
  );
  const used = usesOf(laid, colourway, castRole);
  const pooledIn = (copy: Copy) =>
    groups.flatMap((g) => g.spots.filter((s) => s.copy === copy).map((s) => [...s.sides.keys()]));
  return {
    blocks,
    at: new Map([...copyAt].map(([at, copy]) => [at, { name: copy.name, roles: roles.get(copy)! }])),
    parts: partRoles,
    ...(quilt && { quilt: { ...quilt, parts: quiltParts(parts, { ...house, directional }) } }),
    used,
    makings: poolMakings(programme, colourway, groups, dealt),
    doubts: [
      ...refused,
      ...scatterDoubts(result, { laid, fabrics, colourway, task, used, size }),
      ...alikeDoubts(groups, dealt),
    ],
    copies: copies.map((copy) => ({ copy, drawn: drawn.get(copy)!, pooled: patchSets(pooledIn(copy)) })),
  };
}

const patchSets = (units: readonly (readonly number[])[]) =>
  units
    .map((patches) => [...patches].sort((a, b) => a - b).join())
    .sort()
    .join(' ');

/** Copies whose drawing, with some patches named, is taken apart into other units than those that were dealt; by name. */
function comeApartOtherwise(programme: Programme, colourway: Colourway, { copies }: Cast): string[] {
  const mixed = copies.filter(
    ({ copy, drawn, pooled }) => pooled && drawn.some((r, i) => r !== copy.entry.block.patches[i]!.role),
  );
  return mixed.flatMap(({ copy, drawn, pooled }) => {
    const units = pooledUnits(programme, colourway, { ...copy.entry, block: recast(copy.entry.block, drawn) });
    const scrappy = units.map((u) => [...u.patches].flatMap(([patch, role]) => (colourway.pools.has(role) ? [patch] : [])));
    return patchSets(scrappy) === pooled ? [] : [copy.name];
  });
}

/** Pools whose pairs of fabrics are too few for so many units that differ. */
function alikeDoubts(groups: readonly UnitGroup<Copy>[], dealt: ReadonlyMap<UnitKind, number>): string[] {
  return groups.flatMap((group) => {
    const most = Math.max(...[...dealt].flatMap(([kind, n]) => (kind.group === group ? [n] : [])));
    if (most <= group.alike) return [];
    const pairs = group.sides.reduce((n, side) => n * side.fabrics.length, 1);
    const { plural } = group.like.kind;
    return [
      `${group.spots.length} ${plural} are wanted and at most ${group.alike} may be alike, but there are only ${pairs} ways to make them: up to ${most} are alike. Add fabrics to the pool, or allow more alike.`,
    ];
  });
}

function sewable<T>(make: () => T): T | undefined {
  try {
    return make();
  } catch (error) {
    if (error instanceof PlanError) return undefined;
    throw error;
  }
}

/** Everything that is sewn, at its place; blocks that stand in no place lie apart from all others. */
function lay(programme: Programme, picture: QuiltPicture | undefined, size?: SizeOption) {
  const copies = setBlocks(programme.months).flatMap(({ block, entry, times }) =>
    entry
      ? Array.from({ length: times * (size?.make ?? 1) }, (_, i): Copy => ({
          ...{ entry, name: `${block.key}:${i + 1}`, number: i + 1, mirrored: false },
        }))
      : [],
  );
  const copyAt = new Map<string, Copy>();
  const placed = new Map<Copy, PicturePlace[]>();
  const count = new Map<string, number>();
  for (const place of picture?.places ?? []) {
    const own = copies.filter((c) => c.name.startsWith(`${place.key}:`));
    if (own.length === 0) continue;
    // A quilt with more places than blocks are made shows them over again.
    const n = count.get(place.key) ?? 0;
    const copy = own[n % own.length]!;
    count.set(place.key, n + 1);
    copyAt.set(place.at, copy);
    if (!placed.has(copy)) copy.mirrored = place.mirrored;
    placed.set(copy, [...(placed.get(copy) ?? []), place]);
  }
  let apart = -1000;
  const laid = copies.flatMap((copy): Laid[] => {
    const places = placed.get(copy)?.map((place) => (p: Polygon) => p.map((q) => laidOnQuilt(place, q)));
    const alone = (p: Polygon) => p.map(([x, y]) => [apart + x / PER_CELL, y / PER_CELL] as const);
    if (!places) apart -= 1000;
    return (places ?? [alone]).flatMap((at) =>
      copy.entry.block.patches.map(({ role, points }, patch) => ({
        ...{ role, outline: at(points), copy, patch, group: copy.name },
      })),
    );
  });
  const parts = (picture?.parts ?? []).map(({ role, points, name, joined }): Laid => ({
    ...{ role, outline: points, group: `part ${name}`, whole: joined },
  }));
  return { laid: [...laid, ...parts], copies, copyAt };
}

interface TaskOf {
  colourway: Colourway;
  size: SizeOption | undefined;
  groups: readonly UnitGroup<Copy>[];
  /** Whether kinds of which no batch is planned may be taken too. */
  spare: boolean;
}

/** What may lie where, and what has to differ. Gives each scrappy patch its spot. Numbers from `fabrics` on are kinds of units. */
function taskOf(laid: Laid[], { colourway, size, groups, spare }: TaskOf) {
  const fabrics = [...new Set([...colourway.pools.values()].flatMap((p) => p.fabrics))];
  const { scatter: wishes } = colourway;
  const left = new Map(
    fabrics.flatMap((f) => (wishes.most.has(f.id) ? [[f, wishes.most.get(f.id)! * (size?.make ?? 1)]] : [])),
  );
  const plan = planKinds(groups, left, wishes.seed);
  const kinds = spare ? [...plan, ...spareKinds(groups, plan)] : plan;
  const refused: string[] = [];
  const spots: number[][] = [];
  const bySpot = new Map<string, number>();
  const byPatch = new Map<Copy, Laid[]>();
  for (const item of laid) if (item.copy) byPatch.set(item.copy, [...(byPatch.get(item.copy) ?? []), item]);
  for (const group of groups) {
    const own = kinds.flatMap((kind, k) => (kind.group === group ? [{ kind, number: fabrics.length + k }] : []));
    for (const { copy, sides, mirrored } of group.spots) {
      const spot = spots.length;
      spots.push(own.filter(({ kind }) => kind.mirrored === mirrored).map(({ number }) => number));
      for (const item of byPatch.get(copy)!)
        if (sides.has(item.patch!)) Object.assign(item, { spot, side: sides.get(item.patch!), pooled: true });
    }
  }
  for (const item of laid) {
    const pool = colourway.pools.get(item.role);
    if (!pool || item.whole || item.pooled) continue;
    const name = spotName(item, pool);
    let spot = bySpot.get(name);
    if (spot === undefined) {
      bySpot.set(name, (spot = spots.length));
      const pinned = item.copy && pool.per !== 'quilt' && wishes.pins.get(`${item.copy.name}:${item.patch! + 1}`);
      const pin = pinned ? pool.fabrics.findIndex((f) => f.id === pinned) : -1;
      spots.push((pin >= 0 ? [pool.fabrics[pin]!] : pool.fabrics).map((f) => fabrics.indexOf(f)));
    }
    item.spot = spot;
    item.side = 0;
  }
  const faces = [...fabrics.map(() => undefined), ...kinds.map((kind) => kind.fabrics.map((f) => fabrics.indexOf(f)))];
  const show = (number: number, side: number) => faces[number]?.[side] ?? number;
  const apart = new Map<string, Apart>();
  const differ = (one: Laid, other: Laid) => {
    if (one.spot === other.spot) return;
    const [a, b] = one.spot! < other.spot! ? [one, other] : [other, one];
    apart.set([a.spot, a.side, b.spot, b.side].join(' '), [a.spot!, b.spot!, a.side!, b.side!]);
  };
  for (const { a, b } of touching(laid.map((l) => l.outline))) {
    const [one, other] = [laid[a]!, laid[b]!];
    if (one.spot !== undefined && other.spot !== undefined) differ(one, other);
    else if (one.spot !== undefined) forbid(one, other);
    else if (other.spot !== undefined) forbid(other, one);
  }
  const once = laid.filter((l) => l.copy && l.spot !== undefined && colourway.pools.get(l.role)!.per === 'once');
  for (const [copy, items] of grouped(once, (l) => l.copy!)) {
    const own = [...grouped(items, (l) => `${l.spot} ${l.side}`).values()].map(([first]) => first!);
    const choices = new Set(own.flatMap((l) => spots[l.spot!]!.map((n) => show(n, l.side!))));
    if (own.length > choices.size)
      refused.push(
        `${copy.entry.block.name} has ${own.length} patches that are all to be of different fabrics, and only ${choices.size} to choose from: ${own.length - choices.size} more are wanted in the pool. Equal ones are kept from touching.`,
      );
    else own.forEach((a, i) => own.slice(i + 1).forEach((b) => differ(a, b)));
  }
  const limits = [...fabrics.map((f) => Math.max(0, left.get(f) ?? Infinity)), ...kinds.map((kind) => kind.planned)];
  const task: ScatterTask = { spots, apart: [...apart.values()], limits, faces, seed: wishes.seed };
  return { task, fabrics, kinds, refused };

  /** A scrappy patch beside a letter of one fabric cannot be of that fabric too. */
  function forbid(item: Laid, { role }: Laid): void {
    const fabric = colourway.fabrics.get(role);
    const at = fabric ? fabrics.indexOf(fabric) : -1;
    const choices = spots[item.spot!]!;
    const others = choices.filter((n) => show(n, item.side!) !== at);
    if (at < 0 || others.length === choices.length) return;
    if (others.length > 0) spots[item.spot!] = others;
    else refused.push(`${fabric!.name} lies beside itself, as ${item.role} and as ${role}: nothing else may lie there.`);
  }
}

function spotName({ role, copy, patch, group, outline }: Laid, { per }: Pool): string {
  if (per === 'quilt') return role;
  if (per === 'block') return `${group} ${role}`;
  return copy ? `${group} ${patch}` : `${group} ${outline.join(' ')}`;
}

/** Copies that are cast alike, the first of each kind and how many there are. */
function alike(copies: readonly Copy[], look: (copy: Copy) => string): { copy: Copy; make: number }[] {
  const kinds = grouped(copies, (c) => `${c.mirrored} ${look(c)}`);
  return [...kinds.values()].map((own) => ({ copy: own[0]!, make: own.length }));
}

function usesOf(laid: readonly Laid[], { pools }: Colourway, castRole: (item: Laid) => string): Scattered['used'] {
  const spots = new Map<string, Set<string>>();
  for (const item of laid) {
    if (item.spot === undefined) continue;
    const role = castRole(item);
    spots.set(role, (spots.get(role) ?? new Set()).add(`${item.spot} ${item.side}`));
  }
  const times = (role: string) => spots.get(role)?.size ?? 0;
  return new Map(
    [...pools].map(([role, pool]) => [role, pool.fabrics.map((fabric, i) => ({ fabric, times: times(poolLetter(role, i)) }))]),
  );
}

function grouped<T, K>(all: readonly T[], key: (one: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const one of all) groups.set(key(one), [...(groups.get(key(one)) ?? []), one]);
  return groups;
}
