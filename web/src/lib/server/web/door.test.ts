/** What no door lets in, and what the database says of what one forgot. */
import { isHttpError } from '@sveltejs/kit';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { freshDatabase } from '../../../../tests/fresh-database';
import { isId } from '../db/ids';
import { insertOrganisation } from '../db/organisations';
import { asOrganisation, closePool } from '../db/pool';
import { bodyReader, readJson, textReader } from './door';

const HOUSE = '00000000-0000-4000-8000-00000000000a';
const asked = (body: string) => new Request('http://127.0.0.1/', { method: 'POST', body });
const refused = (work: Promise<unknown>) =>
  work.then(
    () => undefined,
    (error: unknown) => (isHttpError(error) ? [error.status, error.body.message] : error),
  );

beforeAll(async () => void (await freshDatabase()));
afterAll(closePool);

it('JSON that would become something else, or too much, is refused at every door with its reason', async () => {
  for (const [body, why] of [
    ['{"a":{"__proto__":{"b":1}}}', '__proto__'],
    ['{"a":{"\\u005f_proto__" : 1}}', '__proto__'],
    [`${'['.repeat(5000)}${']'.repeat(5000)}`, 'nested'],
    [`[${'[],'.repeat(1_000_000)}[]]`, 'values'],
    ['{"a":', 'JSON'],
  ] as const)
    for (const read of [readJson, bodyReader({})])
      expect(await refused(read(asked(body)))).toEqual([400, expect.stringContaining(why)]);
  expect(() => textReader({})('{"__proto__":1}')).toThrow(expect.objectContaining({ status: 400 }));
  expect(await readJson(asked('{"proto":["__proto__"]}'))).toEqual({ proto: ['__proto__'] });
});

it('a value that no column holds is the asker’s mistake, not ours, and changes nothing', async () => {
  for (const wrong of [`select '1e-300'::real`, `select 'no id'::uuid`, `select '2027-02-31'::date`, `select 1e6::smallint`])
    expect(await refused(asOrganisation(HOUSE, (db) => db.query(wrong)))).toEqual([400, expect.stringContaining('changed')]);
  // What we ask wrongly stays ours.
  expect(await refused(asOrganisation(HOUSE, (db) => db.query('select nothing')))).toBeInstanceOf(Error);
});

it('an id is what the database takes for one', () => {
  expect(isId(HOUSE)).toBe(true);
  for (const text of ['', '-'.repeat(36), HOUSE.replace('a', 'g'), `${HOUSE}\n`, HOUSE.replaceAll('-', '')])
    expect(isId(text)).toBe(false);
});

it('two who wait for each other are both done, one after the other', async () => {
  await asOrganisation(HOUSE, async (db) => {
    await insertOrganisation(db, HOUSE, 'Mill Lane Guild');
    for (const slug of ['a', 'b'])
      await db.query(`insert into programme (organisation_id, slug, title, revision) values ($1, $2, '', 1)`, [HOUSE, slug]);
  });
  let met = 0;
  let bothHere: () => void;
  const both = new Promise<void>((resolve) => (bothHere = resolve));
  const write = (first: string, then: string) =>
    asOrganisation(HOUSE, async (db) => {
      const longer = (slug: string) => db.query(`update programme set title = title || $2 where slug = $1`, [slug, first]);
      await longer(first);
      if ((met += 1) === 2) bothHere();
      await both;
      await longer(then);
    });
  await Promise.all([write('a', 'b'), write('b', 'a')]);
  // The one that was ended came a second time.
  expect(met).toBe(3);
  const titles = await asOrganisation(HOUSE, (db) => db.query<{ title: string }>('select title from programme order by slug'));
  expect(titles.rows.map((r) => [...r.title].sort().join(''))).toEqual(['ab', 'ab']);
});
