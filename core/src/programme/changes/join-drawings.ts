/** Two people's changes to one drawing, made side by side: joined where what they changed does not touch. */
import { readBlock, tilingFaults, touching, type BlockFile, type PatchFile, type Polygon } from '../../block';

/** A patch by what it is, however it is written: its letter and its outline from one corner on. */
export function patchKey(patch: PatchFile): string {
  const { role, points } = readBlock({ id: '', grid: [1, 1], patches: [patch] }, '').block.patches[0]!;
  return `${role} ${points.join(' ')}`;
}

/** The patches of `a` that `b` does not have. */
function without(a: readonly PatchFile[], b: readonly PatchFile[]): PatchFile[] {
  const known = new Set(b.map(patchKey));
  return a.filter((patch) => !known.has(patchKey(patch)));
}

/**
 * The patches of both: `now` is what somebody else made of `from`, `to` what I made of it. Nothing when they changed the same place or places
 * that touch, or when the two together tile `block` (which holds the grid as it is now) no more.
 */
export function joinDrawings(
  block: BlockFile,
  { from, now, to }: { from: readonly PatchFile[]; now: readonly PatchFile[]; to: readonly PatchFile[] },
): PatchFile[] | undefined {
  const [theirs, mine] = [without(from, now), without(from, to)];
  const taken = new Set(theirs.map(patchKey));
  if (mine.some((patch) => taken.has(patchKey(patch)))) return undefined;
  const outlines = outlinesOf(block, [...theirs, ...mine]);
  if (!outlines || touching(outlines).some(({ a, b }) => a < theirs.length && b >= theirs.length)) return undefined;
  const gone = new Set(mine.map(patchKey));
  const patches = [...now.filter((patch) => !gone.has(patchKey(patch))), ...without(without(to, from), now)];
  const read = readBlock({ ...block, patches }, '');
  return read.problems.length === 0 && tilingFaults(read.block).length === 0 ? patches : undefined;
}

function outlinesOf(block: BlockFile, patches: PatchFile[]): Polygon[] | undefined {
  const read = readBlock({ ...block, patches }, '');
  return read.problems.length === 0 ? read.block.patches.map((p) => p.points) : undefined;
}

/** Whether a value can be a drawing's patches: what comes from outside is not trusted to be. */
export const arePatches = (value: unknown): value is PatchFile[] =>
  Array.isArray(value) &&
  value.every(
    (patch: Partial<PatchFile> | null) =>
      typeof patch?.role === 'string' &&
      Array.isArray(patch.points) &&
      patch.points.every((p) => Array.isArray(p) && p.length === 2),
  );
