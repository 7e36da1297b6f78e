/** Every door that writes, with its answer lost: what is sent again by the same key is answered the same, and nothing is done twice. */
import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { mkdtemp } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { blankPerson } from '@aggrega/core/running';
import { isHttpError, type RequestHandler } from '@sveltejs/kit';
import sharp from 'sharp';
import { afterAll, beforeAll, expect, it } from 'vitest';
import demo from '../../../../../demo/allotment-year.aggrega.json';
import { asOwner } from '../../../../tests/fresh-database';
import { MILL, QUARRY, twoHouses } from '../../../../tests/two-houses';
import { writeArchive } from '../backup/archive';
import { insertQuestion } from '../db/participant-page';
import { asOrganisation, closePool } from '../db/pool';
import { linkOf } from '../participants/roster';
import { importProgramme } from '../programme/programmes';
import { freeze, release, releaseOf } from '../release/releases';

const ROUTES = fileURLToPath(new URL('../../../routes', import.meta.url));
const METHODS = ['POST', 'PUT', 'PATCH', 'DELETE'] as const;
type Method = (typeof METHODS)[number];

/** Doors that need no key, each with why the same again does no harm. */
const NEED_NONE: Record<string, string> = {
  'POST /account/passkeys': 'what a device is asked to sign holds once',
  'POST /sign-in/passkey': 'what a device is asked to sign holds once',
  'POST /api/swatches': 'a photo is kept under the hash of its contents',
  'POST /api/sheet-photos': 'a photo is kept under the hash of its contents',
  'POST /api/programmes/[programme]/removal': 'it is put aside, or it is not',
  'POST /api/programmes/[programme]/desk': 'an order has its own name at the supplier’s desk',
  'POST /api/programmes/[programme]/kits/labels': 'a label is printed under the hash of what is on it',
  'POST /api/programmes/[programme]/roster/[person]/code': 'its answer is a secret; a new code ends the one before',
  'DELETE /api/programmes/[programme]/roster/[person]/pin': 'there is a PIN, or there is none',
  'POST /p/[key]/link': 'its answer is a secret, and the key that asked opens nothing the second time',
  'POST /api/programmes/[programme]/roster/[person]/link':
    'its answer is a secret, which is nowhere kept; a link made anew twice is made anew',
};

interface Asked {
  params: Record<string, string>;
  body?: unknown;
  organisation?: string;
}

let owner: string;
let slug: string;
let link: string;
const ada = randomUUID();
let count = 0;
const next = () => String((count += 1));
const at = new Date('2027-03-01T10:00:00Z');
const inSlug = (body?: unknown, more: Record<string, string> = {}): Asked => ({
  params: { programme: slug, ...more },
  body,
  organisation: QUARRY,
});
const person = (id: string) => ({
  id,
  to: { ...blankPerson, name: `Person ${next()}`, email: 'ada@example.org', colourway: 'frost', joined: '2027-01-01' },
});
const tick = () => ({ list: 'one', step: next(), done: true, kits: 4, base: [], estimated: 10, gives: [] });
async function retitled(): Promise<Asked> {
  const [row] = await asOwner<{ title: string }>(
    owner,
    `select title from programme where slug = '${slug}' and organisation_id = '${QUARRY}'`,
  );
  return inSlug({ changes: [{ path: '/title', from: row!.title, to: `Title ${next()}` }] });
}
const sample = () => ({
  ...{ month: 'm1', block: 'cold-frame', colourway: 'frost', sewnBy: 'Ada', sewnOn: '2027-01-02' },
  ...{ minutes: {}, measured: [], remarks: next() },
});

