/** Pages are read from a streaming replica where it has seen everything, and never where it has not. */
import pg from 'pg';
import { afterAll, beforeAll, expect, it, vi } from 'vitest';
import { freePort } from './lib/cluster.mjs';
import { prepareDatabase } from './lib/database.mjs';
import { temporaryCluster } from './lib/test-cluster.mjs';
import { serve } from './lib/test-server.mjs';

const SLUG = 'the-allotment-year';
let cluster: Awaited<ReturnType<typeof temporaryCluster>>;
let replica: Awaited<ReturnType<typeof cluster.replica>>;
let app: Awaited<ReturnType<typeof serve>>;
/** At the replica, with its owner's rights. */
let there: pg.Client;

beforeAll(async () => {
  cluster = await temporaryCluster();
  const url = await prepareDatabase(cluster.url);
  replica = await cluster.replica();
  const read = new URL(url);
  read.port = String(replica.port);
  app = await serve(url, await freePort(), { env: { AGGREGA_READ_DATABASE_URL: read.href, AGGREGA_METRICS_KEY: '' } });
  there = new pg.Client({ connectionString: replica.url });
  there.on('error', () => {});
  await there.connect();
});
afterAll(async () => {
  await there?.end().catch(() => {});
  await app?.stop();
  await replica?.stop();
  await cluster?.remove();
});

const title = async () => {
  const answer = await fetch(`${app.address}/programmes/${SLUG}/money`);
  expect(answer.status).toBe(200);
  return /<h1[^>]*>([^<]*)</.exec(await answer.text())![1]!.trim();
};
const fromReplica = async () =>
  Number(/^aggrega_replica_pages_total (\d+)/m.exec(await (await fetch(`${app.address}/metrics`)).text())![1]);
const rename = async (from: string, to: string) => {
  const answer = await fetch(`${app.address}/api/programmes/${SLUG}/changes`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ changes: [{ path: '/title', from, to }] }),
  });
  expect(answer.status).toBe(200);
};
const caughtUp = () =>
  vi.waitUntil(
    async () => {
      const before = await fromReplica();
      // Another address each time: one that was asked for before is answered as it was made.
      await (await fetch(`${app.address}/programmes/${SLUG}/post?page=${Math.random()}`)).text();
      return (await fromReplica()) > before;
    },
    { timeout: 600_000, interval: 50 },
  );

it('a save is seen at once, while the replica lags behind; then pages are read there again', async () => {
  await caughtUp();
  await there.query('select pg_wal_replay_pause()');
  const before = await fromReplica();
  await rename('The Allotment Year', 'The Replica Year');
  expect(await title()).toBe('The Replica Year');
  expect(await fromReplica()).toBe(before);
  await there.query('select pg_wal_replay_resume()');
  await caughtUp();
  expect(await title()).toBe('The Replica Year');
});

it('without the replica everything goes on', async () => {
  replica.kill();
  await rename('The Replica Year', 'The Allotment Year');
  expect(await title()).toBe('The Allotment Year');
  const before = await fromReplica();
  expect((await fetch(`${app.address}/programmes/${SLUG}/calendar`)).status).toBe(200);
  expect(await fromReplica()).toBe(before);
});
