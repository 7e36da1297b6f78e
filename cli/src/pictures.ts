/** Picture files as the eye takes them, and corners as they are written. */
import { readFileSync } from 'node:fs';
import { isPicture, type Corner, type Corners } from '@aggrega/core/eye';
import { PlanError } from '@aggrega/core/programme';
import sharp from 'sharp';
import { UsageError } from './usage';
import { words as said } from './words';

/** Pixels that a picture may have at most, and to a side at least. */
const MOST_PIXELS = 50_000_000;
const LEAST_SIDE = 64;

/** Tenths of a pixel are enough. */
export const cornersText = (corners: Corners) => corners.map((corner) => corner.map((n) => Math.round(n * 10) / 10));

/** '10,12 400,15 398,410 8,402'. */
export function cornersOf(written: string): Corners {
  const corners = written.split(' ').map((pair): Corner => {
    const [x, y] = pair.split(',').map((n) => (n.trim() === '' ? NaN : Number(n)));
    return [x ?? NaN, y ?? NaN];
  });
  if (corners.length !== 4 || !corners.flat().every(Number.isFinite)) throw new UsageError(said.cornersAre(written));
  return corners as unknown as Corners;
}

/** The picture the right way up. Throws PlanError for what cannot be read. */
export async function pixelsOf(path: string) {
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
