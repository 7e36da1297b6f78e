/**
 * Every route, asked by somebody of every role of one shop for what belongs to another, and by a stranger: nothing of it comes back, and nothing of it
 * changes. And within one shop: what each role may not.
 */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import demo from '../demo/allotment-year.aggrega.json';
import { freePort } from './lib/cluster.mjs';
import { prepareDatabase } from './lib/database.mjs';
import { allRoutes, type Route } from './lib/route-list';
import { temporaryCluster } from './lib/test-cluster.mjs';
import { serve } from './lib/test-server.mjs';
import { Visitor, founded } from './lib/visitor';

const THEIRS = '00000000-0000-4000-8000-000000000001';
const PROGRAMME = 'the-allotment-year';
let cluster: Awaited<ReturnType<typeof temporaryCluster>>;
let outside: string;
let app: Awaited<ReturnType<typeof serve>>;
let owner: pg.Client;
let visitors: Record<string, Visitor>;
let ids: Record<string, string>;
let words: RegExp;

beforeAll(async () => {
  cluster = await temporaryCluster();
  outside = mkdtempSync(join(tmpdir(), 'aggrega-doors-'));
  const url = await prepareDatabase(cluster.url);
  // The other shop is the demonstration's; then it is open to nobody any more.
  await (await serve(url, await freePort(), { outside })).stop();
  app = await serve(url, await freePort(), { outside, env: { AGGREGA_DEMO: 'off', AGGREGA_PART: 'pages' } });
  owner = new pg.Client({ connectionString: cluster.url });
  await owner.connect();
  const one = async (sql: string) => String(Object.values((await owner.query(sql)).rows[0] ?? { none: '0'.repeat(32) })[0]);
  ids = {
    person: await one(`select id from participant where organisation_id = '${THEIRS}' order by name limit 1`),
    picture: await one(`select id from picture where organisation_id = '${THEIRS}' limit 1`),
    mail: await one(`select id from mail where organisation_id = '${THEIRS}' limit 1`),
    sample: await one(`select id from sample where organisation_id = '${THEIRS}' limit 1`),
    photo: '0'.repeat(32),
  };
  const people = (await owner.query(`select name from participant where organisation_id = '${THEIRS}'`)).rows.map(
    (r) => r.name,
  );
  words = new RegExp(
    [...people, 'Allotment', ...demo.months.flatMap((m) => (m.name?.includes(', ') ? [m.name] : []))].join('|'),
  );
  visitors = { ...(await founded(app.address, 'Mill Lane Guild')), stranger: new Visitor(app.address) };
});
afterAll(async () => {
  await owner?.end();
  await app?.stop();
  await cluster?.remove();
  if (outside) rmSync(outside, { recursive: true, force: true });
});

const filled = ({ name }: Route) =>
  `/${name}`
    .replace('[programme]', PROGRAMME)
    .replace('[month]', 'm1')
    .replace('[person]', ids.person!)
    .replace('[picture]', ids.picture!)
    .replace('[mail]', ids.mail!.replaceAll('-', ''))
    .replace('[photo]', ids.photo!)
    .replace('[place]', 'm1~frost')
    .replace('[file]', 'sheet.pdf')
    .replace('[name]', 'aggrega-programme.schema.json')
    .replace('[record]', '1')
    .replace('[key]', 'A'.repeat(43));

/** Bodies that a route of theirs would take, were it one's own. */
const BODIES: Record<string, () => unknown> = {
  changes: () => ({ changes: [{ path: '/contact', to: 'somebody else' }] }),
  roster: () => ({ changes: [{ id: ids.person, from: {}, to: { name: 'Somebody else' } }] }),
  kits: () => ({ deed: 'set', month: 'm1', state: 'handed', people: [ids.person] }),
  removal: () => ({ removed: true }),
  samples: () => ({ id: ids.sample }),
  post: () => ({ id: ids.mail }),
};

/** Everything that the other shop owns, as one text per table. */
async function everything(): Promise<Record<string, string>> {
  const { rows } = await owner.query<{ table: string }>(
    `select table_name as table from information_schema.columns where column_name = 'organisation_id' and table_schema = 'public' order by 1`,
  );
  const found: Record<string, string> = {};
  for (const { table } of rows) {
    const { rows: all } = await owner.query(
      `select count(*) || ' ' || coalesce(md5(string_agg(t::text, '|' order by t::text)), '') as text from ${table} t where organisation_id = '${THEIRS}'`,
    );
    found[table] = all[0].text;
  }
  return found;
}

