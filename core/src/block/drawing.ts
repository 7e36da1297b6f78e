/** Pictures as data: shapes in real lengths that one renderer turns into SVG for page, print and file. */
import type { Exact } from '../measure';
import type { Block } from './block';
import { PER_CELL, type Box } from './geometry';

export interface DrawnShape {
  /** Corners in the document's unit. */
  points: (readonly [x: number, y: number])[];
  /** The fabric's letter: what it is filled with. */
  role: string;
  /** Patch of the block, to link the shape with its cut. */
  patch?: number;
}

export interface Drawing {
  width: number;
  height: number;
  shapes: DrawnShape[];
}

/** The finished block, or the part of it inside `box` (in twelfths), at its finished size. */
export function blockDrawing(block: Block, finished: readonly [Exact, Exact], box?: Box): Drawing {
  const scale = finished.map((side, axis) => side.toNumber() / (block.grid[axis]! * PER_CELL)) as [number, number];
  const { x, y, w, h } = box ?? { x: 0, y: 0, w: block.grid[0] * PER_CELL, h: block.grid[1] * PER_CELL };
  return {
    width: w * scale[0],
    height: h * scale[1],
    shapes: block.patches.flatMap(({ role, points }, patch) => {
      const inside = points.every(([px, py]) => px >= x && px <= x + w && py >= y && py <= y + h);
      return inside
        ? [{ role, patch, points: points.map(([px, py]) => [(px - x) * scale[0], (py - y) * scale[1]] as const) }]
        : [];
    }),
  };
}
