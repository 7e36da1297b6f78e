/** A backup counts when it was brought back: what is not as it was is found, noted for the owners, and nothing older is deleted for it. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freePort } from './lib/cluster.mjs';
import { prepareDatabase } from './lib/database.mjs';
import { proveBackup, writeBackup } from './lib/dump.mjs';
import { backupDue, backupName, momentOf, nightlyBackup, proveAndNote } from './lib/nightly.mjs';
import { temporaryCluster } from './lib/test-cluster.mjs';
import { serve } from './lib/test-server.mjs';

const secret = 'a secret that everybody may read, for tests';
let cluster: Awaited<ReturnType<typeof temporaryCluster>>;
let folder: string;
let owner: pg.Client;
let app: Awaited<ReturnType<typeof serve>>;

beforeAll(async () => {
  cluster = await temporaryCluster();
  folder = mkdtempSync(join(tmpdir(), 'aggrega-nightly-'));
  app = await serve(await prepareDatabase(cluster.url), await freePort(), { env: { AGGREGA_PART: 'pages' } });
  owner = new pg.Client({ connectionString: cluster.url });
  await owner.connect();
});
afterAll(async () => {
  await app?.stop();
  await owner?.end();
  await cluster?.remove();
  if (folder) rmSync(folder, { recursive: true, force: true });
});

const noted = async () =>
  (await owner.query<{ rows: number; trouble: string | null }>(`select rows::int, trouble from backup_proof order by id`)).rows;
const scratches = async () =>
  (await owner.query<{ datname: string }>(`select datname from pg_database where datname like 'aggrega_proof%'`)).rows;
/** What an owner's desk says of it. */
const desk = async () => {
  const page = await (await fetch(`${app.address}/?${Math.random()}`)).text();
  return /data-backups[^>]*>([\s\S]*?)<\/p>/
    .exec(page)?.[1]
    ?.replace(/<!--.*?-->/g, '')
    .replace(/\s+/g, ' ')
    .trim();
};

/** The backup with one of its parts changed. */
function spoilt(file: string, part: string, change: (bytes: Buffer) => Buffer | string): string {
  const parts = mkdtempSync(join(folder, 'spoilt-'));
  execFileSync('tar', ['-xf', file, '-C', parts]);
  writeFileSync(join(parts, part), change(readFileSync(join(parts, part))));
  const made = join(folder, `spoilt-${readdirSync(folder).length}.backup`);
  execFileSync('tar', ['-cf', made, '-C', parts, ...readdirSync(parts)]);
  return made;
}

