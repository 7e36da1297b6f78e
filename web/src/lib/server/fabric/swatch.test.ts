import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freshDatabase } from '../../../../tests/fresh-database';
import { insertOrganisation } from '../db/organisations';
import { asOrganisation, closePool } from '../db/pool';
import { keepPhoto, photoOf } from './swatch';

const QUARRY = '00000000-0000-4000-8000-00000000000a';
const MILL = '00000000-0000-4000-8000-00000000000b';

beforeAll(async () => {
  await freshDatabase();
  for (const id of [QUARRY, MILL]) await asOrganisation(id, (db) => insertOrganisation(db, id, id));
});
afterAll(closePool);

const cloth = (width = 300, height = 200, background = '#884466') =>
  sharp({ create: { width, height, channels: 3, background } });
const count = async () =>
  asOrganisation(QUARRY, async (db) => Number((await db.query('select count(*) from swatch_photo')).rows[0].count));

describe('a photo of a fabric', () => {
  it.each(['jpeg', 'png', 'webp'] as const)('is taken as %s, made small, and read', async (format) => {
    const kept = await keepPhoto(QUARRY, await cloth().toFormat(format).toBuffer());
    if ('refused' in kept) throw new Error(kept.refused);
    expect(kept.colours).toHaveLength(1);
    expect(kept.value).toBeCloseTo(41, -1);
    const jpeg = (await photoOf(QUARRY, kept.photo))!;
    expect(await sharp(jpeg).metadata()).toMatchObject({ format: 'jpeg', width: 512, height: 512 });
  });

  it('keeps nothing but the picture: no place, no camera, and the right way up', async () => {
    const sent = await cloth()
      .composite([{ input: await cloth(300, 100, '#ffffff').png().toBuffer(), top: 0, left: 0 }])
      .jpeg()
      .withExif({ IFD0: { Copyright: 'Somebody at Home' }, IFD3: { GPSLatitude: '51/1 30/1 0/1' } })
      .withMetadata({ orientation: 3 })
      .toBuffer();
    const kept = await keepPhoto(QUARRY, sent);
    if ('refused' in kept) throw new Error(kept.refused);
    const jpeg = (await photoOf(QUARRY, kept.photo))!;
    const { exif, orientation } = await sharp(jpeg).metadata();
    expect({ exif, orientation }).toEqual({ exif: undefined, orientation: undefined });
    expect(jpeg.includes('Somebody')).toBe(false);
    // It was taken upside down: the white half lies below now.
    const { data, info } = await sharp(jpeg).raw().toBuffer({ resolveWithObject: true });
    const green = (y: number) => data[(y * info.width + 256) * info.channels + 1]!;
    expect(green(480)).toBeGreaterThan(200);
    expect(green(30)).toBeLessThan(120);
  });

  it('is one organisation’s own, and the same photo is kept once', async () => {
    const sent = await cloth(64, 64, '#123456').png().toBuffer();
    const before = await count();
    const [first, second] = [await keepPhoto(QUARRY, sent), await keepPhoto(QUARRY, sent)];
    expect(first).toEqual(second);
    expect(await count()).toBe(before + 1);
    expect(await photoOf(MILL, (first as { photo: string }).photo)).toBeUndefined();
  });
});

describe('a hostile picture is refused with a sentence, and nothing of it is kept', () => {
  /** A PNG that says it is 40,000 pixels each way, in a few hundred bytes. */
  async function bomb(): Promise<Uint8Array> {
    const png = await cloth(64, 64).png().toBuffer();
    png.writeUInt32BE(40_000, 16);
    png.writeUInt32BE(40_000, 20);
    return png;
  }
  const cases: [string, () => Promise<Uint8Array>, RegExp][] = [
    ['empty', async () => new Uint8Array(), /empty/],
    ['a bomb', bomb, /too large|isn’t complete/],
    ['a large one', () => cloth(8000, 7000).png({ compressionLevel: 9 }).toBuffer(), /too large/],
    ['cut off', async () => (await cloth(900, 900).jpeg().toBuffer()).subarray(0, 2000), /isn’t complete/],
    ['a picture by its head alone', async () => Buffer.from('\x89PNG\r\n\x1a\nand no more of it', 'latin1'), /isn’t complete/],
    [
      'cut off in the middle',
      async () => (await cloth(900, 900).png({ compressionLevel: 0 }).toBuffer()).subarray(0, 90_000),
      /isn’t complete/,
    ],
    ['a page', async () => Buffer.from('<html><script>alert(1)</script></html>'), /another kind/],
    [
      'a drawing with a script',
      async () => Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="64" height="64"><script>1</script></svg>'),
      /another kind/,
    ],
    ['a moving picture', () => cloth().gif().toBuffer(), /another kind/],
    ['a speck', () => cloth(8, 8).png().toBuffer(), /too small/],
    ['noise', async () => Uint8Array.from({ length: 5000 }, (_, i) => (i * 7919) % 251), /another kind/],
  ];
  it.each(cases)('%s', async (_, make, sentence) => {
    const before = await count();
    expect(await keepPhoto(QUARRY, await make())).toEqual({ refused: expect.stringMatching(sentence) });
    expect(await count()).toBe(before);
  });
});