/** What is asked of each door, new each time; it may have to be made possible first. */
const DEEDS: Record<string, () => Promise<Asked> | Asked> = {
  'POST /api/import': () => ({ params: {}, body: { ...demo, title: `Year ${next()}` }, organisation: QUARRY }),
  'POST /api/archive': async () => {
    await emptied();
    await importProgramme(MILL, demo);
    const { path, remove } = await writeArchive(MILL, 'Mill Lane');
    await emptied();
    const body = readFileSync(path);
    await remove();
    return { params: {}, body, organisation: MILL };
  },
  'POST /api/programmes/[programme]/changes': () => retitled(),
  'POST /api/programmes/[programme]/roster': () => inSlug({ changes: [person(randomUUID())] }),
  'POST /api/programmes/[programme]/roster/[person]/erasure': async () => {
    const id = randomUUID();
    await call('POST /api/programmes/[programme]/roster', inSlug({ changes: [person(id)] }));
    return inSlug(undefined, { person: id });
  },
  'POST /api/programmes/[programme]/post': async () => {
    await asOrganisation(QUARRY, (db) => insertQuestion(db, ada, 'm1', `Question ${next()}?`, at));
    const [row] = await asOwner<{ id: string }>(owner, `select id from question where answered_at is null order by id limit 1`);
    return inSlug({ deed: 'answer', question: row!.id, answer: 'Like this.' });
  },
  'POST /api/programmes/[programme]/kits': () => inSlug({ deed: 'loose', month: 'm1', colourway: 'frost', size: '', kits: 1 }),
  'POST /api/programmes/[programme]/record': async () => {
    await call('POST /api/programmes/[programme]/changes', await retitled());
    const [row] = await asOwner<{ id: string }>(
      owner,
      `select max(id)::text as id from record where organisation_id = '${QUARRY}' and subject = 'programme_revision'`,
    );
    return inSlug({ way: 'undo', id: Number(row!.id) });
  },
  'POST /api/programmes/[programme]/samples': () => inSlug(sample()),
  'DELETE /api/programmes/[programme]/samples': async () => {
    await call('POST /api/programmes/[programme]/samples', inSlug(sample()));
    const [row] = await asOwner<{ id: string }>(owner, `select id from sample limit 1`);
    return inSlug({ id: row!.id });
  },
  'POST /api/programmes/[programme]/sheets/[month]': async () => {
    await call('POST /api/programmes/[programme]/changes', await retitled());
    return inSlug({ already: next() }, { month: 'm2' });
  },
  'POST /api/programmes/[programme]/releases/[month]': async () => {
    await asOwner(owner, `delete from release where month = 'm3'`);
    const { points } = (await releaseOf(QUARRY, slug, 'm3'))!;
    return inSlug({ step: 'proof', checks: points.map((p) => p.id) }, { month: 'm3' });
  },
  'PUT /api/programmes/[programme]/cutting/[place]': () => inSlug(tick(), { place: 'm1~frost' }),
  'PATCH /api/programmes/[programme]/cutting/[place]': async () => {
    await call('PUT /api/programmes/[programme]/cutting/[place]', inSlug(tick(), { place: 'm1~frost' }));
    return inSlug({ list: 'one', minutes: Number(next()) }, { place: 'm1~frost' });
  },
  'POST /p/[key]/own': () => ({ params: { key: link }, body: { deed: 'ask', month: 'm1', asks: `Why ${next()}?` } }),
  'POST /p/[key]/months/[month]/pictures': async () => {
    const create = { width: 40, height: 30 + Number(next()), channels: 3 as const, background: '#7a3' };
    return { params: { key: link, month: 'm1' }, body: await sharp({ create }).jpeg().toBuffer() };
  },
};

const modules = import.meta.glob<Record<string, RequestHandler>>('../../../routes/**/+server.ts');

/** Its answer, or the refusal that it throws; undefined where it ends in an error that nobody foresaw. */
async function call(door: string, { params, body, organisation }: Asked, key?: string) {
  const [method, route] = door.split(' ') as [Method, string];
  const handler = (await modules[`../../../routes${route}/+server.ts`]!())[method]!;
  const url = new URL(`http://127.0.0.1${route.replace(/\[(\w+)\]/g, (_, name: string) => params[name]!)}`);
  const bytes = body instanceof Uint8Array ? new Uint8Array(body) : body === undefined ? undefined : JSON.stringify(body);
  const request = new Request(url, { method, body: bytes, headers: key ? { 'idempotency-key': key } : {} });
  const locals = { organisation, who: organisation && { account: QUARRY } };
  try {
    const answer = await handler({ params, request, url, locals } as never);
    const text = await answer.text();
    // An answer that says another length than it has breaks off on its way.
    const length = answer.headers.get('content-length');
    expect(length === null || Number(length) === Buffer.byteLength(text)).toBe(true);
    return { status: answer.status, body: text };
  } catch (thrown) {
    return isHttpError(thrown) ? { status: thrown.status, body: thrown.body.message } : undefined;
  }
}

/** The second house with nothing in it, as an archive needs it. */
async function emptied(): Promise<void> {
  for (const table of ['programme', 'record', 'deleted_row', 'sheet_version'])
    await asOwner(owner, `delete from ${table} where organisation_id = '${MILL}'`);
}

