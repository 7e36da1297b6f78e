import { blankPerson } from '@aggrega/core/running';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import demo from '../../../../../demo/allotment-year.aggrega.json';
import { freshDatabase } from '../../../../tests/fresh-database';
import { insertOrganisation } from '../db/organisations';
import {
  deleteMeasurement,
  insertMeasurement,
  insertPicture,
  insertQuestion,
  setPicturesFor,
  setProgress,
  type PicturesFor,
} from '../db/participant-page';
import { asOrganisation, closePool } from '../db/pool';
import { importProgramme } from '../programme/programmes';
import { freeze, release } from '../release/releases';
import { progressView, seenPicture, type ProgressView } from './progress';
import { changeRoster, erasePerson } from './roster';

const QUARRY = '00000000-0000-4000-8000-00000000000a';
const MILL = '00000000-0000-4000-8000-00000000000b';
const at = new Date('2027-03-01T10:00:00Z');
let slug: string;
const someone = (name: string) => ({ id: randomUUID() as string, name });
const [ada, bea, dot] = [someone('Ada'), someone('Bea'), someone('Dot')];
const people = [ada, bea, dot];
const view = async (asked = {}): Promise<ProgressView> =>
  (await progressView(QUARRY, slug, { month: '', person: '', page: 0, ...asked }))!;

beforeAll(async () => {
  await freshDatabase();
  for (const id of [QUARRY, MILL]) await asOrganisation(id, (db) => insertOrganisation(db, id, `House ${id.at(-1)}`));
  const imported = await importProgramme(QUARRY, demo);
  if (imported.kind !== 'imported') throw new Error('unsound');
  ({ slug } = imported);
  await changeRoster(
    QUARRY,
    slug,
    people.map(({ id, name }) => ({ id, to: { ...blankPerson, name, colourway: 'frost', joined: '2027-01-01' } })),
  );
  await asOrganisation(QUARRY, async (db) => {
    await freeze(db, slug, 'm1', { checks: [], at });
    await release(db, slug, 'm1', at);
    for (const step of ['cut', 'units', 'block'] as const) await setProgress(db, bea.id, { month: 'm1', step, done: true, at });
    await setProgress(db, dot.id, { month: 'm1', step: 'cut', done: true, at });
    for (const { id } of people) await insertPicture(db, id, 'm1', Buffer.from(`picture of ${id}`), at);
    await insertQuestion(db, ada.id, 'm1', 'Which way up?', at);
  });
});
afterAll(closePool);

describe('what participants send', () => {
  it('is seen as far as each of them says, from the next look on', async () => {
    const shown = async (whom: PicturesFor) => {
      await asOrganisation(QUARRY, (db) => setPicturesFor(db, ada.id, whom));
      const { pictures, hidden } = await view({ person: ada.id });
      return { pictures: pictures.map((p) => p.shows), hidden };
    };
    expect(await shown('me')).toEqual({ pictures: [], hidden: 1 });
    const [picture] = (await shown('organiser'), (await view({ person: ada.id })).pictures);
    expect(String(await seenPicture(QUARRY, slug, picture!.id))).toBe(`picture of ${ada.id}`);
    expect(await seenPicture(MILL, slug, picture!.id)).toBeUndefined();
    expect(await shown('group')).toEqual({ pictures: [true], hidden: 0 });
    expect(await shown('organiser')).toEqual({ pictures: [false], hidden: 0 });
    expect(await shown('me')).toEqual({ pictures: [], hidden: 1 });
    expect(await seenPicture(QUARRY, slug, picture!.id)).toBeUndefined();
    expect((await view()).hidden).toBe(3);
  });

  it('comes together by month and by person, and goes when it is taken back or its owner is erased', async () => {
    const sizes = [{ what: 'a row', seams: 3, expected: '12 1/2', measured: '12 5/16', before: '' }];
    await asOrganisation(QUARRY, async (db) => {
      await insertMeasurement(db, dot.id, { month: 'm1', sizes, at });
      await insertMeasurement(db, dot.id, { month: '', sizes, at });
    });
    expect((await view()).measurements.map((m) => [m.name, m.sizes])).toEqual([
      ['Dot', sizes],
      ['Dot', sizes],
    ]);
    const ofMonth = (await view({ month: 'm1', person: dot.id })).measurements;
    expect(ofMonth).toHaveLength(1);
    const takenBack = (id: string) => asOrganisation(QUARRY, (db) => deleteMeasurement(db, id, ofMonth[0]!.id));
    expect([await takenBack(ada.id), await takenBack(dot.id)]).toEqual([false, true]);
    expect((await view()).measurements).toHaveLength(1);
    expect((await view({ person: ada.id })).questions.map((q) => q.asks)).toEqual(['Which way up?']);
    expect((await view({ person: bea.id })).questions).toEqual([]);
    expect(await erasePerson(QUARRY, slug, dot.id)).toBe(true);
    expect((await view()).measurements).toEqual([]);
  });
});

it('how far people are is counted of those who take part, whoever has ticked least first', async () => {
  const { months, people: all, rows } = await view();
  expect(months).toEqual([{ id: 'm1', name: expect.any(String), done: { cut: 1, units: 1, block: 1 } }]);
  expect([all, rows.map((r) => [r.name, r.done])]).toEqual([
    2,
    [
      ['Ada', {}],
      ['Bea', { m1: 3 }],
    ],
  ]);
  expect(await progressView(MILL, slug, { month: '', person: '', page: 0 })).toBeUndefined();
});
