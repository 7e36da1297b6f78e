/** Plans that take seconds are made in a thread, one after another, so that everybody else is answered meanwhile. */
import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { ProgrammeFile } from '@aggrega/core/programme';
import { spokenNow, spokenTag, type Language } from '@aggrega/core/words';
import { LRUCache } from 'lru-cache';
import { doJob, type PlanDone, type PlanJob } from './jobs';

type Answer = { id: number } & ({ done: PlanDone } | { failed: string });

interface Waiting {
  job: PlanJob;
  /** Made ahead: nobody waits for it. */
  later: boolean;
  language: Language;
  resolve: (done: PlanDone) => void;
  reject: (error: Error) => void;
}

/** What the thread works at, and what comes after: first what somebody waits for, then what is made ahead. */
let underWay: (Waiting & { id: number }) | undefined;
const wanted: Waiting[] = [];
const ahead: Waiting[] = [];
let thread: Worker | undefined;
let asked = 0;
let closed = false;

const script = () => join(dirname(process.argv[1] ?? '.'), 'planner.mjs');
/** Whether there is a thread to plan in; where the application was not built, as in tests of its functions, there is none. */
export const hasThread = (): boolean => existsSync(script());

let code: string | undefined;
/** Tells the code that plans from any other. */
export const plannerCode = (): string =>
  (code ??= hasThread() ? createHash('sha256').update(readFileSync(script())).digest('hex') : 'unbuilt');

/** Plans of documents that are kept, by what was asked of each; those under way too, so that two who ask at once wait for one plan. */
const kept = new WeakMap<ProgrammeFile, LRUCache<string, Promise<PlanDone>>>();
const PLANS = 12;

/** What comes of a job; its document is one that nobody changes. `later`: it is made when nobody waits for anything. */
export async function planned(job: PlanJob, later = false): Promise<PlanDone> {
  const { document, ...rest } = job;
  const plans = kept.get(document) ?? new LRUCache<string, Promise<PlanDone>>({ max: PLANS });
  kept.set(document, plans);
  const name = `${spokenTag()} ${JSON.stringify(rest)}`;
  const known = plans.get(name);
  if (known) return known;
  const plan = made(job, later);
  plans.set(name, plan);
  plan.catch(() => plans.get(name) === plan && plans.delete(name));
  return plan;
}

/** Whether somebody waits for the thread already. */
export const isWaitedFor = (): boolean => wanted.length > 0 || (underWay !== undefined && !underWay.later);

/** Somebody waits now for what was to be made later. */
export function hurry(job: PlanJob): void {
  const at = ahead.findIndex((w) => w.job === job);
  if (at >= 0) wanted.push({ ...ahead.splice(at, 1)[0]!, later: false });
}

/** Made by the thread. Where there is none it is done at once. */
async function made(job: PlanJob, later: boolean): Promise<PlanDone> {
  if (!thread && !hasThread()) return doJob(job);
  return new Promise((resolve, reject) => {
    (later ? ahead : wanted).push({ job, later, language: spokenNow(), resolve, reject });
    next();
  });
}

/** Gives the thread its next job, unless it has one. */
function next(): void {
  if (underWay) return;
  const waiting = wanted.shift() ?? ahead.shift();
  if (!waiting) return;
  thread ??= started(script());
  underWay = { ...waiting, id: (asked += 1) };
  thread.postMessage({ id: underWay.id, job: waiting.job, language: waiting.language });
}

/** Ends the thread, at the end of the process. */
export async function closePlanner(): Promise<void> {
  closed = true;
  await thread?.terminate();
}

function started(script: string): Worker {
  const worker = new Worker(script);
  worker.on('message', (answer: Answer) => {
    const job = underWay;
    if (!job || answer.id !== job.id) return;
    underWay = undefined;
    if ('done' in answer) job.resolve(answer.done);
    else job.reject(new Error(answer.failed));
    next();
  });
  const gone = (error?: unknown) => {
    if (thread !== worker) return;
    thread = undefined;
    const lost = underWay;
    underWay = undefined;
    lost?.reject(error instanceof Error ? error : new Error('the planning thread ended'));
    // What it had not begun is for another thread, unless this was the end of all.
    if (!closed) next();
    else for (const { reject } of [...wanted.splice(0), ...ahead.splice(0)]) reject(new Error('the planning thread ended'));
  };
  worker.on('error', gone);
  worker.on('exit', () => gone());
  return worker;
}
