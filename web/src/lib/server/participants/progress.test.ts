import { blankPerson, type Marks } from '@aggrega/core/running';
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
import { sewingMarks } from '../db/sewing';
import { noteLayout, setTells, type FoundSlip } from '../db/layout-checks';
import { asOrganisation, closePool } from '../db/pool';
import { keepMarks } from '../participant-page/own-sewing';
import type { OpenPage } from '../participant-page/participant-page';
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

describe('what checks of layouts found', () => {
  const turned: FoundSlip = { unit: 'hst:A+B@1x1', label: 'U1', kind: 'turned' };
  const row: FoundSlip = { unit: '', label: '', kind: 'row' };
  const note = (person: { id: string }, found: FoundSlip[], block = 'b') =>
    asOrganisation(QUARRY, (db) => noteLayout(db, person.id, { month: 'm1', block, found, at }));
  const tell = (person: { id: string }, tells: boolean) => asOrganisation(QUARRY, (db) => setTells(db, person.id, tells));
  const laid = async (asked = {}) => (await view(asked)).laid;

  it('is told of those alone who agreed, each slip of each person once, and goes when she no longer does', async () => {
    await note(ada, [turned]);
    expect(await laid()).toEqual([]);
    for (const person of [ada, bea]) await tell(person, true);
    await note(ada, [turned]);
    await note(ada, [row, turned]);
    await note(ada, []);
    await note(bea, [turned]);
    await note(dot, [turned]);
    expect(await laid()).toEqual([
      {
        month: 'm1',
        block: 'b',
        people: 2,
        found: [
          { ...turned, people: 2 },
          { ...row, people: 1 },
        ],
      },
    ]);
    expect(await laid({ person: bea.id })).toMatchObject([{ people: 1, found: [{ ...turned, people: 1 }] }]);
    expect(await laid({ month: 'm2' })).toEqual([]);
    await tell(ada, false);
    expect(await laid()).toMatchObject([{ people: 1, found: [{ kind: 'turned', people: 1 }] }]);
    await note(bea, [], 'another');
    expect((await laid()).map(({ block, found }) => [block, found.length])).toEqual([
      ['another', 0],
      ['b', 1],
    ]);
    await tell(bea, false);
    expect(await laid()).toEqual([]);
  });

  it('is bounded, whatever is sent', async () => {
    await tell(dot, true);
    for (let i = 0; i < 5; i += 1)
      await note(
        dot,
        Array.from({ length: 100 }, (_, n) => ({ ...turned, unit: `u${100 * i + n}` })),
      );
    expect((await laid())[0]!.found.length).toBe(200);
    await tell(dot, false);
  });
});

describe('how far somebody has sewn', () => {
  const sheet = { month: 'm1', version: 1 };
  const page = (person: { id: string }) => ({
    organisation: QUARRY,
    slug,
    person: { ...blankPerson, ...person } as OpenPage['person'],
  });
  const kept = (person: { id: string }) => asOrganisation(QUARRY, (db) => sewingMarks(db, person.id, 'm1', 1));
  const keep = (person: { id: string }, marks: Marks, other = {}) => keepMarks(page(person), { ...sheet, marks, ...other });

  it('comes together from her devices, whichever sends first, and the same sent twice is once', async () => {
    const tablet: Marks = {
      at: { value: 'row-1', at: 5 },
      'done row-1': { value: 2, at: 5 },
      'size row-1 0 0': { value: '12 3/8', at: 4 },
    };
    const phone: Marks = { at: { value: 'row-2', at: 9 }, 'done row-1': { value: 1, at: 3 } };
    expect(await keep(ada, phone)).toBe(true);
    expect(await keep(ada, tablet)).toBe(true);
    expect(await keep(ada, tablet)).toBe(true);
    expect(await kept(ada)).toEqual({ ...tablet, at: phone.at });
    // Both at once: neither is lost.
    await Promise.all([...Array(6).keys()].map((i) => keep(bea, { [`done ${i}`]: { value: 1, at: i } })));
    expect(Object.keys(await kept(bea)).length).toBe(6);
    expect(await kept(dot)).toEqual({});
  });

  it('is kept of sheets alone that are out, and goes with her', async () => {
    const marks: Marks = { at: { value: 'start', at: 1 } };
    expect(await keep(ada, marks, { month: 'm2' })).toBe(false);
    expect(await keep(ada, marks, { version: 99 })).toBe(false);
    expect(await asOrganisation(MILL, (db) => sewingMarks(db, ada.id, 'm1', 1))).toEqual({});
  });

  it('is bounded, the newest staying', async () => {
    const many = Object.fromEntries(Array.from({ length: 4000 }, (_, i) => [`done ${i}`, { value: 1, at: i }]));
    await keep(dot, many);
    const names = Object.keys(await kept(dot));
    expect(names.length).toBe(3000);
    expect(names).toContain('done 3999');
    expect(names).not.toContain('done 0');
  });
});

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
