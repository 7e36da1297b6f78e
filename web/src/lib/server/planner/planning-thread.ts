/** A thread that plans: started at its first job, and again after it has ended. */
import { Worker } from 'node:worker_threads';
import { spokenNow } from '@aggrega/core/words';
import type { PlanDone, PlanJob } from './jobs';

type Answer = { id: number } & ({ done: PlanDone } | { failed: string });

export class PlanningThread {
  #script: () => string;
  #yields: boolean;
  #worker: Worker | undefined;
  #asked = 0;
  #closed = false;
  #waiting = new Map<number, { resolve: (done: PlanDone) => void; reject: (error: Error) => void }>();

  /** `yields`: works only while the processor has nothing else to do. */
  constructor(script: () => string, yields: boolean) {
    this.#script = script;
    this.#yields = yields;
  }

  /** How many jobs are not done yet. */
  get waiting(): number {
    return this.#waiting.size;
  }

  /** What comes of a job, in the language that is spoken now. Fails where the thread fails at it, or ends. */
  async done(job: PlanJob): Promise<PlanDone> {
    if (this.#closed) throw new Error('the planning thread has ended');
    this.#worker ??= this.#started();
    const worker = this.#worker;
    const id = (this.#asked += 1);
    return new Promise((resolve, reject) => {
      this.#waiting.set(id, { resolve, reject });
      worker.postMessage({ id, job, language: spokenNow() });
    });
  }

  /** Ends it for good, at the end of the process. */
  async close(): Promise<void> {
    this.#closed = true;
    await this.#worker?.terminate();
  }

  #started(): Worker {
    const worker = new Worker(this.#script(), { workerData: { yields: this.#yields } });
    worker.on('message', (answer: Answer) => {
      const asker = this.#waiting.get(answer.id);
      this.#waiting.delete(answer.id);
      if ('done' in answer) asker?.resolve(answer.done);
      else asker?.reject(new Error(answer.failed));
    });
    const gone = (error?: unknown) => {
      if (this.#worker === worker) this.#worker = undefined;
      const reason = error instanceof Error ? error : new Error('the planning thread ended');
      for (const { reject } of this.#waiting.values()) reject(reason);
      this.#waiting.clear();
    };
    worker.on('error', gone);
    worker.on('exit', () => gone());
    return worker;
  }
}
