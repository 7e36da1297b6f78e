/** Drawings on their way into and out of a programme: changes to save, and files to keep. */
import { blockDocument, blockFile, blockSvg, patchFiles, type Block } from '@aggrega/core/block';
import { formatLength } from '@aggrega/core/measure';
import { lettersOf, type Change, type Month, type Programme, type ProgrammeFile } from '@aggrega/core/programme';

/** The letters that every colourway gives a fabric: only these can be drawn with. */
export function castable(programme: Programme): string[] {
  const [first, ...others] = programme.colourways;
  return lettersOf(first!)
    .map(([role]) => role)
    .filter((role) => others.every((c) => c.fabrics.has(role)));
}

/** What to save when a block's drawing has changed. */
export function redrawn(file: ProgrammeFile, block: Block, name?: string): Change[] {
  const old = file.blocks.find((b) => b.id === block.id)!;
  const drawn = blockFile(block);
  const same = old.grid[0] === drawn.grid[0] && old.grid[1] === drawn.grid[1];
  return [
    { path: `/blocks/${block.id}/patches`, from: old.patches, to: patchFiles(block.patches) },
    ...(same ? [] : [{ path: `/blocks/${block.id}/grid`, from: old.grid, to: drawn.grid }]),
    ...(name === undefined || name === old.name ? [] : [{ path: `/blocks/${block.id}/name`, from: old.name, to: name }]),
  ];
}

/** A name in the file that no block of it has yet, after what the block is called. */
export function freeId(file: ProgrammeFile, name: string): string {
  const stem =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 60) || 'block';
  const taken = new Set(file.blocks.map((b) => b.id));
  let id = stem;
  for (let n = 2; taken.has(id); n += 1) id = `${stem}-${n}`;
  return id;
}

/** What to save to draw a month's first block, at the size that most blocks of the programme have. */
export function begun(file: ProgrammeFile, programme: Programme, month: Month, block: Block): Change[] {
  const sizes = programme.months.flatMap((m) => m.blocks.map((b) => formatLength(b.finished[0], programme.unit)));
  const usual = sizes.sort((a, b) => sizes.filter((s) => s === b).length - sizes.filter((s) => s === a).length)[0];
  const id = freeId(file, block.name);
  return [
    { path: `/blocks/${id}`, to: { ...blockFile({ ...block, id }) } },
    { path: `/months/${month.id}/blocks/${id}`, to: { block: id, finished: usual ?? (programme.unit === 'in' ? '12' : '30') } },
  ];
}

/** The block's own file, as text. */
export function blockText(block: Block): string {
  return `${JSON.stringify(blockDocument(block), null, 2)}\n`;
}

export { blockSvg };
