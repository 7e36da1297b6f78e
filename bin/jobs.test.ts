/** Killed in the middle of what is more than a save: a release, and an archive being taken in. All of it happens, or nothing, and what follows it follows once. */
import { join } from 'node:path';
import pg from 'pg';
import { afterAll, beforeAll, expect, it, vi } from 'vitest';
import { freePort } from './lib/cluster.mjs';
import { prepareDatabase } from './lib/database.mjs';
import { temporaryCluster } from './lib/test-cluster.mjs';
import { serve } from './lib/test-server.mjs';
import { Visitor, founded } from './lib/visitor';

const DEMO = '00000000-0000-4000-8000-000000000001';
let cluster: Awaited<ReturnType<typeof temporaryCluster>>;
let url: string;
/** Sees everything, and holds up what is to be caught in the middle. */
let owner: pg.Client;
const apps: Awaited<ReturnType<typeof serve>>[] = [];

const start = async (env: Record<string, string>) => {
  const app = await serve(url, await freePort(), { outside: join(cluster.folder, 'outside'), env });
  apps.push(app);
  return app;
};

beforeAll(async () => {
  cluster = await temporaryCluster();
  url = await prepareDatabase(cluster.url);
  owner = new pg.Client({ connectionString: cluster.url });
  await owner.connect();
  // Loads the demonstration, in which June is proofed and has its minute.
  await (await start({})).stop();
});
afterAll(async () => {
  await owner?.end();
  await Promise.all(apps.map((a) => a.stop()));
  await cluster?.remove();
});

const count = async (sql: string) => (await owner.query<{ n: number }>(`select count(*)::int as n from ${sql}`)).rows[0]!.n;

/** Begins the work, kills the application while it waits for that table in the middle of it, and lets the table go. */
async function killedAt(table: string, begin: () => Promise<(typeof apps)[number]>): Promise<void> {
  await owner.query('begin');
  await owner.query(`lock table ${table} in exclusive mode`);
  const app = await begin();
  await vi.waitUntil(async () => (await count(`pg_locks where relation = '${table}'::regclass and not granted`)) > 0, {
    timeout: 600_000,
    interval: 10,
  });
  await app.kill();
  await owner.query('commit');
  // What it had begun is taken back as soon as the database sees that nobody is there any more.
  await vi.waitUntil(async () => (await count(`pg_stat_activity where usename = 'aggrega_app'`)) === 0, {
    timeout: 600_000,
    interval: 20,
  });
}

it('a release that is killed after the month was marked and before its letters were written has not happened; the next one does it once', async () => {
  const state = async () =>
    (await owner.query(`select state from release where organisation_id = '${DEMO}' and month = 'm6'`)).rows[0].state as string;
  const letters = `mail where organisation_id = '${DEMO}' and once like 'release m6 %'`;
  const clock = { AGGREGA_CLOCK: '2027-06-12T08:20:00Z' };
  for (let round = 0; round < 3; round += 1) {
    await killedAt('mail', () => start(clock));
    expect([await state(), await count(letters)]).toEqual(['scheduled', 0]);
  }
  const both = await Promise.all([start(clock), start(clock)]);
  await vi.waitUntil(
    async () =>
      (await state()) === 'released' && (await count(`${letters} and state <> 'sent'`)) === 0 && (await count(letters)) > 0,
    { timeout: 600_000, interval: 50 },
  );
  await Promise.all(both.map((app) => app.stop()));
  const people = await count(`participant where organisation_id = '${DEMO}' and state = 'in' and email <> ''`);
  expect(await count(letters)).toBe(people);
  expect(await count(`(select distinct participant_id from ${letters}) as people`)).toBe(people);
});

it('an archive that is killed while it is taken in has left nothing, and can be taken in afterwards', async () => {
  const owned = (organisation: string) =>
    Promise.all(
      ['programme', 'programme_revision', 'participant', 'kit', 'mail', 'sheet_version', 'picture'].map((table) =>
        count(`${table} where organisation_id = '${organisation}'`),
      ),
    );
  const off = { AGGREGA_DEMO: 'off' };
  const source = await start({});
  const archive = await (await fetch(`${source.address}/archive/archive.zip`)).arrayBuffer();
  await source.stop();
  const before = await owned(DEMO);
  // Its rows bear the names that they bear here: it is taken in where they are not.
  await owner.query(`delete from organisation where id = '${DEMO}'`);

  let app = await start(off);
  const { owner: founder } = await founded(app.address, 'Mill Lane Guild');
  const house = (await owner.query(`select id from organisation where name = 'Mill Lane Guild'`)).rows[0].id as string;
  const take = (visitor: Visitor, body = archive) =>
    visitor.ask('/api/archive', { method: 'POST', body, headers: { 'content-type': 'application/zip' } });
  const broken = await take(founder, archive.slice(0, archive.byteLength / 2));
  expect([broken.status, await broken.text()]).toEqual([422, expect.stringMatching(/damaged|incomplete/)]);
  await killedAt('kit', async () => {
    void take(founder).catch(() => {});
    return app;
  });
  expect(await owned(house)).toEqual([0, 0, 0, 0, 0, 0, 0]);

  app = await start(off);
  const again = new Visitor(app.address);
  again.cookie = founder.cookie;
  const answer = await take(again);
  expect([answer.status, answer.ok ? '' : await answer.text()]).toEqual([200, '']);
  expect(await owned(house)).toEqual(before);
});
