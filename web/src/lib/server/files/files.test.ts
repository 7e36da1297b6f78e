import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { unzipSync, zipSync } from 'fflate';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { serveFiles } from '../../../../../bin/lib/file-store.mjs';
import { asOwner } from '../../../../tests/fresh-database';
import { MILL, QUARRY, twoHouses } from '../../../../tests/two-houses';
import { takeArchive, writeArchive } from '../backup/archive';
import { insertPicture } from '../db/participant-page';
import { asOrganisation, closePool } from '../db/pool';
import { personFile } from '../participants/roster-files';
import { keepPhoto, photoOf } from '../fabric/swatch';
import { bringFiles, deleteFiles } from './moving';
import { StoreAway, getObject, putObject, removeObject } from './store';

const PERSON = '00000000-0000-4000-8000-0000000000a1';
const [key, secret] = ['maker', 'of quilts'];
let owner: string;
let folder: string;
let store: Awaited<ReturnType<typeof serveFiles>>;
let slug: string;
let photo: string;
let picture: Buffer;

const files = () => readdirSync(folder).length;
const inRows = async () =>
  (
    await asOwner<{ n: number }>(
      owner,
      `select (select count(*) from picture where jpeg is not null)::int + (select count(*) from swatch_photo where jpeg is not null)::int as n`,
    )
  )[0]!.n;
const coloured = (background: string) =>
  sharp({ create: { width: 64, height: 64, channels: 3, background } })
    .jpeg()
    .toBuffer();

beforeAll(async () => {
  ({ owner, slug } = await twoHouses());
  await asOrganisation(QUARRY, (db) =>
    db.query(
      `insert into participant (organisation_id, programme_id, id, name, colourway) select $1, id, $2, 'Ada', 'frost' from programme`,
      [QUARRY, PERSON],
    ),
  );
});
afterAll(closePool);

beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'aggrega-files-'));
  store = await serveFiles({ folder, key, secret });
  Object.assign(process.env, { AGGREGA_S3_BUCKET: store.bucket, AGGREGA_S3_KEY: key, AGGREGA_S3_SECRET: secret });
  await asOwner(owner, 'delete from picture');
  await asOwner(owner, 'delete from swatch_photo');
  await asOwner(owner, 'delete from object_to_delete');
  photo = ((await keepPhoto(QUARRY, await coloured('#884422'))) as { photo: string }).photo;
  picture = await coloured('#224488');
  await asOrganisation(QUARRY, (db) => insertPicture(db, PERSON, 'm1', picture, new Date()));
});
afterEach(async () => {
  await store.stop();
  for (const name of ['BUCKET', 'KEY', 'SECRET']) delete process.env[`AGGREGA_S3_${name}`];
  rmSync(folder, { recursive: true, force: true });
});

describe('a store of files', () => {
  it('gives what it was given, by name; forgets what is deleted; and lets nobody in without the secret', async () => {
    await putObject('a/b/c', Buffer.from('one'));
    await putObject('a/b/c', Buffer.from('two'));
    await putObject('a/b/d', Buffer.from('other'));
    expect((await getObject('a/b/c')).toString()).toBe('two');
    await removeObject('a/b/c');
    await removeObject('a/b/c');
    await expect(getObject('a/b/c')).rejects.toThrow(StoreAway);
    expect((await fetch(`${store.bucket}/a/b/d`)).status).toBe(403);
    process.env.AGGREGA_S3_SECRET = 'of coats';
    await expect(getObject('a/b/d')).rejects.toThrow(/403/);
  });
});

describe('pictures and photos', () => {
  it('are brought over by the clockwork, and are the same for everybody; what is deleted is deleted there too', async () => {
    const before = await photoOf(QUARRY, photo);
    expect(await bringFiles(QUARRY)).toBe(2);
    expect([files(), await inRows()]).toEqual([2, 0]);
    expect(await photoOf(QUARRY, photo)).toEqual(before);
    expect(await bringFiles(QUARRY)).toBe(0);
    const kept = JSON.parse(((await personFile(QUARRY, slug, PERSON)) as { body: string }).body) as {
      pictures: { jpeg_base64: string }[];
    };
    expect(kept.pictures.map((p) => Object.keys(p).sort())).toEqual([['jpeg_base64', 'month', 'taken_at']]);
    expect(Buffer.from(kept.pictures[0]!.jpeg_base64, 'base64')).toEqual(picture);

    await asOrganisation(QUARRY, (db) => db.query('delete from picture'));
    expect(await deleteFiles()).toBe(1);
    expect([files(), await deleteFiles()]).toEqual([1, 0]);
  });

  it('wait in the database while the store is away, and lose nothing when it goes away in the middle', async () => {
    const before = await photoOf(QUARRY, photo);
    await store.stop();
    await expect(bringFiles(QUARRY)).rejects.toThrow(StoreAway);
    expect(await inRows()).toBe(2);
    expect(await photoOf(QUARRY, photo)).toEqual(before);
    // Named and not yet there, it may be deleted: then nothing of it may stay in the store.
    await asOrganisation(QUARRY, (db) => db.query('delete from picture'));
    store = await serveFiles({ folder, key, secret });
    process.env.AGGREGA_S3_BUCKET = store.bucket;
    expect(await bringFiles(QUARRY)).toBe(1);
    expect(await deleteFiles()).toBe(1);
    expect(files()).toBe(1);
  });

  it('are brought once by many at a time', async () => {
    const brought = await Promise.all([1, 2, 3, 4].map(() => bringFiles(QUARRY)));
    expect(brought.reduce((a, b) => a + b)).toBe(2);
    expect([files(), await inRows()]).toEqual([2, 0]);
  });

  it('are in an archive whole, which another house keeps in its own rows; a name that is smuggled in opens nothing', async () => {
    await bringFiles(QUARRY);
    const { path, remove } = await writeArchive(QUARRY, 'Quarry Road');
    const archive = await readFile(path);
    await remove();
    const parts = unzipSync(archive);
    const rows = new TextDecoder().decode(parts['tables/picture.jsonl']);
    expect(rows).toContain(picture.toString('hex'));
    expect(rows).not.toContain(QUARRY);
    const [{ object }] = (await asOwner<{ object: string }>(owner, 'select object from picture')) as [{ object: string }];
    await asOwner(owner, `delete from organisation where id = '${QUARRY}'`);
    parts['tables/picture.jsonl'] = Buffer.from(rows.replace('{', `{"object":"${object}",`));
    await takeArchive(MILL, [zipSync(parts)] as never);
    const taken = await asOwner<{ jpeg: Buffer; object: string | null }>(owner, 'select jpeg, object from picture');
    expect(taken).toEqual([{ jpeg: picture, object: null }]);
    expect(object).toContain(QUARRY);
    expect(await deleteFiles()).toBe(2);
    expect(files()).toBe(0);
  });
});
