/** Scrappy letters in every room: the blocks, parts and pictures of a quilt as its pools are scattered over it (docs/craft.md, Scrappy fabrics). */
import type { Block } from '../../block';
import type { UnitPlan } from '../../construction';
import { quiltParts } from '../../setting';
import { recast, scatterQuilt, type CastBlock, type Scattered } from './cast-quilt';
import { directionalIn } from '../document/directional';
import type { Colourway, Month, MonthBlock, Programme, SizeOption } from '../document/document';
import { making } from '../document/making';
import { mirroredBlocks, quiltOf, type Quilt } from '../quilt/quilt';
import type { QuiltPicture } from '../quilt/quilt-picture';
import { unitPlace, type PoolMaking, type PoolOfUnits } from './unit-pools';
import { KeptWords } from '../../words';

export type { Scattered };

const known = new KeptWords<Colourway, Map<SizeOption | undefined, Scattered>>();

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

const upright = new KeptWords<Quilt, Map<string, Quilt>>();

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

/** How many of a month's blocks as cast stand mirrored in the quilt. */
export function mirroredInMonth(
  programme: Programme,
  colourway: Colourway,
  { month, entry, size }: { month: Month; entry: MonthBlock; size?: SizeOption },
): number {
  const cast = month.blocks.flatMap((e) => castBlocks(programme, colourway, e, size) ?? []).find((b) => b.entry === entry);
  return cast ? (cast.mirrored ? entry.make : 0) : mirroredBlocks(programme, `${month.id}:${entry.key}`, size);
}
