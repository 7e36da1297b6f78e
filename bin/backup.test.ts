/** A backup is what was there at one moment, and brings it back elsewhere, links and all; half a file never stands there. */
import { existsSync, mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { AwsClient } from 'aws4fetch';
import pg from 'pg';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { freePort } from './lib/cluster.mjs';
import { prepareDatabase } from './lib/database.mjs';
import { serveFiles } from './lib/file-store.mjs';
import { proveBackup, restoreBackup, writeBackup } from './lib/dump.mjs';
import { otherMinor, type OtherMinor } from './lib/other-minor';
import { temporaryCluster } from './lib/test-cluster.mjs';
import { serve } from './lib/test-server.mjs';

const SECRET = 'a secret that everybody may read, for tests';
let from: Awaited<ReturnType<typeof temporaryCluster>>;
let to: Awaited<ReturnType<typeof temporaryCluster>>;
/** Where there is one to be had, everything is brought back to a server of another minor version. */
let other: OtherMinor | undefined;
let folder: string;

beforeAll(async () => {
  other = await otherMinor();
  [from, to] = await Promise.all([temporaryCluster(), temporaryCluster({ programs: other?.programs })]);
  folder = mkdtempSync(join(tmpdir(), 'aggrega-backups-'));
});
afterAll(async () => {
  await Promise.all([from?.remove(), to?.remove()]);
  other?.remove();
  if (folder) rmSync(folder, { recursive: true, force: true });
});

const versionOf = async (url: string): Promise<string> => {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  const { rows } = await client.query<{ server_version: string }>('show server_version');
  await client.end();
  return rows[0]!.server_version.split(' ')[0]!;
};

/** Every table of a database, as counts and sums. */
async function everything(url: string): Promise<Record<string, string>> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    const tables = await client.query<{ t: string }>(
      `select tablename as t from pg_tables where schemaname = 'public' order by 1`,
    );
    const found: Record<string, string> = {};
    for (const { t } of tables.rows)
      found[t] = (
        await client.query(
          `select count(*) || ' ' || coalesce(md5(string_agg(x::text, '|' order by x::text)), '') as sum from public.${t} x`,
        )
      ).rows[0].sum;
    return found;
  } finally {
    await client.end();
  }
}

it('brings everything back on another server while the first goes on, and only where it may', async () => {
  const app = await serve(await prepareDatabase(from.url), await freePort(), {
    outside: join(folder, 'outside'),
    env: { AGGREGA_PART: 'pages' },
  });
  const save = (contact: string, was: string) =>
    fetch(`${app.address}/api/programmes/the-allotment-year/changes`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ changes: [{ path: '/contact', from: was, to: contact }] }),
    }).then((a) => a.status);
  const { document } = (await (await fetch(`${app.address}/api/programmes/the-allotment-year`)).json()) as {
    document: { contact: string };
  };
  const { link } = (await (
    await fetch(`${app.address}/api/programmes/the-allotment-year/roster`).then(async (a) => {
      const { people } = (await a.json()) as { people: { id: string }[] };
      return fetch(`${app.address}/api/programmes/the-allotment-year/roster/${people[0]!.id}/link`);
    })
  ).json()) as { link: string };
  expect(await save('at the till', document.contact)).toBe(200);
  const then = await everything(from.url);
  const file = join(folder, 'one.backup');
  await writeBackup(from.url, { secret: SECRET, file });
  expect(statSync(file).mode & 0o077).toBe(0);
  await expect(writeBackup(from.url, { secret: SECRET, file })).rejects.toThrow(/there already/);
  // People go on working; the backup stays what it was.
  expect(await save('by the door', 'at the till')).toBe(200);
  await app.stop();

  if (other) {
    expect(await versionOf(to.url)).toBe(other.version);
    expect(await versionOf(from.url)).not.toBe(other.version);
  }
  expect(await restoreBackup(to.url, { file, replace: false })).toBe(SECRET);
  expect(await everything(to.url)).toEqual(then);
  await expect(restoreBackup(to.url, { file, replace: false })).rejects.toThrow(/holds something already/);
  expect(await restoreBackup(from.url, { file, replace: true })).toBe(SECRET);
  expect(await everything(from.url)).toEqual(then);

  const again = await serve(await prepareDatabase(to.url), await freePort(), {
    outside: join(folder, 'outside'),
    env: { AGGREGA_PART: 'pages' },
  });
  const back = (await (await fetch(`${again.address}/api/programmes/the-allotment-year`)).json()) as {
    document: { contact: string };
  };
  expect(back.document.contact).toBe('at the till');
  expect((await fetch(again.address + new URL(link).pathname)).status).toBe(200);
  await again.stop();
});

