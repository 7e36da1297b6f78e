/**
 * Every field of every door, as the schemas say them: bodies that are sound and bodies with something wrong in them, by everybody of two houses and by strangers,
 * each at their own doors and at the other house's. No answer is a 500, none tells anything of the other house. `FUZZ=100000` sends as many.
 */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { blankPerson } from '@aggrega/core/running';
import fc from 'fast-check';
import { afterAll, beforeAll, expect, it } from 'vitest';
import demo from '../demo/allotment-year.aggrega.json';
import { bodyShapes } from '../web/src/lib/server/web/door';
import { freePort } from './lib/cluster.mjs';
import { prepareDatabase } from './lib/database.mjs';
import { bodiesOf, nasty, spoiledBody, wrongs, type Wrong } from './lib/shapes';
import { temporaryCluster } from './lib/test-cluster.mjs';
import { serve } from './lib/test-server.mjs';
import { Visitor, founded } from './lib/visitor';

const SHOTS = Number(process.env.FUZZ) || 4_000;
const json = { 'content-type': 'application/json' };

interface House {
  visitors: Visitor[];
  slug: string;
  person: string;
  key: string;
  /** What nobody of the other house may ever read. */
  secret: string;
}
interface Door {
  method: string;
  route: string;
  body: fc.Arbitrary<unknown>;
}
let cluster: Awaited<ReturnType<typeof temporaryCluster>>;
let outside: string;
let app: Awaited<ReturnType<typeof serve>>;
let houses: House[];
let doors: Door[];

async function house(name: string, secret: string): Promise<House> {
  const all = await founded(app.address, name);
  const send = async <T>(path: string, body?: object) =>
    (await (await all.owner.ask(path, { method: 'POST', headers: json, body: JSON.stringify(body ?? {}) })).json()) as T;
  const { slug } = await send<{ slug: string }>('/api/import', { ...demo, title: `Year of ${secret}`, contact: secret });
  const person = crypto.randomUUID();
  const to = { ...blankPerson, name: secret, email: 'ada@example.org', colourway: 'frost', joined: '2027-01-01' };
  await send(`/api/programmes/${slug}/roster`, { changes: [{ id: person, to }] });
  const { link } = await send<{ link: string }>(`/api/programmes/${slug}/roster/${person}/link`);
  return { visitors: Object.values(all), slug, person, key: link.split('/p/')[1]!, secret };
}

/** Every door that writes, with the bodies that it reads; one that reads none gets whatever comes. */
async function allDoors(): Promise<Door[]> {
  const modules = import.meta.glob<Record<string, unknown>>('../web/src/routes/**/+server.ts');
  const found: Door[] = [];
  for (const [path, load] of Object.entries(modules)) {
    const before = bodyShapes.length;
    const module = await load();
    const shapes = bodyShapes.slice(before).map((shape) => bodiesOf(shape as never));
    const route = path.replace('../web/src/routes', '').replace('/+server.ts', '');
    for (const method of ['POST', 'PUT', 'PATCH', 'DELETE'])
      if (method in module) found.push({ method, route, body: shapes.length > 0 ? fc.oneof(...shapes) : fc.object() });
  }
  return found;
}

beforeAll(async () => {
  cluster = await temporaryCluster();
  outside = mkdtempSync(join(tmpdir(), 'aggrega-shapes-'));
  app = await serve(await prepareDatabase(cluster.url), await freePort(), {
    outside,
    env: { AGGREGA_DEMO: 'off', AGGREGA_OPEN: 'on' },
    front: true,
  });
  houses = [await house('Mill Lane Guild', 'Quince Marrowfat'), await house('Grange House Quilters', 'Medlar Damson')];
  doors = await allDoors();
});
afterAll(async () => {
  await app?.stop();
  await cluster?.remove();
  if (outside) rmSync(outside, { recursive: true, force: true });
});

const TYPES = [
  'application/json',
  'application/json',
  'application/json',
  'text/plain',
  'application/x-www-form-urlencoded',
  '',
];

