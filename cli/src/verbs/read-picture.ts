/** read-picture FILE: a photograph of a block as a block file, with what is in doubt. */
import { readFileSync } from 'node:fs';
import { blockDocument, gridText, type Point } from '@aggrega/core/block';
import { isPicture, readPicture as seen, type Corner, type Corners, type Grid } from '@aggrega/core/eye';
import { PlanError } from '@aggrega/core/programme';
import sharp from 'sharp';
import { readOptions, UsageError } from '../usage';
import { words as said } from '../words';

/** Pixels that a picture may have at most, and to a side at least. */
const MOST_PIXELS = 50_000_000;
const LEAST_SIDE = 64;
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
    corners: reading.corners.map((corner) => corner.map((n) => Math.round(n * 10) / 10)),
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

function cornersOf(written: string): Corners {
  const corners = written.split(' ').map((pair): Corner => {
    const [x, y] = pair.split(',').map((n) => (n.trim() === '' ? NaN : Number(n)));
    return [x ?? NaN, y ?? NaN];
  });
  if (corners.length !== 4 || !corners.flat().every(Number.isFinite)) throw new UsageError(said.cornersAre(written));
  return corners as unknown as Corners;
}

/** The picture the right way up. */
async function pixelsOf(path: string) {
  const refuse = (message: string) => new PlanError([{ path: '', message }]);
  let file: Buffer;
  try {
    file = readFileSync(path);
  } catch (error) {
    throw refuse(said.theFileCannotBeRead((error as Error).message));
  }
  if (!isPicture(file)) throw refuse(said.thisIsNoPicture);
  try {
    const { data, info } = await sharp(file, { limitInputPixels: MOST_PIXELS, failOn: 'error', pages: 1 })
      .rotate()
      .toColourspace('srgb')
      .ensureAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    if (Math.min(info.width, info.height) < LEAST_SIDE) throw refuse(said.thePictureIsTooSmall(LEAST_SIDE));
    return { width: info.width, height: info.height, data: new Uint8ClampedArray(data) };
  } catch (error) {
    if (error instanceof PlanError) throw error;
    throw refuse(/pixel limit/i.test((error as Error).message) ? said.thePictureIsTooLarge : said.thePictureIsDamaged);
  }
}
