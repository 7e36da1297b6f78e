/**
 * Two processes that serve pages and one that releases and sends, on one database behind a proxy, while one after another dies: what was answered as
 * saved is there, nothing is done twice, and whoever worked there notices nothing but a moment.
 */
import { mkdtempSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { afterAll, beforeAll, expect, it, vi } from 'vitest';
import demo from '../demo/allotment-year.aggrega.json';
import { freePort } from './lib/cluster.mjs';
import { prepareDatabase } from './lib/database.mjs';
import { proxyTo, type Proxy } from './lib/proxy';
import { temporaryCluster } from './lib/test-cluster.mjs';
import { serve } from './lib/test-server.mjs';
import { founded, type Visitor } from './lib/visitor';

type App = Awaited<ReturnType<typeof serve>>;
const DEMO = '00000000-0000-4000-8000-000000000001';
let cluster: Awaited<ReturnType<typeof temporaryCluster>>;
let outside: string;
let url: string;
let owner: pg.Client;
const apps: App[] = [];

const start = async (env: Record<string, string>, port?: number) => {
  const app = await serve(url, port ?? (await freePort()), { outside, env });
  apps.push(app);
  return app;
};

beforeAll(async () => {
  cluster = await temporaryCluster();
  outside = mkdtempSync(join(tmpdir(), 'aggrega-several-'));
  url = await prepareDatabase(cluster.url);
  owner = new pg.Client({ connectionString: cluster.url });
  await owner.connect();
});
afterAll(async () => {
  await owner?.end();
  await Promise.all(apps.map((a) => a.stop()));
  await cluster?.remove();
  if (outside) rmSync(outside, { recursive: true, force: true });
});

it('a process that dies in the middle of saves takes nothing with it, and nobody is signed out', async () => {
  const [port, one, two] = [await freePort(), await freePort(), await freePort()];
  const env = { AGGREGA_DEMO: 'off', AGGREGA_PART: 'pages', ORIGIN: `http://127.0.0.1:${port}` };
  let [first, second] = [await start(env, one), await start(env, two)];
  const proxy: Proxy = await proxyTo([first.address, second.address], port);
  try {
    const { organiser } = await founded(proxy.address, 'Mill Lane Guild');
    const made = await post(organiser, '/api/import', { ...demo, title: 'The Mill Lane Year' });
    const { slug } = (await made.json()) as { slug: string };
    const revisions = async () =>
      (await owner.query(`select revision from programme where slug = $1`, [slug])).rows[0].revision as number;
    const before = await revisions();

    const MAKERS = 6;
    const SAVES = 25;
    let answered = 0;
    let [back, gone]: [Promise<typeof first>, Promise<unknown>] = [Promise.resolve(first), Promise.resolve()];
    const names = await Promise.all(
      Array.from({ length: MAKERS }, async (_, m) => {
        const path = `/months/m${m + 1}/name`;
        let was: string | undefined = demo.months[m]!.name;
        for (let n = 1; n <= SAVES; n += 1) {
          const to = `Month ${m + 1}, save ${n}`;
          // As the page does: what was not answered is sent again, until it is.
          await vi.waitUntil(
            async () => {
              const answer = await post(organiser, `/api/programmes/${slug}/changes`, {
                changes: [{ path, from: was, to }],
              }).catch(() => undefined);
              return answer?.status === 200;
            },
            { timeout: 600_000, interval: 20 },
          );
          was = to;
          answered += 1;
          if (answered === 40) await first.kill();
          if (answered === 70) back = start(env, one);
          // One of the two always answers, however long the other takes to come up.
          if (answered === 100) gone = back.then((up) => ((first = up), second.kill()));
          if (answered === 120) {
            await gone;
            second = await start(env, two);
          }
        }
        return was;
      }),
    );
    const { document } = (await (await organiser.ask(`/api/programmes/${slug}`)).json()) as { document: typeof demo };
    expect(document.months.slice(0, MAKERS).map((m) => m.name)).toEqual(names);
    // Each save once: what was sent again after it had been made is no second one.
    expect((await revisions()) - before).toBe(MAKERS * SAVES);
    expect(answered).toBe(MAKERS * SAVES);
  } finally {
    await proxy.close();
  }
});

it('the process that releases and sends dies in the middle: another one ends what it began, each letter once', async () => {
  const before = await start({ AGGREGA_CLOCK: '2027-06-12T07:59:56Z' });
  const arrived = () => readdirSync(join(outside, 'mail')).filter((f) => f.endsWith('.eml'));
  const known = new Set(arrived());
  const released = () =>
    owner.query(`select state from release where organisation_id = '${DEMO}' and month = 'm6'`).then((r) => r.rows[0]?.state);
  expect(await released()).toBe('scheduled');
  await vi.waitUntil(() => arrived().filter((f) => !known.has(f)).length >= 3, { timeout: 600_000, interval: 5 });
  await before.kill();
  const states = async () =>
    Object.fromEntries(
      (
        await owner.query(
          `select state, count(*)::int as n from mail where organisation_id = '${DEMO}' and once like 'release m6 %' group by 1`,
        )
      ).rows.map((r) => [r.state, r.n]),
    ) as Record<string, number>;
  const half = await states();
  expect((half.waiting ?? 0) + (half.sending ?? 0)).toBeGreaterThan(0);
  // Two at once take it up, long enough afterwards that the first one must be gone.
  const clock = { AGGREGA_CLOCK: '2027-06-12T08:20:00Z' };
  const ends = await Promise.all([start(clock), start(clock)]);
  await vi.waitUntil(async () => !(await states()).waiting && !(await states()).sending, { timeout: 600_000, interval: 100 });
  await Promise.all(ends.map((e) => e.stop()));
  const { rows } = await owner.query<{ id: string }>(
    `select id from mail where organisation_id = '${DEMO}' and once like 'release m6 %' and state = 'sent'`,
  );
  const ids = arrived().map((f) => /^Message-ID: <(.*)@aggrega>/im.exec(readFileSync(join(outside, 'mail', f), 'utf8'))?.[1]);
  for (const { id } of rows) expect([id, ids.filter((i) => i === id).length]).toEqual([id, 1]);
  expect(rows.length).toBeGreaterThan(20);
  expect(await released()).toBe('released');
});

const post = (visitor: Visitor, path: string, body: unknown) =>
  visitor.ask(path, { method: 'POST', body: JSON.stringify(body), headers: { 'content-type': 'application/json' } });
