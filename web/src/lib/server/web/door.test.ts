/** What no door lets in, and what the database says of what one forgot. */
import { isHttpError } from '@sveltejs/kit';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { freshDatabase } from '../../../../tests/fresh-database';
import { isId } from '../db/ids';
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
