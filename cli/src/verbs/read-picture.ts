/** read-picture FILE: a photograph of a block as a block file, with what is in doubt. */
import { blockDocument, gridText, type Point } from '@aggrega/core/block';
import { readPicture as seen, type Grid } from '@aggrega/core/eye';
import { cornersOf, cornersText, pixelsOf } from '../pictures';
import { readOptions, UsageError } from '../usage';
import { words as said } from '../words';

/** Squares that the eye tells apart. */
const MOST_SQUARES = 24;

/** The block, where it lies in the picture, and what is in doubt. Throws PlanError for a picture that cannot be read. */
export async function readPicture(path: string, given: string[]) {
  const { grid, corners } = readOptions(given, ['grid', 'corners']);
  const known = {
    grid: grid === undefined ? undefined : gridOf(grid),
    corners: corners === undefined ? undefined : cornersOf(corners),
  };
  const reading = seen(await pixelsOf(path), known);
  if (!reading) throw new UsageError(said.cornersAre(corners ?? ''));
  const place = ([x, y]: Point) => [gridText(x), gridText(y)];
  return {
    block: blockDocument(reading.block),
    fabrics: reading.fabrics,
    corners: cornersText(reading.corners),
    doubtful: {
      patches: reading.doubtfulPatches,
      seams: reading.doubtfulSeams.map(({ from, to, drawn }) => ({ from: place(from), to: place(to), drawn })),
    },
  };
}

function gridOf(written: string): Grid {
  const [, across, down] = /^(\d{1,2})x(\d{1,2})$/.exec(written) ?? [];
  const grid = [Number(across), Number(down)] as const;
  if (!grid.every((n) => n >= 1 && n <= MOST_SQUARES)) throw new UsageError(said.pictureGridIs(written));
  return grid;
}
