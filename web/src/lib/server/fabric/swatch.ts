/** Photos of fabrics and of sheets: checked, made small and clean, read, and kept. */
import { words } from './words';
import { isPicture } from '@aggrega/core/eye';
import { readPhoto, type PhotoReading } from '@aggrega/core/fabric';
import type { NotePicture } from '@aggrega/core/programme';
import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { cleanPicture } from '../participant-page/pictures';
import { bytesOf } from '../files/store';
import { findPhoto, insertPhoto, MOST_PHOTOS } from '../db/swatches';
import { asOrganisation } from '../db/pool';
import { WHITE } from '@aggrega/core/ink';

/** Pixels that a photo may have at most; a small file can unfold into very many. */
const MOST_PIXELS = 50_000_000;
/** Pixels of a side: of what is kept, and of what is read. */
const KEPT = 512;
const READ = 128;

export interface KeptPhoto extends PhotoReading {
  /** Name of its contents. */
  photo: string;
}

/** Keeps a photo; a sentence when it cannot be taken. Nothing of a refused file is kept. */
export async function keepPhoto(organisation: string, sent: Uint8Array): Promise<KeptPhoto | { refused: string }> {
  const read = await clean(sent);
  if ('refused' in read) return read;
  const photo = nameOf(read.jpeg);
  const kept = await asOrganisation(organisation, (db) => insertPhoto(db, organisation, photo, read.jpeg));
  if (!kept) return { refused: words.tooManyPhotos(MOST_PHOTOS) };
  return { photo, ...readPhoto(read.pixels, READ) };
}

/** The photo as JPEG, or undefined. */
export async function photoOf(organisation: string, id: string): Promise<Buffer | undefined> {
  const found = await asOrganisation(organisation, (db) => findPhoto(db, id));
  return found && bytesOf(found);
}

/** Photos as JPEGs, by name; those that are not here are left out. */
export async function photosOf(organisation: string, ids: readonly string[]): Promise<Map<string, Uint8Array>> {
  const found = await Promise.all(ids.map(async (id) => [id, await photoOf(organisation, id)] as const));
  return new Map(found.flatMap(([id, jpeg]) => (jpeg ? [[id, jpeg]] : [])));
}

/** Keeps a photo whole, for a sheet; a sentence when it cannot be taken. */
export async function keepSheetPhoto(organisation: string, sent: Uint8Array): Promise<NotePicture | { refused: string }> {
  const read = await cleanPicture(sent);
  if ('refused' in read) return read;
  const { width, height } = await sharp(read.jpeg).metadata();
  const photo = nameOf(read.jpeg);
  const kept = await asOrganisation(organisation, (db) => insertPhoto(db, organisation, photo, read.jpeg));
  if (!kept) return { refused: words.tooManyPhotos(MOST_PHOTOS) };
  return { photo, width, height };
}

const nameOf = (jpeg: Buffer) => createHash('sha256').update(jpeg).digest('hex').slice(0, 32);

/** The picture alone, the right way up, its middle square; nothing else that the file held. */
async function clean(sent: Uint8Array): Promise<{ jpeg: Buffer; pixels: Uint8Array } | { refused: string }> {
  if (sent.length === 0) return { refused: words.theFileIsEmptyChoose };
  if (!isPicture(sent)) return { refused: words.thisIsAFileOf };
  const open = () => sharp(sent, { limitInputPixels: MOST_PIXELS, failOn: 'warning', pages: 1 });
  try {
    const { width, height } = await open().metadata();
    if (width < 32 || height < 32) return { refused: words.thisPictureIsTooSmall };
    if (width * height > MOST_PIXELS) return { refused: words.thisPictureIsTooLarge };
    const square = (side: number) =>
      open().rotate().flatten({ background: WHITE }).toColourspace('srgb').resize(side, side, { fit: 'cover' });
    const jpeg = await square(KEPT).jpeg({ quality: 84 }).toBuffer();
    const pixels = await square(READ).removeAlpha().raw().toBuffer();
    return { jpeg, pixels: new Uint8Array(pixels) };
  } catch (error) {
    const large = error instanceof Error && /pixel limit/i.test(error.message);
    return {
      refused: large ? words.thisPictureIsTooLarge : words.thisIsNoWholeJpeg,
    };
  }
}