/** Everything that is kept, but for the answers themselves. */
async function everything(): Promise<Record<string, string>> {
  const tables = await asOwner<{ name: string }>(
    owner,
    `select tablename as name from pg_tables where schemaname = 'public' and tablename not in ('first_answer', 'worked_out', 'revision_pack')`,
  );
  const parts = tables.map(
    ({ name }) =>
      `select '${name}' as name, md5(coalesce(string_agg(t::text, '|' order by t::text), '')) as hash from ${name} t`,
  );
  const rows = await asOwner<{ name: string; hash: string }>(owner, parts.join(' union all '));
  return Object.fromEntries(rows.map((r) => [r.name, r.hash]));
}

beforeAll(async () => {
  process.env.AGGREGA_OUTSIDE = await mkdtemp(join(tmpdir(), 'aggrega-once-'));
  process.env.ORIGIN = 'http://127.0.0.1:4610';
  ({ owner, slug } = await twoHouses());
  await call('POST /api/programmes/[programme]/roster', inSlug({ changes: [person(ada)] }));
  await asOrganisation(QUARRY, async (db) => {
    await freeze(db, slug, 'm1', { checks: [], at });
    await release(db, slug, 'm1', at);
  });
  link = (await linkOf(QUARRY, slug, ada))!;
});
afterAll(closePool);

it('every door that writes takes a key, or says why it needs none', () => {
  const doors = readdirSync(ROUTES, { recursive: true, encoding: 'utf8' })
    .filter((path) => path.endsWith('+server.ts'))
    .flatMap((path) => {
      const text = readFileSync(join(ROUTES, path), 'utf8');
      const route = `/${relative('.', path).replace(/\/?\+server\.ts$/, '')}`;
      return METHODS.filter((method) => text.includes(`export const ${method}`)).map((method) => `${method} ${route}`);
    });
  expect(doors.sort()).toEqual([...Object.keys(DEEDS), ...Object.keys(NEED_NONE)].sort());
});

it.each(Object.keys(DEEDS))('%s: an answer lost after the commit', async (door) => {
  const [asked, key] = [await DEEDS[door]!(), randomUUID()];
  const before = await everything();
  const first = await call(door, asked, key);
  expect(first).toMatchObject({ status: expect.toSatisfy((status: number) => status < 300) });
  const after = await everything();
  expect(after).not.toEqual(before);
  expect(await call(door, asked, key)).toEqual(first);
  expect(await everything()).toEqual(after);
  // The process ended before it had kept its answer: it is not done again either.
  await asOwner(owner, `update first_answer set status = null, body = null`);
  const third = await call(door, asked, key);
  expect(third!.status === 409 || third!.status === 200).toBe(true);
  expect(await everything()).toEqual(after);
});

it.each(Object.keys(DEEDS))('%s: lost before the commit, it is done the second time', async (door) => {
  const [asked, key] = [await DEEDS[door]!(), randomUUID()];
  const before = await everything();
  await asOwner(
    owner,
    `create function lost() returns trigger language plpgsql as $$ begin raise exception 'lost'; end $$;
     create constraint trigger lost after insert on first_answer deferrable initially deferred for each row execute function lost()`,
  );
  try {
    expect(await call(door, asked, key)).toBeUndefined();
  } finally {
    await asOwner(owner, `drop function lost cascade`);
  }
  expect(await everything()).toEqual(before);
  expect((await call(door, asked, key))!.status).toBeLessThan(300);
  expect(await everything()).not.toEqual(before);
});

it('the same at once is done once', async () => {
  const [asked, key] = [inSlug(sample()), randomUUID()];
  const answers = await Promise.all([1, 2, 3].map(() => call('POST /api/programmes/[programme]/samples', asked, key)));
  expect(new Set(answers.map((a) => a!.status))).toEqual(new Set([200]));
  const [row] = await asOwner<{ n: number }>(
    owner,
    `select count(*)::int as n from sample where remarks = '${(asked.body as { remarks: string }).remarks}'`,
  );
  expect(row!.n).toBe(1);
});

it('a key is of one door and one house, and has to be one', async () => {
  const [asked, key] = [inSlug(sample()), randomUUID()];
  await call('POST /api/programmes/[programme]/samples', asked, key);
  const [{ id }] = (await asOwner<{ id: string }>(owner, 'select id from sample limit 1')) as [{ id: string }];
  expect(await call('DELETE /api/programmes/[programme]/samples', inSlug({ id }), key)).toMatchObject({ status: 200 });
  expect(
    await call('DELETE /api/programmes/[programme]/samples', { ...inSlug({ id }), organisation: MILL }, key),
  ).toMatchObject({
    status: 404,
  });
  expect(await call('POST /api/programmes/[programme]/samples', asked, 'no key')).toMatchObject({ status: 400 });
});
