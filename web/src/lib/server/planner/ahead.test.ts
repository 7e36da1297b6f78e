import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import demo from '../../../../../demo/allotment-year.aggrega.json';
import scraps from '../../../../../demo/winter-scrap-basket.aggrega.json';
import { asOwner, freshDatabase } from '../../../../tests/fresh-database';
import { insertOrganisation } from '../db/organisations';
import { asOrganisation, closePool } from '../db/pool';
import { nameOf } from './worked-out';
import { isWorkedOut } from '../db/worked-out';
import type { YearQuestion } from '$lib/plan/year-work';
import { usualQuestions } from '$lib/plan/year-questions';
import { findProgramme } from '../db/programmes';
import { readingOf } from '$lib/ask/reading';
import type { ProgrammeFile } from '@aggrega/core/programme';
import { saveChanges, storeNew } from '../programme/programmes';
import { todayIn } from '../clock';

const LARGE = '00000000-0000-4000-8000-00000000000a';
const SMALL = '00000000-0000-4000-8000-00000000000b';
let owner: string;
let large: string;
let small: string;

beforeAll(async () => {
  owner = await freshDatabase();
  for (const id of [LARGE, SMALL]) await asOrganisation(id, (db) => insertOrganisation(db, id, 'Quilters'));
  large = await asOrganisation(LARGE, (db) => storeNew(db, demo as unknown as ProgrammeFile));
  small = await asOrganisation(SMALL, (db) => storeNew(db, scraps as unknown as ProgrammeFile));
});
afterAll(closePool);
afterEach(async () => {
  await Promise.all(closes.splice(0).map((close) => close()));
});

/** Which questions a programme's pages ask, and whether the answers are there. */
async function answered(organisation: string, slug: string): Promise<{ questions: YearQuestion[]; there: boolean[] }> {
  const { document } = (await asOrganisation(organisation, (db) => findProgramme(db, slug)))!;
  const reading = readingOf(document);
  const questions = reading.ok ? usualQuestions(reading.programme, todayIn(reading.programme.calendar.timeZone)) : [];
  const there = await asOrganisation(organisation, async (db) => {
    const all: boolean[] = [];
    for (const question of questions) all.push(await isWorkedOut(db, nameOf({ document, question })));
    return all;
  });
  return { questions, there };
}

/** A process with nothing in its memory, whose planner answers at once. */
async function process() {
  vi.resetModules();
  const planned = vi.spyOn(await import('./jobs'), 'doJob').mockImplementation(() => ({ body: '[1]' }));
  closes.push((await import('../db/pool')).closePool);
  const { Ahead } = await import('./ahead');
  return { planned, begun: (quiet = 0) => new Ahead(quiet, () => {}) };
}
const closes: (() => Promise<void>)[] = [];

/** Turns until nothing waits. */
async function toTheEnd(ahead: { turn: () => Promise<number | undefined> }): Promise<void> {
  while ((await ahead.turn()) !== undefined);
}

describe('what is worked out ahead', () => {
  beforeEach(() => asOwner(owner, 'truncate worked_out'));

  it('is every question of the pages, the houses in turn, so that a small one does not wait for a large', async () => {
    const { planned, begun } = await process();
    const ahead = begun();
    ahead.saved(LARGE, large);
    ahead.saved(SMALL, small);
    for (let i = 0; i < 6; i += 1) await ahead.turn();
    expect((await answered(LARGE, large)).there.filter(Boolean)).toHaveLength(3);
    expect((await answered(SMALL, small)).there.filter(Boolean)).toHaveLength(3);
    await toTheEnd(ahead);
    const all = [...(await answered(LARGE, large)).there, ...(await answered(SMALL, small)).there];
    expect(all.every(Boolean)).toBe(true);
    // Answers that stand are not made again.
    planned.mockClear();
    ahead.saved(SMALL, small);
    await toTheEnd(ahead);
    expect(planned).not.toHaveBeenCalled();
  });

  it('waits until the programme has been left alone, and is then of what was saved last', async () => {
    const { planned, begun } = await process();
    const patient = begun(1e9);
    patient.saved(SMALL, small);
    expect(await patient.turn()).toBeGreaterThan(1e8);
    expect(planned).not.toHaveBeenCalled();

    const ahead = begun();
    ahead.saved(SMALL, small);
    await ahead.turn();
    const saved = await saveChanges(SMALL, small, [{ path: '/participants/basket', from: 12, to: 31 }]);
    expect(saved.kind).toBe('saved');
    ahead.saved(SMALL, small);
    await toTheEnd(ahead);
    expect((await answered(SMALL, small)).there.every(Boolean)).toBe(true);
  });

  it('passes on to the next question where one fails, and to the next programme where one is gone', async () => {
    const { planned, begun } = await process();
    planned.mockImplementation((job) => {
      if (job.kind === 'year' && job.question.kind === 'month') throw new Error('out of memory');
      return { body: '[1]' };
    });
    const ahead = begun();
    ahead.saved(SMALL, 'gone-meanwhile');
    ahead.saved(LARGE, large);
    ahead.saved(SMALL, small);
    await toTheEnd(ahead);
    for (const [organisation, slug] of [
      [LARGE, large],
      [SMALL, small],
    ] as const) {
      const { questions, there } = await answered(organisation, slug);
      expect(there).toEqual(questions.map(({ kind }) => kind !== 'month'));
    }
  });
});
