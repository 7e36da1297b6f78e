import { afterAll, beforeAll, expect, it } from 'vitest';
import demo from '../../../../../demo/allotment-year.aggrega.json';
import { freshDatabase } from '../../../../tests/fresh-database';
import { cuttingState, logEvening, setStep, shopPace } from './cutting-room';
import { insertOrganisation } from '../db/organisations';
import { asOrganisation, closePool } from '../db/pool';
import { importProgramme } from '../programme/programmes';

const QUARRY = '00000000-0000-4000-8000-00000000000a';
const MILL = '00000000-0000-4000-8000-00000000000b';
const slug = 'the-allotment-year';

beforeAll(async () => {
  await freshDatabase();
  await asOrganisation(QUARRY, (db) => insertOrganisation(db, QUARRY, 'Quarry Road Quilters'));
  await asOrganisation(MILL, (db) => insertOrganisation(db, MILL, 'Mill Lane Guild'));
  await importProgramme(QUARRY, demo);
});
afterAll(closePool);

const piece = { fabric: 'kale', label: 'm1:cold-frame:A1', w: '3 1/2', h: '3 1/2', qty: 12 };
const tick = (list: string, step: string, done = true, base: string[] = []) => ({
  ...{ list, step, done, base, kits: 27, estimated: 40, gives: [piece] },
});
const names = async (place: string) =>
  (await cuttingState(QUARRY, slug, place))!.steps.map((s) => `${s.list} ${s.step}`).sort();

it('ticks are kept by place; said twice or by several people at once they stand once', async () => {
  await Promise.all(Array.from({ length: 12 }, (_, i) => setStep(QUARRY, slug, 'm1~frost~batch', tick('one', `s${i % 4}`))));
  expect(await names('m1~frost~batch')).toEqual(['one s0', 'one s1', 'one s2', 'one s3']);
  const { steps, lists } = (await setStep(QUARRY, slug, 'm1~frost~batch', tick('one', 's0', false)))!;
  expect(steps).toHaveLength(3);
  expect(steps[0]!.gives).toEqual([piece]);
  expect(lists).toMatchObject([{ list: 'one', kits: 27, base: [], estimated: 40, minutes: null }]);
  expect(await names('m1~dusk~batch')).toEqual([]);
  expect(await setStep(QUARRY, 'no-such-year', 'm1~frost~batch', tick('one', 's0'))).toBeUndefined();
});

it('a later list says which steps it counts as cut, and what was ticked first stays so', async () => {
  await setStep(QUARRY, slug, 'm2~frost~batch', tick('first', 'a'));
  await setStep(QUARRY, slug, 'm2~frost~batch', tick('second', 'b', true, ['first a']));
  const { lists } = (await setStep(QUARRY, slug, 'm2~frost~batch', tick('second', 'c', true, ['something else'])))!;
  expect(lists.map((l) => [l.list, l.base])).toEqual([
    ['first', []],
    ['second', ['first a']],
  ]);
  // What a later list counts as cut cannot be taken back under it; its own ticks can.
  await setStep(QUARRY, slug, 'm2~frost~batch', tick('first', 'a', false));
  await setStep(QUARRY, slug, 'm2~frost~batch', tick('second', 'b', false));
  expect(await names('m2~frost~batch')).toEqual(['first a', 'second c']);
});

it('the pace follows the log of the organisation, and of nobody else', async () => {
  expect(await shopPace(QUARRY)).toBe(1);
  await logEvening(QUARRY, slug, 'm1~frost~batch', { list: 'one', minutes: 80 });
  expect(await shopPace(QUARRY)).toBeCloseTo(140 / 100);
  expect(await shopPace(MILL)).toBe(1);
  await logEvening(QUARRY, slug, 'm1~frost~batch', { list: 'one', minutes: null });
  expect(await shopPace(QUARRY)).toBe(1);
});
