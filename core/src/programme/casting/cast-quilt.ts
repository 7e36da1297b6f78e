/** Casts a scrappy quilt: fabrics scattered over its patches and parts, units dealt out of their pools. */
import type { Block } from '../../block';
import { scatter } from '../../fabric';
import { quiltParts } from '../../setting';
import { directionalIn } from '../document/directional';
import type { Colourway, Fabric, Month, MonthBlock, Programme, SizeOption } from '../document/document';
import { grouped, lay, type Copy, type QuiltPatch } from './laid';
import { poolLetter } from '../document/letters';
import { PlanError } from '../document/plan-error';
import { quiltOf, type Quilt } from '../quilt/quilt';
import { quiltPicture, type QuiltPicture } from '../quilt/quilt-picture';
import { scatterDoubts } from './scatter-doubts';
import { taskOf } from './scatter-task';
import { poolMakings, pooledUnits, sideLetter, unitGroups, type PoolMaking, type UnitGroup, type PoolKind } from './unit-pools';
import { words } from './words';
import { laidKey } from '../document/labels';

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

/** The quilt of a size in a colourway with scrappy letters. The same document always gives the same quilt. */
export function scatterQuilt(programme: Programme, colourway: Colourway, size?: SizeOption): Scattered {
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
  const kindOf = ({ spot }: QuiltPatch): PoolKind | undefined => kinds[result.cast[spot!]! - fabrics.length];
  const fabricOf = (item: QuiltPatch) => kindOf(item)?.fabrics[item.side!] ?? fabrics[result.cast[item.spot!]!]!;
  const castRole = (item: QuiltPatch) => {
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
    const keyOf = ({ number }: Copy) => (ways.length === 1 && !size ? entry.key : laidKey(entry.key, number, size?.id));
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
  const dealt = new Map<PoolKind, number>(
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
function alikeDoubts(groups: readonly UnitGroup<Copy>[], dealt: ReadonlyMap<PoolKind, number>): string[] {
  return groups.flatMap((group) => {
    const most = Math.max(...[...dealt].flatMap(([kind, n]) => (kind.group === group ? [n] : [])));
    if (most <= group.alike) return [];
    const pairs = group.sides.reduce((n, side) => n * side.fabrics.length, 1);
    const { plural } = group.like.kind;
    return [words.areWantedAndAtMostMay(group.spots.length, plural, group.alike, pairs, most)];
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

/** A block with other letters on its patches. */
export function recast(block: Block, roles: readonly string[]): Block {
  return { ...block, patches: block.patches.map((p, i) => ({ ...p, role: roles[i] ?? p.role })) };
}

/** Copies that are cast alike, the first of each kind and how many there are. */
function alike(copies: readonly Copy[], look: (copy: Copy) => string): { copy: Copy; make: number }[] {
  const kinds = grouped(copies, (c) => `${c.mirrored} ${look(c)}`);
  return [...kinds.values()].map((own) => ({ copy: own[0]!, make: own.length }));
}

function usesOf(laid: readonly QuiltPatch[], { pools }: Colourway, castRole: (item: QuiltPatch) => string): Scattered['used'] {
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