describe('a backup', () => {
  it('is compared with what it held, row by row, beside a server that goes on', async () => {
    const file = join(folder, 'one.backup');
    await writeBackup(cluster.url, { secret, file });
    await owner.query(`update organisation set name = 'Quarry Road Quilters and Friends'`);
    const proof = await proveBackup(cluster.url, file);
    expect(proof.differences).toEqual([]);
    expect(proof.rows).toBeGreaterThan(1000);
    // What it says it held is not what comes back: a row too many, another value, a table that is not there.
    const other = spoilt(file, 'about.json', (bytes) => {
      const about = JSON.parse(bytes.toString()) as { sums: Record<string, { rows: string; sum: string }> };
      const { participant, kit } = about.sums;
      participant!.rows = String(Number(participant!.rows) + 1);
      kit!.sum = '1';
      about.sums.lost = { rows: '3', sum: '3' };
      return JSON.stringify(about);
    });
    const { differences } = await proveBackup(cluster.url, other);
    expect(differences).toEqual([
      expect.stringMatching(/^The table kit has other values in its \d+ rows\.$/),
      'The table lost is missing.',
      expect.stringMatching(/^The table participant has \d+ rows instead of \d+\.$/),
    ]);
    await expect(proveAndNote(cluster.url, other)).rejects.toThrow(/not as it was/);
    // One that lost its middle cannot be brought back at all.
    const half = spoilt(file, 'database.dump', (bytes) => bytes.subarray(0, bytes.length / 2));
    await expect(proveAndNote(cluster.url, half)).rejects.toThrow(/failed/);
    const old = spoilt(file, 'about.json', (bytes) => JSON.stringify({ ...JSON.parse(bytes.toString()), sums: undefined }));
    await expect(proveAndNote(cluster.url, old)).rejects.toThrow(/older Aggrega/);
    expect(await scratches()).toEqual([]);
    expect((await noted()).map((n) => n.trouble?.slice(0, 12))).toEqual(['The table ki', expect.any(String), 'the backup d']);
    for (const { trouble } of await noted()) expect(trouble).not.toContain(folder);
  });

  it('is kept with its newest fellows once it is proved, and the desk says so', async () => {
    const nightly = join(folder, 'nightly');
    const nights = [1, 2, 3].map((day) => new Date(Date.UTC(2027, 4, day, 2)));
    for (const now of nights) await nightlyBackup(cluster.url, { folder: nightly, secret, keep: 2, now });
    expect(readdirSync(nightly).sort()).toEqual(nights.slice(1).map(backupName));
    const { rows, trouble } = (await noted()).at(-1)!;
    expect(trouble).toBeNull();
    expect(await desk()).toContain(`all ${rows.toLocaleString('en')} entries were there`);

    // What cannot be proved takes no other's place.
    await expect(
      nightlyBackup(`${cluster.url}_nowhere`, { folder: nightly, secret, keep: 1, now: new Date(Date.UTC(2027, 4, 4, 2)) }),
    ).rejects.toThrow(/does not answer/);
    expect(readdirSync(nightly)).toHaveLength(2);
    await owner.query(`insert into backup_proof (proved_at, trouble) values (now(), 'The disk is full.')`);
    expect(await desk()).toMatch(/can’t be relied on. The disk is full. The last good one is from /);
    await owner.query(`delete from backup_proof where trouble is not null`);
    await owner.query(`update backup_proof set of_moment = now() - interval '51 hours'`);
    expect(await desk()).toMatch(/^The last backup is from /);
    await owner.query(`delete from backup_proof`);
    expect(await desk()).toBeUndefined();
    expect(await scratches()).toEqual([]);
  });

  it('is due at night, once, and at any hour when there is none or only an old one', () => {
    const at = (text: string) => new Date(text);
    expect(backupDue(at('2027-05-03T15:00:00'), undefined)).toBe(true);
    expect(backupDue(at('2027-05-03T15:00:00'), at('2027-05-03T02:10:00'))).toBe(false);
    expect(backupDue(at('2027-05-04T01:59:00'), at('2027-05-03T02:10:00'))).toBe(false);
    expect(backupDue(at('2027-05-04T02:05:00'), at('2027-05-03T02:10:00'))).toBe(true);
    expect(backupDue(at('2027-05-04T02:15:00'), at('2027-05-04T02:05:00'))).toBe(false);
    expect(backupDue(at('2027-05-04T15:00:00'), at('2027-05-03T02:10:00'))).toBe(true);
    const now = new Date('2027-05-03T02:10:00Z');
    expect(momentOf(backupName(now))).toEqual(now);
  });
});

it('comes back to the minute by the commands that docs/operations.md gives', async () => {
  const text = readFileSync(new URL('../docs/operations.md', import.meta.url), 'utf8');
  const own = await temporaryCluster();
  const kept = join(own.folder, 'postgres', 'kept');
  const here = (script: string) =>
    script.replaceAll('/var/backups/aggrega', kept).replaceAll('/var/lib/postgresql/15/main', own.data);
  const block = (kind: string) => here(new RegExp('```' + kind + '\\n([\\s\\S]*?)```').exec(text)![1]!);
  const shell = async (script: string) => expect(await own.shell(script)).toMatchObject({ code: 0 });
  const query = async <T>(sql: string): Promise<T> => {
    const client = new pg.Client({ connectionString: own.url });
    await client.connect();
    try {
      return (await client.query<{ value: T }>(sql)).rows[0]?.value as T;
    } finally {
      await client.end();
    }
  };
  try {
    await shell(`mkdir -p ${kept}/wal`);
    await own.stop();
    await shell(`cat >> ${own.data}/postgresql.conf <<'END'\n${block('conf')}END`);
    await own.restart();
    await prepareDatabase(own.url);
    await query(`create table evening (what text)`);
    await query(`insert into evening values ('before the base')`);
    await shell(`DATABASE_URL='${own.url}'\n${block('base')}`);
    await query(`insert into evening values ('cut')`);
    const well = await query<string>(`select clock_timestamp()::text as value`);
    await query(`insert into evening values ('a mistake')`);
    await query(`drop table programme cascade`);
    await query(`select pg_switch_wal()::text as value`);
    await own.stop();
    await shell(block('recover').replace('2027-05-20 14:05:00+00', well));
    await own.restart();
    expect(await query<string>(`select string_agg(what, ', ') as value from evening`)).toBe('before the base, cut');
    expect(await query<string>(`select count(*)::text as value from programme`)).toBe('0');
    expect(await query<boolean>(`select pg_is_in_recovery() as value`)).toBe(false);
  } finally {
    await own.remove();
  }
});