interface Shot {
  door: Door;
  body: unknown;
  wrong: Wrong[];
  /** Whose door, who asks, and whether with ids that are there. */
  at: number;
  who: number;
  known: boolean;
  type: string;
  param: unknown;
  keyed: boolean;
}
const shots = (): fc.Arbitrary<Shot> =>
  fc.constantFrom(...doors).chain((door) =>
    fc.record({
      ...{ door: fc.constant(door), body: door.body, wrong: wrongs, at: fc.nat({ max: 1 }), who: fc.nat({ max: 9 }) },
      ...{ known: fc.boolean(), type: fc.constantFrom(...TYPES), param: nasty, keyed: fc.boolean() },
    }),
  );

/** Ids that are there in place of some of the made-up ones. */
const withKnown = (text: string, { person }: House) =>
  text.replace(/[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g, person);

async function fired(shot: Shot): Promise<string | undefined> {
  const there = houses[shot.at]!;
  const own = houses[shot.who % 2]!;
  // Strangers are the last two of ten; everybody else is of one house.
  const visitor = shot.who >= 8 ? new Visitor(app.address) : own.visitors[shot.who >> 1]!;
  const known: Record<string, string> = {
    ...{ programme: there.slug, month: 'm1', place: 'm1~frost', person: there.person, key: there.key },
  };
  const path = shot.door.route.replace(/\[(\w+)\]/g, (_, name: string) =>
    shot.known || name === 'programme'
      ? (known[name] ?? 'x')
      : encodeURIComponent(Buffer.from(String(shot.param)).toString()) || 'x',
  );
  const text = JSON.stringify(spoiledBody(shot.body, shot.wrong)) ?? '';
  const answer = await visitor.ask(path, {
    method: shot.door.method,
    headers: {
      ...(shot.type && { 'content-type': shot.type }),
      ...(shot.keyed && { 'idempotency-key': crypto.randomUUID() }),
    },
    body: Buffer.from(shot.known ? withKnown(text, there) : text),
  });
  const said = await answer.text();
  // Who holds a person's key may read her page, whatever house she is of; nobody else reads anything of another house.
  const may = path.startsWith('/p/') || (shot.who < 8 && own === there);
  const told = houses.some((h) => h.secret !== (may ? there.secret : '') && h !== own && said.includes(h.secret));
  if (answer.status < 500 && !told && !/node_modules|at .*\.js:\d/.test(said)) return undefined;
  return `${shot.door.method} ${path.slice(0, 120)} by ${shot.who}: ${answer.status}${told ? ', told of the other house' : ''}, ${said.slice(0, 160)} for ${text.slice(0, 300)}`;
}

it('no door fails at what its schema nearly allows, and none tells one house of another', async () => {
  const faults: string[] = [];
  const tried = new Set<string>();
  let sent = 0;
  for (let round = 0; sent < SHOTS; round += 1) {
    const some = fc.sample(shots(), { numRuns: 400, seed: 20270115 + round });
    for (let i = 0; i < some.length; i += 8)
      await Promise.all(
        some.slice(i, i + 8).map(async (shot) => {
          const fault = await fired(shot).catch((error: unknown) => `${shot.door.route}: ${String(error)}`);
          if (fault) faults.push(fault);
          tried.add(shot.door.route);
        }),
      );
    sent += some.length;
    // A door may have erased her, or put a programme aside: then they are there again.
    for (const h of houses) await restored(h);
  }
  expect(faults).toEqual([]);
  expect([...tried].sort()).toEqual([...new Set(doors.map((d) => d.route))].sort());
  console.log(`${sent} requests at ${doors.length} doors`);
});

async function restored(h: House): Promise<void> {
  const [owner] = h.visitors;
  const post = (path: string, body: object) => owner!.ask(path, { method: 'POST', headers: json, body: JSON.stringify(body) });
  await post(`/api/programmes/${h.slug}/removal`, { removed: false });
  const to = { ...blankPerson, name: h.secret, email: 'ada@example.org', colourway: 'frost', joined: '2027-01-01' };
  await post(`/api/programmes/${h.slug}/roster`, { changes: [{ id: h.person, to }] });
  const answer = await post(`/api/programmes/${h.slug}/roster/${h.person}/link`, {});
  if (answer.ok) h.key = ((await answer.json()) as { link: string }).link.split('/p/')[1]!;
}
