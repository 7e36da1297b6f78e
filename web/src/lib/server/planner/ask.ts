/** Plans that take seconds are made in a thread, one after another, so that everybody else is answered meanwhile. */
import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { ProgrammeFile } from '@aggrega/core/programme';
import { spokenNow, spokenTag } from '@aggrega/core/words';
import { LRUCache } from 'lru-cache';
import { doJob, type PlanDone, type PlanJob } from './jobs';

type Answer = { id: number } & ({ done: PlanDone } | { failed: string });

const waiting = new Map<number, { resolve: (done: PlanDone) => void; reject: (error: Error) => void }>();
let thread: Worker | undefined;
let asked = 0;

const script = () => join(dirname(process.argv[1] ?? '.'), 'planner.mjs');
/** Whether there is a thread to plan in, and nobody waits for it. Where the application was not built, as in tests of its functions, there is none. */
export const isFree = (): boolean => waiting.size === 0 && existsSync(script());

let code: string | undefined;
/** Tells the code that plans from any other. */
export const plannerCode = (): string =>
  (code ??= existsSync(script()) ? createHash('sha256').update(readFileSync(script())).digest('hex') : 'unbuilt');

/** Plans of documents that are kept, by what was asked of each; those under way too, so that two who ask at once wait for one plan. */
const kept = new WeakMap<ProgrammeFile, LRUCache<string, Promise<PlanDone>>>();
const PLANS = 12;

/** What comes of a job; its document is one that nobody changes. */
export async function planned(job: PlanJob): Promise<PlanDone> {
  const { document, ...rest } = job;
  const plans = kept.get(document) ?? new LRUCache<string, Promise<PlanDone>>({ max: PLANS });
  kept.set(document, plans);
  const name = `${spokenTag()} ${JSON.stringify(rest)}`;
  const known = plans.get(name);
  if (known) return known;
  const plan = made(job);
  plans.set(name, plan);
  plan.catch(() => plans.get(name) === plan && plans.delete(name));
  return plan;
}

/** Made by the thread. Where the application was not built, as in tests of its functions, it is done at once. */
async function made(job: PlanJob): Promise<PlanDone> {
  if (!thread && !existsSync(script())) return doJob(job);
  thread ??= started(script());
  const id = (asked += 1);
  return new Promise((resolve, reject) => {
    waiting.set(id, { resolve, reject });
    thread!.postMessage({ id, job, language: spokenNow() });
  });
}

/** Ends the thread, at the end of the process. */
export async function closePlanner(): Promise<void> {
  await thread?.terminate();
}

function started(script: string): Worker {
  const worker = new Worker(script);
  worker.on('message', (answer: Answer) => {
    const asker = waiting.get(answer.id);
    waiting.delete(answer.id);
    if ('done' in answer) asker?.resolve(answer.done);
    else asker?.reject(new Error(answer.failed));
  });
  const gone = (error?: unknown) => {
    if (thread === worker) thread = undefined;
    const reason = error instanceof Error ? error : new Error('the planning thread ended');
    for (const { reject } of waiting.values()) reject(reason);
    waiting.clear();
  };
  worker.on('error', gone);
  worker.on('exit', () => gone());
  return worker;
}
