/** Whether a reading is the block that was photographed. */
import { PER_CELL, type Block } from '../../src/block';

export interface Compared {
  /** Patches of the block that the reading does not have, and patches of the reading that the block does not have. */
  missing: number;
  extra: number;
  /** Whether each letter of the one is one letter of the other, as far as their patches are the same. */
  letters: boolean;
  exact: boolean;
}

/** Patches by their outlines, as shares of the block: a finer grid says the same. */
const outlines = ({ grid, patches }: Block) =>
  new Map(
    patches.map(({ role, points }) => {
      const places = points.map(([x, y]) => `${(x / grid[0] / PER_CELL).toFixed(4)},${(y / grid[1] / PER_CELL).toFixed(4)}`);
      return [places.sort().join(' '), role];
    }),
  );

export function compared(read: Block, block: Block): Compared {
  const [got, truth] = [outlines(read), outlines(block)];
  const missing = [...truth.keys()].filter((key) => !got.has(key)).length;
  const extra = [...got.keys()].filter((key) => !truth.has(key)).length;
  const pairs = new Set([...got].flatMap(([key, role]) => (truth.has(key) ? [`${role} ${truth.get(key)}`] : [])));
  const firsts = new Set([...pairs].map((pair) => pair.split(' ')[0]));
  const seconds = new Set([...pairs].map((pair) => pair.split(' ')[1]));
  const letters = firsts.size === pairs.size && seconds.size === pairs.size;
  return { missing, extra, letters, exact: missing === 0 && extra === 0 && letters };
}
