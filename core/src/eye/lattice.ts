/** The grid under a block: which ones may be, and which it is. */
import { PER_CELL, type Point } from '../block';
import { toldBy } from './cells';
import type { Codes } from './codes';
import type { Labels } from './labels';

export type Grid = readonly [columns: number, rows: number];

/** Where a grid lies over a picture. */
export interface Lattice {
  columns: number;
  rows: number;
  /** What lies beyond the outer grid lines on each side, as a share of the picture's side: the seam allowance of a block that is not set yet. */
  margin: number;
}

/** A point of the block, in twelfths of a square, as a place of its picture. */
export function shareOf({ columns, rows, margin }: Lattice, [x, y]: Point): [x: number, y: number] {
  const within = 1 - 2 * margin;
  return [margin + (x / (columns * PER_CELL)) * within, margin + (y / (rows * PER_CELL)) * within];
}

/** Squares to a side that are tried. */
const LEAST = 2;
const MOST = 16;

/** Grids for a block that is so many times as wide as high: of squares as square as that leaves them. */
export function gridsOf(wide: number): Grid[] {
  const shape = Math.log(Math.max(1 / WIDEST, Math.min(WIDEST, wide)));
  const all: Grid[] = [];
  for (let columns = LEAST; columns <= MOST; columns += 1)
    for (let rows = LEAST; rows <= MOST; rows += 1) {
      const off = Math.abs(Math.log(columns / rows) - shape);
      if (Math.abs(shape) < NEARLY_SQUARE ? columns === rows : off < NEARLY_SQUARE) all.push([columns, rows]);
    }
  return all;
}
/** A block is no longer than so many times its other side. */
const WIDEST = 6;
/** The logarithm of how far from square a block may look and be square. */
const NEARLY_SQUARE = 0.14;

/** Shares of a block's side that may lie beyond the outer grid lines: seam allowances, or corners that were not set well. */
const MARGINS = [0.01, 0.02, 0.03, 0.04];
/** Bits that a margin has to save. */
const WORTH = 12;
/** Grids that are tried with margins: the best ones, where they tell the picture in not many more bits than the very best. */
const BEST = 3;
const NEAR = 1.3;

/**
 * The grid that tells the picture in the fewest bits. Where seams end between its corners it is made twice as fine, unless there is no other to choose: then
 * somebody has said it.
 */
export function bestLattice(labels: Labels, codes: Codes, grids: readonly Grid[]): Lattice {
  const tell = (lattice: Lattice) => ({ lattice, ...toldBy(labels, lattice, codes) });
  const plain = grids.map(([columns, rows]) => tell({ columns, rows, margin: 0 })).sort((a, b) => a.bits - b.bits);
  let best = plain[0]!;
  for (const { lattice } of plain.slice(0, BEST).filter(({ bits }) => bits < NEAR * plain[0]!.bits))
    for (const margin of MARGINS) {
      const told = tell({ ...lattice, margin });
      if (told.bits + (best.lattice.margin === 0 ? WORTH : 0) < best.bits) best = told;
    }
  const between = best.leaves.some(({ points }) => points.some((p) => p.some((n) => n % PER_CELL !== 0)));
  const fine = between && grids.length > 1 ? 2 : 1;
  return { ...best.lattice, columns: best.lattice.columns * fine, rows: best.lattice.rows * fine };
}
