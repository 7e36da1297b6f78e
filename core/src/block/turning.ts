/** Turning and mirroring a block, and the eight ways a square picture can lie. */
import type { Block, Patch } from './block';
import { PER_CELL, tidy, type Point } from './geometry';

/** The block turned clockwise by a number of quarter turns (negative ones turn back). */
export function turnBlock(block: Block, quarters: number): Block {
  const times = ((quarters % 4) + 4) % 4;
  let turned = block;
  for (let i = 0; i < times; i += 1) {
    const height = turned.grid[1] * PER_CELL;
    turned = {
      ...turned,
      grid: [turned.grid[1], turned.grid[0]],
      patches: movePatches(turned.patches, ([x, y]) => [height - y, x]),
    };
  }
  return turned;
}

/** The block as in a mirror, left and right exchanged. */
export function mirrorBlock(block: Block): Block {
  const width = block.grid[0] * PER_CELL;
  return { ...block, patches: movePatches(block.patches, ([x, y]) => [width - x, y]) };
}

function movePatches(patches: readonly Patch[], move: (p: Point) => Point): Patch[] {
  return patches.map((patch) => ({ ...patch, points: tidy(patch.points.map(move)) }));
}
