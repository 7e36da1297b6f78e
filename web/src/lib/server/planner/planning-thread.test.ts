import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { isHttpError } from '@sveltejs/kit';
import { afterEach, expect, it } from 'vitest';
import type { Asking } from './asking';
import type { PlanJob } from './jobs';
import { PlanningThread } from './planning-thread';
import { Turns } from './turns';

// A thread in a few lines: it says what it did, never ends one job, dies of another, and takes too much memory for a third.
const script = join(mkdtempSync(join(tmpdir(), 'aggrega-thread-')), 'thread.mjs');
writeFileSync(
  script,
  `import { parentPort } from 'node:worker_threads';
  parentPort.on('message', ({ id, job }) => {
    if (job.file === 'forever') for (;;);
    if (job.file === 'dies') process.exit(1);
    if (job.file === 'greedy') for (const all = []; ; ) all.push(new Array(1e5).fill(all.length));
    parentPort.postMessage({ id, done: { body: job.file } });
  });`,
);
let thread: PlanningThread;
const planning = (patience?: number) => (thread = new PlanningThread(() => script, false, patience));
afterEach(() => thread.close());

const job = (file: string) => ({ file }) as unknown as PlanJob;
const from = (house: string, gone = false): Asking[] => [{ house, gone: () => gone }];
const status = (work: Promise<unknown>) =>
  work.then(
    () => 200,
    (error: unknown) => (isHttpError(error) ? error.status : 0),
  );

it('the houses have their plans in turn, however many one of them asks for', async () => {
  planning();
  const order: string[] = [];
  const asked = ['a1', 'a2', 'a3', 'a4', 'b1', 'b2', 'c1'].map(async (file) => {
    order.push(((await thread.done(job(file), from(file[0]!))) as { body: string }).body);
  });
  await Promise.all(asked);
  expect(order).toEqual(['a1', 'a2', 'b1', 'c1', 'a3', 'b2', 'a4']);
  expect(thread.busy).toBe(false);
});

it('one house has only so much waiting; another is not refused for it', async () => {
  planning();
  const many = Array.from({ length: 60 }, (_, i) => status(thread.done(job(`a${i}`), from('a'))));
  expect(await status(thread.done(job('b'), from('b')))).toBe(200);
  const all = await Promise.all(many);
  expect(all.filter((s) => s === 200)).toHaveLength(41);
  expect(all.filter((s) => s === 429)).toHaveLength(19);
});

it('what nobody waits for any more is left out, and what somebody else waits for too is not', async () => {
  planning();
  const first = thread.done(job('first'), from('a'));
  const left = status(thread.done(job('left'), from('a', true)));
  const shared = thread.done(job('shared'), [...from('a', true), ...from('a')]);
  expect(await Promise.all([first, left, shared])).toEqual([{ body: 'first' }, 0, { body: 'shared' }]);
});

it('a plan without end holds up nobody once somebody waits', async () => {
  planning(50);
  const endless = status(thread.done(job('forever'), from('a')));
  expect(await thread.done(job('other'), from('b'))).toEqual({ body: 'other' });
  expect(await endless).toBe(503);
});

it('a thread that dies, or takes more memory than it may, dies alone; the next job has a new one', async () => {
  planning();
  for (const file of ['dies', 'greedy']) {
    const dead = status(thread.done(job(file), from('a')));
    expect(await thread.done(job('other'), from('b'))).toEqual({ body: 'other' });
    expect(await dead).toBe(0);
  }
});

it('turns lose nothing and keep each house’s order', () => {
  const turns = new Turns<string>();
  for (const work of ['a1', 'a2', 'b1']) turns.add(work[0]!, work);
  expect(turns.next()).toBe('a1');
  turns.add('c', 'c1');
  expect([turns.of('a'), turns.of('z')]).toEqual([1, 0]);
  expect([turns.next(), turns.next()]).toEqual(['b1', 'a2']);
  expect(turns.clear()).toEqual(['c1']);
  expect(turns.empty).toBe(true);
});
