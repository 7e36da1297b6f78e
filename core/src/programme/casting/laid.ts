/** Everything that is sewn into a scrappy quilt, at its place: the patches of every block that a participant makes, and the parts between them. */
import { PER_CELL, type Polygon } from '../../block';
import type { MonthBlock, Programme, SizeOption } from '../document/document';
import { laidOnQuilt, type PicturePlace, type QuiltPicture } from '../quilt/quilt-picture';
import { setBlocks } from '../document/set-blocks';

/** Something that is sewn into the quilt: a patch of a block's copy, or a part between blocks. */
export interface QuiltPatch {
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

/** Everything that is sewn, at its place; blocks that stand in no place lie apart from all others. */
export function lay(programme: Programme, picture: QuiltPicture | undefined, size?: SizeOption) {
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
  const laid = copies.flatMap((copy): QuiltPatch[] => {
    const places = placed.get(copy)?.map((place) => (p: Polygon) => p.map((q) => laidOnQuilt(place, q)));
    const alone = (p: Polygon) => p.map(([x, y]) => [apart + x / PER_CELL, y / PER_CELL] as const);
    if (!places) apart -= 1000;
    return (places ?? [alone]).flatMap((at) =>
      copy.entry.block.patches.map(({ role, points }, patch) => ({
        ...{ role, outline: at(points), copy, patch, group: copy.name },
      })),
    );
  });
  const parts = (picture?.parts ?? []).map(({ role, points, name, joined }): QuiltPatch => ({
    ...{ role, outline: points, group: `part ${name}`, whole: joined },
  }));
  return { laid: [...laid, ...parts], copies, copyAt };
}

/** What belongs together, in the order in which it comes. */
export function grouped<T, K>(all: readonly T[], key: (one: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const one of all) {
    const own = groups.get(key(one));
    if (own) own.push(one);
    else groups.set(key(one), [one]);
  }
  return groups;
}
