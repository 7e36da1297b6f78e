/** Scrappy letters: the fabrics of their pools scattered over a quilt, block by block and strip by strip (handbook 5). */
import { PER_CELL, touching, type Block, type Polygon } from '../block';
import { scatter, type ScatterTask } from '../fabric';
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

/** Blocks of a month that are cast alike. */
export interface CastBlock {
  /** The entry with the letters of its pools' fabrics, and how many are made so. */
  entry: MonthBlock;
  /** Whether they stand mirrored in the quilt. */
  mirrored: boolean;
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
  /** Number of its spot where it is scrappy. */
  spot?: number;
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

/** A month's blocks as a participant of a colourway makes them: a scrappy block once for each way in which it is laid. */
export function blocksAsCast(programme: Programme, colourway: Colourway, month: Month, size?: SizeOption): MonthBlock[] {
  return month.blocks.flatMap(
    (entry) =>
      castBlocks(programme, colourway, entry, size)?.map((b) => b.entry) ?? [making(entry, entry.make * (size?.make ?? 1))],
  );
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
  const { laid, copies, copyAt } = lay(programme, picture, size);
  const { task, fabrics, refused } = taskOf(laid, colourway, size);
  const result = scatter(task);
  const castRole = ({ role, spot }: Laid) => {
    const pool = colourway.pools.get(role);
    return pool && spot !== undefined ? poolLetter(role, pool.fabrics.indexOf(fabrics[result.cast[spot]!]!)) : role;
  };
  const roles = new Map<Copy, string[]>(copies.map((c) => [c, []]));
  const partRoles: string[] = [];
  for (const item of laid)
    if (item.copy) roles.get(item.copy)![item.patch!] = castRole(item);
    else partRoles.push(castRole(item));
  const blocks = new Map<MonthBlock, CastBlock[]>();
  for (const [entry, own] of grouped(copies, (c) => c.entry)) {
    const kinds = alike(own, (c) => roles.get(c)!.join(' '));
    const keyOf = ({ number }: Copy) =>
      kinds.length === 1 && !size ? entry.key : `${entry.key}#${size ? `${size.id}.` : ''}${number}`;
    blocks.set(
      entry,
      kinds.map(({ copy, make }) => ({
        entry: { ...entry, block: recast(entry.block, roles.get(copy)!), make, key: keyOf(copy) },
        mirrored: copy.mirrored,
      })),
    );
  }
  const { house } = programme;
  const directional = directionalIn(colourway);
  const parts = quilt?.top.parts.map((p, i) => ({ ...p, role: partRoles[i]! })) ?? [];
  return {
    blocks,
    at: new Map([...copyAt].map(([at, copy]) => [at, { name: copy.name, roles: roles.get(copy)! }])),
    parts: partRoles,
    ...(quilt && { quilt: { ...quilt, parts: quiltParts(parts, { ...house, directional }) } }),
    used: usesOf(laid, colourway, (spot) => fabrics[result.cast[spot]!]!),
    doubts: [...refused, ...scatterDoubts(result, { laid, fabrics, colourway, limits: task.limits })],
  };
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

/** What may lie where, and what has to differ. Gives each scrappy patch its spot. */
function taskOf(laid: Laid[], colourway: Colourway, size?: SizeOption) {
  const fabrics = [...new Set([...colourway.pools.values()].flatMap((p) => p.fabrics))];
  const { scatter: wishes } = colourway;
  const refused: string[] = [];
  const spots: number[][] = [];
  const bySpot = new Map<string, number>();
  for (const item of laid) {
    const pool = colourway.pools.get(item.role);
    if (!pool || item.whole) continue;
    const name = spotName(item, pool);
    let spot = bySpot.get(name);
    if (spot === undefined) {
      bySpot.set(name, (spot = spots.length));
      const pinned = item.copy && pool.per !== 'quilt' && wishes.pins.get(`${item.copy.name}:${item.patch! + 1}`);
      const pin = pinned ? pool.fabrics.findIndex((f) => f.id === pinned) : -1;
      spots.push((pin >= 0 ? [pool.fabrics[pin]!] : pool.fabrics).map((f) => fabrics.indexOf(f)));
    }
    item.spot = spot;
  }
  const apart = new Map<string, readonly [number, number]>();
  const differ = (a: number, b: number) => a !== b && apart.set(a < b ? `${a} ${b}` : `${b} ${a}`, a < b ? [a, b] : [b, a]);
  for (const { a, b } of touching(laid.map((l) => l.outline))) {
    const [one, other] = [laid[a]!, laid[b]!];
    if (one.spot !== undefined && other.spot !== undefined) differ(one.spot, other.spot);
    else if (one.spot !== undefined) forbid(one, other);
    else if (other.spot !== undefined) forbid(other, one);
  }
  const once = laid.filter((l) => l.copy && l.spot !== undefined && colourway.pools.get(l.role)!.per === 'once');
  for (const [copy, items] of grouped(once, (l) => l.copy!)) {
    const own = [...new Set(items.map((l) => l.spot!))];
    const choices = new Set(own.flatMap((s) => spots[s]!));
    if (own.length > choices.size)
      refused.push(
        `${copy.entry.block.name} has ${own.length} patches that are all to be of different fabrics, and only ${choices.size} to choose from: ${own.length - choices.size} more are wanted in the pool. Equal ones are kept from touching.`,
      );
    else own.forEach((a, i) => own.slice(i + 1).forEach((b) => differ(a, b)));
  }
  const limits = fabrics.map((f) => (wishes.most.has(f.id) ? wishes.most.get(f.id)! * (size?.make ?? 1) : Infinity));
  const task: ScatterTask = { spots, apart: [...apart.values()], limits, seed: wishes.seed };
  return { task, fabrics, refused };

  /** A scrappy patch beside a letter of one fabric cannot be of that fabric too. */
  function forbid(item: Laid, { role }: Laid): void {
    const fabric = colourway.fabrics.get(role);
    const at = fabric ? fabrics.indexOf(fabric) : -1;
    const choices = spots[item.spot!]!;
    if (at < 0 || !choices.includes(at)) return;
    if (choices.length > 1) choices.splice(choices.indexOf(at), 1);
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

function usesOf(laid: readonly Laid[], { pools }: Colourway, fabricOf: (spot: number) => Fabric): Scattered['used'] {
  return new Map(
    [...pools].map(([role, pool]) => {
      const spots = [...new Set(laid.flatMap((l) => (l.role === role && l.spot !== undefined ? [l.spot] : [])))];
      const times = (fabric: Fabric) => spots.filter((s) => fabricOf(s) === fabric).length;
      return [role, pool.fabrics.map((fabric) => ({ fabric, times: times(fabric) }))];
    }),
  );
}

function grouped<T, K>(all: readonly T[], key: (one: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const one of all) groups.set(key(one), [...(groups.get(key(one)) ?? []), one]);
  return groups;
}
