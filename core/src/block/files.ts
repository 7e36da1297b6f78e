/** A block as its own small file, and as an SVG drawing at true scale; `svg` reads that back. */
import { readBlock, type Block, type BlockFile, type PatchFile, type Problem } from './block';
import { PER_CELL } from './geometry';
import { tilingProblems } from './tiling';

/** `NAME.block.json` */
export interface BlockDocument extends BlockFile {
  format: 'aggrega-block';
  version: 1;
}

/** One coordinate as a file holds it: a number in quarters, or thirds as '1/3'. */
function written(twelfths: number): number | string {
  if (twelfths % 3 === 0) return twelfths / PER_CELL;
  const thirds = twelfths / 4;
  return `${thirds}/3`;
}

/** The block as a programme's file holds it. */
export function blockFile({ id, name, grid, patches }: Block): BlockFile {
  return { id, name, grid: [grid[0], grid[1]], patches: patchFiles(patches) };
}

export function patchFiles(patches: Block['patches']): PatchFile[] {
  return patches.map(({ role, points }) => ({ role, points: points.map(([x, y]) => [written(x), written(y)]) }));
}

export function blockDocument(block: Block): BlockDocument {
  return { format: 'aggrega-block', version: 1, ...blockFile(block) };
}

export type ReadBlock = { block: Block } | { problems: Problem[] };

const MOST_CELLS = 64;
const MOST_PATCHES = 4096;

/** Reads a block's own file, already parsed; every refusal with its place. */
export function readBlockDocument(data: unknown): ReadBlock {
  const refuse = (path: string, message: string): ReadBlock => ({ problems: [{ path, message }] });
  if (data === null || typeof data !== 'object' || Array.isArray(data)) return refuse('', 'this is no block file');
  const { format, version, id, name, grid, patches } = data as Record<string, unknown>;
  if (format !== 'aggrega-block') return refuse('/format', "must be 'aggrega-block'");
  if (version !== 1) return refuse('/version', 'must be 1');
  if (!Array.isArray(grid) || grid.length !== 2 || !grid.every((n) => Number.isInteger(n) && n >= 1 && n <= MOST_CELLS))
    return refuse('/grid', `must be two whole numbers from 1 to ${MOST_CELLS}`);
  if (!Array.isArray(patches) || patches.length === 0 || patches.length > MOST_PATCHES)
    return refuse('/patches', `must be a list of 1 to ${MOST_PATCHES} patches`);
  for (const [i, patch] of patches.entries()) {
    const { role, points } = (patch ?? {}) as { role?: unknown; points?: unknown };
    if (typeof role !== 'string' || !/^[A-Z][A-Z0-9]{0,2}$/.test(role))
      return refuse(`/patches/${i}/role`, 'must be a letter from A to Z, with up to two more letters or digits');
    const sound =
      Array.isArray(points) &&
      points.length >= 3 &&
      points.length <= 64 &&
      points.every((p) => Array.isArray(p) && p.length === 2);
    if (!sound) return refuse(`/patches/${i}/points`, 'must be a list of three to 64 points');
  }
  const file: BlockFile = {
    id: typeof id === 'string' && /^[A-Za-z0-9][A-Za-z0-9._-]{0,79}$/.test(id) ? id : 'block',
    name: typeof name === 'string' ? name.slice(0, 200) : undefined,
    grid: grid as [number, number],
    patches: patches as PatchFile[],
  };
  const { block, problems } = readBlock(file, '');
  const all = problems.length > 0 ? problems : tilingProblems(block, '');
  return all.length > 0 ? { problems: all } : { block };
}

/** An SVG drawing of the finished block at true scale, its patches named so that it can be read back. */
export function blockSvg(
  block: Block,
  size: { width: number; height: number; unit: 'in' | 'cm' },
  colours: ReadonlyMap<string, string>,
): string {
  const [w, h] = [block.grid[0] * PER_CELL, block.grid[1] * PER_CELL];
  const shapes = block.patches.map(
    ({ role, points }) =>
      `  <polygon data-role="${role}" points="${points.map((p) => p.join(',')).join(' ')}" fill="${colours.get(role) ?? '#ffffff'}"/>`,
  );
  const text = (s: string) => s.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${size.width}${size.unit}" height="${size.height}${size.unit}" viewBox="0 0 ${w} ${h}" data-grid="${block.grid.join(' ')}" stroke="#1c2a4a" stroke-width="0.25" stroke-linejoin="round">`,
    `  <title>${text(block.name)}</title>`,
    ...shapes,
    '</svg>',
    '',
  ].join('\n');
}
