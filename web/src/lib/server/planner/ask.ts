/**
 * Plans that take seconds are made in threads, one after another in each, so that everybody else is answered meanwhile: one for whoever waits, and one that
 * works ahead and yields the processor to all others.
 */
import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import type { ProgrammeFile } from '@aggrega/core/programme';
import { spokenTag } from '@aggrega/core/words';
import { LRUCache } from 'lru-cache';
import { asking, NOBODY, type Asking } from './asking';
import { doJob, type PlanDone, type PlanJob } from './jobs';
import { PlanningThread } from './planning-thread';

const script = () => join(dirname(process.argv[1] ?? '.'), 'planner.mjs');
const prompt = new PlanningThread(script, false);
const ahead = new PlanningThread(script, true);

/** Whether there are threads to plan in. Where the application was not built, as in tests of its functions, there are none. */
export const hasThreads = (): boolean => existsSync(script());
/** Whether there is a thread to plan in, and nobody waits for it. */
export const isFree = (): boolean => !prompt.busy && hasThreads();

let code: string | undefined;
/** Tells the code that plans from any other. */
export const plannerCode = (): string =>
  (code ??= existsSync(script()) ? createHash('sha256').update(readFileSync(script())).digest('hex') : 'unbuilt');

interface Plan {
  done: Promise<PlanDone>;
  /** Who waits for it; nobody any more when it is there. */
  askers: Asking[];
  there?: true;
}
/** Plans of documents that are kept, by what was asked of each; those under way too, so that two who ask at once wait for one plan. */
const kept = new WeakMap<ProgrammeFile, LRUCache<string, Plan>>();
const PLANS = 12;

/** What comes of a job; its document is one that nobody changes. See PlanningThread for what it answers instead. */
export async function planned(job: PlanJob): Promise<PlanDone> {
  const { document, ...rest } = job;
  const plans = kept.get(document) ?? new LRUCache<string, Plan>({ max: PLANS });
  kept.set(document, plans);
  const name = `${spokenTag()} ${JSON.stringify(rest)}`;
  const own = asking.getStore() ?? NOBODY;
  const known = plans.get(name);
  if (known) {
    if (!known.there) known.askers.push(own);
    return known.done;
  }
  const askers = [own];
  const plan: Plan = { done: made(job, askers), askers };
  plans.set(name, plan);
  plan.done.then(
    () => ((plan.there = true), (askers.length = 0)),
    () => plans.get(name) === plan && plans.delete(name),
  );
  return plan.done;
}

/** Made by the thread. Where the application was not built, as in tests of its functions, it is done at once. */
const made = async (job: PlanJob, askers: readonly Asking[]): Promise<PlanDone> =>
  hasThreads() ? prompt.done(job, askers) : doJob(job);

/** What comes of a job that nobody waits for: whenever the processor has nothing else to do. */
export const plannedAhead = async (job: PlanJob): Promise<PlanDone> => (hasThreads() ? ahead.done(job) : doJob(job));

/** Ends the threads, at the end of the process. */
export const closePlanner = async (): Promise<void> => void (await Promise.all([prompt.close(), ahead.close()]));
