/** From a photograph of a block to its drawing. */
import { blockOf, type PictureBlock } from './picture-block';
import { likelyCorners } from './corners';
import { fromUnitSquare, shapeOf, taken, type Corners } from './homography';
import { evened } from './light';
import type { Pixels } from './pixels';
import type { Grid } from './lattice';
import { readPatches } from './reading';
import { straightened } from './straighten';

/** Places to a side in which a block is read. */
const SIDE = 480;

export interface PictureReading extends PictureBlock {
  corners: Corners;
  /** Where the block's outer seams meet, in pixels: within the corners of a block that is not set yet. */
  edges: Corners;
}

/**
 * Reads the block in a photograph. `corners`: where somebody has set them, in pixels; `grid`: likewise. Undefined where the corners make no four-sided shape.
 */
export function readPicture(picture: Pixels, known: { corners?: Corners; grid?: Grid } = {}): PictureReading | undefined {
  const corners = known.corners ?? likelyCorners(picture);
  const flat = straightened(picture, corners, SIDE, SIDE);
  if (!flat) return undefined;
  const reading = readPatches(evened(flat), { wide: shapeOf(corners, picture), grid: known.grid });
  const there = fromUnitSquare(corners)!;
  const edge = (x: number, y: number) => taken(there, ...reading.bend([x, y]));
  return { corners, edges: [edge(0, 0), edge(1, 0), edge(1, 1), edge(0, 1)], ...blockOf(reading) };
}