it('holds the pictures of a store, and lays them into the database where there is none any more', async () => {
  const keys = { key: 'a key', secret: 'and its secret' };
  const store = await serveFiles({ folder: join(folder, 'store'), ...keys });
  const aws = new AwsClient({ accessKeyId: keys.key, secretAccessKey: keys.secret, region: 'us-east-1', service: 's3' });
  const bucket = { AGGREGA_S3_BUCKET: store.bucket, AGGREGA_S3_KEY: keys.key, AGGREGA_S3_SECRET: keys.secret };
  const client = new pg.Client({ connectionString: from.url });
  await client.connect();
  try {
    const { rows } = await client.query<{ id: string; jpeg: Buffer }>('select id, jpeg from picture order by id');
    expect(rows.length).toBeGreaterThan(1);
    for (const { id, jpeg } of rows) {
      const put = { method: 'PUT', body: new Uint8Array(jpeg), headers: { 'content-type': 'image/jpeg' } };
      expect((await aws.fetch(`${store.bucket}/pictures/${id}`, put)).status).toBe(200);
    }
    await client.query(`update picture set object = 'pictures/' || id, jpeg = null`);
    const file = join(folder, 'stored.backup');
    await expect(writeBackup(from.url, { secret: SECRET, file })).rejects.toThrow(/AGGREGA_S3_BUCKET/);
    expect(existsSync(file)).toBe(false);
    expect(await writeBackup(from.url, { secret: SECRET, file: `${file}-without`, withoutPictures: true })).toEqual({
      ...{ pictures: 0, left: rows.length },
    });
    // One of them is deleted from the store while the backup is written.
    const [gone, ...there] = rows;
    await aws.fetch(`${store.bucket}/pictures/${gone!.id}`, { method: 'DELETE' });
    Object.assign(process.env, bucket);
    expect(await writeBackup(from.url, { secret: SECRET, file })).toEqual({ pictures: there.length, left: 1 });
    process.env.AGGREGA_S3_BUCKET = `${store.bucket}-of-others`;
    await expect(writeBackup(from.url, { secret: SECRET, file: `${file}-others` })).rejects.toThrow(/has none of/);
    process.env.AGGREGA_S3_BUCKET = store.bucket;
    await store.stop();
    await expect(writeBackup(from.url, { secret: SECRET, file: `${file}-away` })).rejects.toThrow(/does not answer/);
    expect(existsSync(`${file}-away`)).toBe(false);

    expect((await proveBackup(from.url, file)).differences).toEqual([]);
    const record = (await everything(from.url)).record;
    await restoreBackup(from.url, { file, replace: true });
    const back = await client.query<{ id: string; jpeg: Buffer | null }>('select id, jpeg from picture order by id');
    expect(back.rows.map(({ id, jpeg }) => [id, jpeg?.toString('hex')])).toEqual(
      rows.map(({ id, jpeg }) => [id, id === gone!.id ? undefined : jpeg.toString('hex')]),
    );
    expect((await everything(from.url)).record).toBe(record);
  } finally {
    for (const name of Object.keys(bucket)) delete process.env[name];
    await client.end();
    await store.stop();
  }
});

it('what is no backup, or a broken one, is refused and leaves the database as it is', async () => {
  const before = await everything(to.url);
  const file = join(folder, 'broken.backup');
  writeFileSync(file, 'not a backup');
  for (const wrong of [file, join(folder, 'nowhere')])
    await expect(restoreBackup(to.url, { file: wrong, replace: true })).rejects.toThrow(/no backup of Aggrega|no file/);
  expect(await everything(to.url)).toEqual(before);
  expect(existsSync(join(folder, 'nowhere'))).toBe(false);
});
