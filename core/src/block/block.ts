/** A block as drawn: a grid, and patches that tile it. */
import { ratio } from '../measure';
import { PER_CELL, doubleArea, tidy, type Point, type Polygon } from './geometry';
import { words } from './words';

export interface Patch {
  role: string;
  /** Tidied outline in twelfths of a cell, clockwise. */
  points: Polygon;
}

export interface Block {
  id: string;
  name: string;
  /** Columns and rows of the grid. */
  grid: readonly [columns: number, rows: number];
  patches: readonly Patch[];
}

/** A patch as the file holds it: coordinates in grid units, thirds written as '1/3'. */
export interface PatchFile {
  role: string;
  points: [number | string, number | string][];
}

export interface BlockFile {
  id: string;
  name?: string;
  grid: [number, number];
  patches: PatchFile[];
}

/** A place in a document (JSON Pointer) and what is wrong there. */
export interface Problem {
  path: string;
  message: string;
}

/** One coordinate in twelfths, or undefined when it is no multiple of a quarter or a third of a cell. */
export function readCoordinate(written: number | string): number | undefined {
  let value;
  try {
    value = ratio(typeof written === 'string' ? written.trim() : written);
  } catch {
    return undefined;
  }
  const quarters = value.mul(4);
  const thirds = value.mul(3);
  if (quarters.d !== 1n && thirds.d !== 1n) return undefined;
  return value.mul(PER_CELL).valueOf();
}

/** The block of a file entry, and the coordinates that could not be read, with their places below `path`. */
export function readBlock(file: BlockFile, path: string): { block: Block; problems: Problem[] } {
  const problems: Problem[] = [];
  const patches = file.patches.map((patch, i) => {
    const points = patch.points.map((pair, j): Point => {
      const [x, y] = pair.map((coordinate) => readCoordinate(coordinate));
      if (x === undefined || y === undefined)
        problems.push({
          path: `${path}/patches/${i}/points/${j}`,
          message: words.isNotOnTheGridUse(pair.join(', ')),
        });
      return [x ?? 0, y ?? 0];
    });
    return { role: patch.role, points: tidy(points) };
  });
  return { block: { id: file.id, name: file.name ?? file.id, grid: file.grid, patches }, problems };
}

/** The roles of a block in alphabetical order. */
export function rolesOf(block: Block): string[] {
  return [...new Set(block.patches.map((p) => p.role))].sort();
}

/** The share of a block's face that each role covers, largest first: what colour it is from across the room. */
export function roleShares(block: Block): { role: string; share: number }[] {
  const shares = new Map<string, number>();
  const whole = 2 * block.grid[0] * block.grid[1] * PER_CELL * PER_CELL;
  for (const { role, points } of block.patches) shares.set(role, (shares.get(role) ?? 0) + doubleArea(points) / whole);
  return [...shares].map(([role, share]) => ({ role, share })).sort((a, b) => b.share - a.share);
}
