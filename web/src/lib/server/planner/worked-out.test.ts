import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import demo from '../../../../../demo/allotment-year.aggrega.json';
import { asOwner, freshDatabase } from '../../../../tests/fresh-database';
import { insertOrganisation } from '../db/organisations';
import { asOrganisation, closePool } from '../db/pool';
import { findWorkedOut, putWorkedOut } from '../db/worked-out';
import { doJob } from './jobs';
import { partAsked } from '$lib/plan/part-asked';
import { work, type YearQuestion } from '$lib/plan/year-work';
import type { ProgrammeFile } from '@aggrega/core/programme';
import { parse, stringify } from 'devalue';

const QUARRY = '00000000-0000-4000-8000-00000000000a';
const MILL = '00000000-0000-4000-8000-00000000000b';
const document = demo as unknown as ProgrammeFile;
const question: YearQuestion = { kind: 'packets', colourway: 'frost', kit: 'yardage' };
/** An answer with something in it that JSON does not have. */
const PLANNED = { packets: [], bundles: new Map([['elderberry', 3]]) };
let owner: string;

beforeAll(async () => {
  owner = await freshDatabase();
  for (const id of [QUARRY, MILL]) await asOrganisation(id, (db) => insertOrganisation(db, id, 'Quilters'));
});
afterAll(closePool);
afterEach(async () => {
  await Promise.all(closes.splice(0).map((close) => close()));
});

const closes: (() => Promise<void>)[] = [];

/** A process of its own: nothing in its memory. It plans in no time, so that nobody waits for a connection meanwhile. */
async function process() {
  vi.resetModules();
  const jobs = await import('./jobs');
  const planned = vi.spyOn(jobs, 'doJob').mockImplementation(() => ({ body: stringify(PLANNED) }));
  closes.push((await import('../db/pool')).closePool);
  return { ...(await import('./worked-out')), planned };
}

describe('what was worked out', () => {
  beforeEach(() => asOwner(owner, 'truncate worked_out'));

  it('is worked out once, for every process of the house and for nobody else', async () => {
    const one = await process();
    expect(await one.keptAnswerText({ organisation: QUARRY, document, question })).toBeUndefined();
    const [first, same] = await Promise.all([1, 2].map(() => one.answerText({ organisation: QUARRY, document, question })));
    expect(same).toBe(first);
    expect(one.planned).toHaveBeenCalledTimes(1);
    expect(parse(first!)).toEqual(PLANNED);

    const other = await process();
    // Other words on the sheets change nothing of it.
    const reworded = { ...structuredClone(document), welcome: 'Dear all' };
    expect(await other.answerText({ organisation: QUARRY, document: reworded, question })).toBe(first);
    expect(other.planned).not.toHaveBeenCalled();
    expect(await other.keptAnswerText({ organisation: MILL, document, question })).toBeUndefined();
    const ready = await other.ready({ organisation: QUARRY, document: reworded, revision: 7 }, question);
    expect(ready).toEqual({ question, revision: 7, answer: parse(first!) });
  });

  it('is another for another cast and for another question', async () => {
    const { nameOf } = await process();
    const recast = structuredClone(document);
    recast.colourways![0]!.fabrics!.D = recast.colourways![1]!.fabrics!.D!;
    const names = [
      nameOf({ document, question }),
      nameOf({ document: recast, question }),
      nameOf({ document, question: { ...question, colourway: 'dusk' } }),
    ].map((name) => name.toString('hex'));
    expect(new Set(names).size).toBe(3);
    expect(nameOf({ document: structuredClone(document), question }).toString('hex')).toBe(names[0]);
  });

  it('is the answer of the planner, and nothing where it cannot plan: the page says why itself', async () => {
    const year = { kind: 'year', question } as const;
    const { answer } = work(document, question, () => undefined) as { answer: object };
    expect(parse((doJob({ ...year, document: partAsked(document, question) }) as { body: string }).body)).toEqual(answer);
    const narrow = structuredClone(document);
    narrow.house!.wof = '2';
    for (const fabric of narrow.fabrics!) delete fabric.usableWidth;
    expect(doJob({ ...year, document: narrow })).toEqual({ body: undefined });
  });

  it('is nothing where the planner fails, and is tried again', async () => {
    const { answerText, planned } = await process();
    const ask = () => answerText({ organisation: QUARRY, document, question: { ...question, colourway: 'dusk' } });
    planned.mockImplementationOnce(() => {
      throw new Error('out of memory');
    });
    expect(await ask()).toBeUndefined();
    expect(parse((await ask())!)).toEqual(PLANNED);
  });

  it('takes a bounded room; what was not asked for longest goes first', async () => {
    const at = (minute: number) => new Date(Date.UTC(2027, 4, 20, 10, minute));
    const name = (n: number) => Buffer.alloc(32, n);
    await asOrganisation(QUARRY, async (db) => {
      for (const n of [1, 2, 3]) await putWorkedOut(db, { name: name(n), body: Buffer.alloc(100), now: at(n), most: 1000 });
      // Looked at two days later: it is the newest now.
      await findWorkedOut(db, name(1), new Date(Date.UTC(2027, 4, 22)));
    });
    await asOrganisation(QUARRY, (db) => putWorkedOut(db, { name: name(4), body: Buffer.alloc(100), now: at(5), most: 300 }));
    const kept = await asOrganisation(QUARRY, (db) =>
      Promise.all([1, 2, 3, 4].map(async (n) => (await findWorkedOut(db, name(n), at(6))) !== undefined)),
    );
    expect(kept).toEqual([true, false, true, true]);
  });
});
