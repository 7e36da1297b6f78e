/** The grid that a drawing lies on: likely ones, and its corners moved onto the one that is chosen. */
import { PER_CELL, type Box } from '../block';
import type { Place, Shape } from './shapes';

export type Grid = readonly [columns: number, rows: number];

export interface LikelyGrid {
  grid: Grid;
  /** The share of all corners that lie on a line of the grid in both directions, from 0 to 1. */
  onLines: number;
}

/** Squares to a side that are tried. */
const MOST = 24;
/** How far from a line a corner may lie and still be on it, as a share of the block's side: drawn by hand with a pointer. */
const NEAR = 0.008;
/** A grid of one square more must bring so large a share of the corners onto its lines. */
const WORTH = 0.02;
const OFFERED = 4;

/** What all shapes cover, in the drawing's unit. */
export function extentOf(shapes: readonly Shape[]): Box {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const [x, y] of shapes.flatMap((s) => s.outlines.flat())) {
    [left, right] = [Math.min(left, x), Math.max(right, x)];
    [top, bottom] = [Math.min(top, y), Math.max(bottom, y)];
  }
  return { x: left, y: top, w: right - left, h: bottom - top };
}

/** Grids of square cells (as square as the block allows), the likeliest first: few squares, and nearly all corners on their lines. */
export function likelyGrids(shapes: readonly Shape[]): LikelyGrid[] {
  const { x, y, w, h } = extentOf(shapes);
  const corners = shapes.flatMap((s) => s.outlines.flat()).map(([px, py]): Place => [(px - x) / w, (py - y) / h]);
  const near = (at: number, cells: number) => Math.abs(at * cells - Math.round(at * cells)) / cells <= NEAR;
  const of = (columns: number, rows: number): LikelyGrid => ({
    grid: [columns, rows],
    onLines: corners.filter(([px, py]) => near(px, columns) && near(py, rows)).length / corners.length,
  });
  const found: LikelyGrid[] = [];
  for (let n = 1; n <= MOST; n += 1) {
    const other = Math.max(1, Math.round((n * Math.max(w, h)) / Math.min(w, h)));
    if (other <= 2 * MOST) found.push(w <= h ? of(n, other) : of(other, n));
  }
  const worth = ({ grid, onLines }: LikelyGrid) => onLines - WORTH * Math.min(...grid);
  return found.sort((a, b) => worth(b) - worth(a)).slice(0, OFFERED);
}

/** A coordinate in cells moved to the nearest quarter or third of a cell, in twelfths of a cell. */
export function onto(cells: number): number {
  const twelfths = cells * PER_CELL;
  const whole = Math.floor(twelfths / PER_CELL) * PER_CELL;
  const points = [0, 3, 4, 6, 8, 9, 12].map((n) => whole + n);
  return points.reduce((a, b) => (Math.abs(b - twelfths) < Math.abs(a - twelfths) ? b : a));
}
