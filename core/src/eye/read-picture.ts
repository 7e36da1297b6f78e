/** From a photograph of a block to its drawing. */
import { blockOf, type PictureBlock } from './picture-block';
import { likelyCorners } from './corners';
import { shapeOf, type Corners } from './homography';
import { evened } from './light';
import type { Pixels } from './pixels';
import type { Grid } from './lattice';
import { readPatches } from './reading';
import { straightened } from './straighten';

/** Places to a side in which a block is read. */
const SIDE = 480;

export interface PictureReading extends PictureBlock {
  corners: Corners;
}

/**
 * Reads the block in a photograph. `corners`: where somebody has set them, in pixels; `grid`: likewise. Undefined where the corners make no four-sided shape.
 */
export function readPicture(picture: Pixels, known: { corners?: Corners; grid?: Grid } = {}): PictureReading | undefined {
  const corners = known.corners ?? likelyCorners(picture);
  const flat = straightened(picture, corners, SIDE, SIDE);
  if (!flat) return undefined;
  const reading = readPatches(evened(flat), { wide: shapeOf(corners, picture), grid: known.grid });
  return { corners, ...blockOf(reading) };
}
