import { afterAll, beforeAll, expect, it } from 'vitest';
import demo from '../../../../demo/allotment-year.aggrega.json';
import { freshDatabase } from '../../../tests/fresh-database';
import { doneSteps, setStep } from './cutting-room';
import { insertOrganisation } from './db/organisations';
import { asOrganisation, closePool } from './db/pool';
import { importProgramme } from './programmes';

const QUARRY = '00000000-0000-4000-8000-00000000000a';
const slug = 'the-allotment-year';

beforeAll(async () => {
  await freshDatabase();
  await asOrganisation(QUARRY, (db) => insertOrganisation(db, QUARRY, 'Quarry Road Quilters'));
  await importProgramme(QUARRY, demo);
});
afterAll(closePool);

it('ticks are kept by list; said twice or by several people at once they stand once', async () => {
  const set = (list: string, step: string, done: boolean) => setStep(QUARRY, slug, list, { step, done });
  await Promise.all(Array.from({ length: 12 }, (_, i) => set('m1~frost', `s${i % 4}`, true)));
  expect((await doneSteps(QUARRY, slug, 'm1~frost'))!.sort()).toEqual(['s0', 's1', 's2', 's3']);
  expect(await set('m1~frost', 's0', false)).not.toContain('s0');
  expect(await set('m1~frost', 's0', false)).toHaveLength(3);
  expect(await doneSteps(QUARRY, slug, 'm1~dusk')).toEqual([]);
  expect(await setStep(QUARRY, 'no-such-year', 'm1~frost', { step: 's0', done: true })).toBeUndefined();
});