describe('another shop', () => {
  it('sees nothing of it and changes nothing in it, by any route, as anybody', async () => {
    const before = await everything();
    let asked = 0;
    const answered: string[] = [];
    for (const route of allRoutes())
      for (const method of route.methods)
        for (const [who, visitor] of Object.entries(visitors)) {
          // Signing out, and leaving a shop of one's own, are nobody else's business.
          if (method === 'POST' && /^(sign-in|account|house|begin|recover|invitation)/.test(route.name)) continue;
          const path = filled(route);
          const body = BODIES[route.name.split('/').at(-1)!]?.() ?? {};
          const answer = await visitor.ask(path, {
            method,
            headers: { accept: 'text/html', ...(method !== 'GET' && { 'content-type': 'application/json' }) },
            ...(method !== 'GET' && { body: JSON.stringify(body) }),
          });
          asked += 1;
          const text = await answer.text();
          const at = `${who}: ${method} ${path}`;
          expect([at, answer.status < 500]).toEqual([at, true]);
          expect([at, words.exec(text)?.[0]]).toEqual([at, undefined]);
          if (route.name.includes('[programme]') && answer.status < 300) answered.push(at);
        }
    expect(answered).toEqual([]);
    expect(asked).toBeGreaterThan(300);
    expect(await everything()).toEqual(before);
  });
});

describe('within one shop', () => {
  it('each role may what it is for, and no more', async () => {
    const imported = await visitors.organiser!.ask('/api/import', {
      method: 'POST',
      body: JSON.stringify({ ...demo, title: 'The Mill Lane Year' }),
      headers: { 'content-type': 'application/json' },
    });
    const { slug } = (await imported.json()) as { slug: string };
    const at = `/programmes/${slug}`;
    const change = (who: string) =>
      visitors[who]!.ask(`/api${at}/changes`, {
        method: 'POST',
        body: JSON.stringify({ changes: [{ path: '/contact', from: demo.contact, to: demo.contact }] }),
        headers: { 'content-type': 'application/json' },
      }).then((a) => a.status);
    const look = (who: string, path: string) =>
      visitors[who]!.ask(path, { headers: { accept: 'text/html' } }).then((a) => a.status);
    const tick = (who: string) =>
      visitors[who]!.ask(`/api${at}/kits`, {
        method: 'POST',
        body: JSON.stringify({ deed: 'set', month: 'm1', state: 'cut', people: [] }),
        headers: { 'content-type': 'application/json' },
      }).then(({ status }) => (status === 401 || status === 403 ? status : 'in'));
    const may: Record<string, unknown> = {};
    for (const who of ['owner', 'organiser', 'cutting-room', 'viewer', 'stranger'])
      may[who] = [
        await look(who, at),
        await look(who, `${at}/roster`),
        await change(who),
        await tick(who),
        await look(who, '/house'),
      ];
    expect(may).toEqual({
      owner: [200, 200, 200, 'in', 200],
      organiser: [200, 200, 200, 'in', 403],
      'cutting-room': [200, 403, 403, 'in', 403],
      viewer: [200, 403, 403, 403, 403],
      stranger: [303, 303, 401, 401, 303],
    });
  });

  it('another site’s page sends nothing in her name, and no other host is served', async () => {
    const from = (headers: Record<string, string>) =>
      visitors.owner!.ask('/api/import', {
        method: 'POST',
        body: '{}',
        headers: { 'content-type': 'application/json', ...headers },
      });
    const strange: Record<string, string>[] = [
      { origin: 'https://elsewhere.example' },
      { origin: 'null' },
      { 'sec-fetch-site': 'cross-site' },
    ];
    for (const headers of strange) expect((await from(headers)).status).toBe(403);
    expect((await from({})).status).not.toBe(403);
  });

  it('every answer carries the headers that keep a browser from mischief, and no script without a nonce', async () => {
    for (const path of ['/', '/sign-in', '/house', '/no-such-page', '/api/import']) {
      const answer = await visitors.owner!.ask(path, { headers: { accept: 'text/html' } });
      const policy = answer.headers.get('content-security-policy') ?? '';
      expect([path, policy.includes("default-src 'self'") || policy.includes("default-src 'none'")]).toEqual([path, true]);
      expect(policy).not.toMatch(/script-src[^;]*unsafe/);
      expect(answer.headers.get('x-content-type-options')).toBe('nosniff');
      expect(answer.headers.get('cache-control')).toContain('private');
    }
    const cookie = (
      await new Visitor(app.address).send('/sign-in?/in', {
        email: 'owner@mill-lane-guild.example',
        password: 'forty kits before Friday',
      })
    ).headers.get('set-cookie');
    expect(cookie).toMatch(/HttpOnly/i);
    expect(cookie).toMatch(/SameSite=Lax/i);
  });

  it('who asks for too much in a short while waits a little, and monitors still get their answer', async () => {
    const small = await serve(await prepareDatabase(cluster.url), await freePort(), {
      outside,
      env: { AGGREGA_DEMO: 'off', AGGREGA_PART: 'pages', AGGREGA_LIMIT: '20' },
    });
    try {
      const statuses = await Promise.all(
        Array.from({ length: 30 }, () => fetch(`${small.address}/sign-in`).then((a) => a.status)),
      );
      expect(statuses.filter((s) => s === 200)).toHaveLength(20);
      expect(statuses.filter((s) => s === 429)).toHaveLength(10);
      expect((await fetch(`${small.address}/health`)).status).toBe(200);
    } finally {
      await small.stop();
    }
  });
});
