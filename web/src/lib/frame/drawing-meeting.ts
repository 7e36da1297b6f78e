/** Drawings that two people changed at once: as they were, theirs and mine, with what is different in each. */
import { readBlock, type Block, type BlockFile, type PatchFile } from '@aggrega/core/block';
import { arePatches, patchKey, type Conflict, type ProgrammeFile } from '@aggrega/core/programme';

export interface DrawnVersion {
  block: Block;
  /** Patches that are not as they were. */
  changed: ReadonlySet<number>;
}

export interface DrawingMet {
  id: string;
  name: string;
  versions: { was: DrawnVersion; theirs: DrawnVersion; yours: DrawnVersion };
}

/** The conflicts that are about drawings, block by block; none for what cannot be drawn. */
export function drawingsMet(file: ProgrammeFile, conflicts: readonly Conflict[]): DrawingMet[] {
  return conflicts.flatMap((conflict): DrawingMet[] => {
    const id = /^\/blocks\/([^/]+)\/patches$/.exec(conflict.path)?.[1];
    const block = file.blocks.find((b) => b.id === id);
    const { from, now, to } = conflict;
    if (!id || !block || !arePatches(from) || !arePatches(now) || !arePatches(to)) return [];
    const grids = conflicts.find((c) => c.path === `/blocks/${id}/grid`);
    const at = (which: 'from' | 'now' | 'to') => (grids?.[which] as BlockFile['grid'] | undefined) ?? block.grid;
    const versions = {
      was: version({ ...block, grid: at('from') }, from, from),
      theirs: version({ ...block, grid: at('now') }, now, from),
      yours: version({ ...block, grid: at('to') }, to, from),
    };
    return [{ id, name: block.name ?? id, versions }];
  });
}

function version(block: BlockFile, patches: PatchFile[], from: readonly PatchFile[]): DrawnVersion {
  const before = new Set(from.map(patchKey));
  const changed = new Set(patches.flatMap((p, i) => (before.has(patchKey(p)) ? [] : [i])));
  return { block: readBlock({ ...block, patches }, '').block, changed };
}
