/** Plans that take seconds are made in a thread, one after another, so that everybody else is answered meanwhile. */
import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { doJob, type PlanDone, type PlanJob } from './jobs';

type Answer = { id: number } & ({ done: PlanDone } | { failed: string });

const waiting = new Map<number, { resolve: (done: PlanDone) => void; reject: (error: Error) => void }>();
let thread: Worker | undefined;
let asked = 0;

/** What comes of a job. Where the application was not built, as in tests of its functions, it is done at once. */
export async function planned(job: PlanJob): Promise<PlanDone> {
  const script = join(dirname(process.argv[1] ?? '.'), 'planner.mjs');
  if (!thread && !existsSync(script)) return doJob(job);
  thread ??= started(script);
  const id = (asked += 1);
  return new Promise((resolve, reject) => {
    waiting.set(id, { resolve, reject });
    thread!.postMessage({ id, job });
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
