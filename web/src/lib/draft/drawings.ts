/** Drawings on their way into and out of a programme: changes to save, and files to keep. */
import { blockDocument, blockFile, blockSvg, patchFiles, recast, rolesOf, type Block, type Point } from '@aggrega/core/block';
import { formatLength } from '@aggrega/core/measure';
import { lettersOf, type Change, type Month, type Programme, type ProgrammeFile } from '@aggrega/core/programme';

/** The letters that every colourway gives a fabric: only these can be drawn with. */
export function castable(programme: Programme): string[] {
  const [first, ...others] = programme.colourways;
  return lettersOf(first!)
    .map(([role]) => role)
    .filter((role) => others.every((c) => c.fabrics.has(role)));
}

/** The drawing with letters that no fabric stands for replaced by such that have one. */
export function fitted(block: Block, roles: readonly string[]): Block {
  return rolesOf(block)
    .filter((role) => !roles.includes(role))
    .reduce((b, role, i) => {
      const points = b.patches.filter((p) => p.role === role).map((p) => middle(p.points));
      return recast(b, points, roles[(roles.length - 1 - i + roles.length * 8) % roles.length]!);
    }, block);
}

/** A point inside a patch: the middle of its first three corners, which a turn to the right keeps inside. */
function middle(points: readonly Point[]): Point {
  const n = points.length;
  for (let i = 0; i < n; i += 1) {
    const [a, b, c] = [points[i]!, points[(i + 1) % n]!, points[(i + 2) % n]!];
    if ((b[0] - a[0]) * (c[1] - b[1]) - (b[1] - a[1]) * (c[0] - b[0]) > 0)
      return [(a[0] + 2 * b[0] + c[0]) / 4, (a[1] + 2 * b[1] + c[1]) / 4];
  }
  return points[0]!;
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

/** What to save to draw a month's first block, at the size that most blocks of the programme have. */
export function begun(file: ProgrammeFile, programme: Programme, month: Month, block: Block): Change[] {
  const sizes = programme.months.flatMap((m) => m.blocks.map((b) => formatLength(b.finished[0], programme.unit)));
  const usual = sizes.sort((a, b) => sizes.filter((s) => s === b).length - sizes.filter((s) => s === a).length)[0];
  const stem =
    block.name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 60) || 'block';
  const taken = new Set(file.blocks.map((b) => b.id));
  let id = stem;
  for (let n = 2; taken.has(id); n += 1) id = `${stem}-${n}`;
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
