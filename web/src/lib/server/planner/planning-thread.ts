/** A thread that plans: started at its first job, and again after it has ended. One job at a time; the houses in turn. */
import { Worker } from 'node:worker_threads';
import { error } from '@sveltejs/kit';
import { spokenNow, type Language } from '@aggrega/core/words';
import { words } from '../web/words';
import { NOBODY, NobodyWaits, type Asking } from './asking';
import type { PlanDone, PlanJob } from './jobs';
import { Turns } from './turns';

type Answer = { id: number } & ({ done: PlanDone } | { failed: string });

interface Waiting {
  id: number;
  job: PlanJob;
  language: Language;
  askers: readonly Asking[];
  resolve: (done: PlanDone) => void;
  reject: (error: unknown) => void;
}

/** Plans of one house that may wait. */
const MOST = 40;
/** Megabytes that a plan may take; the thread ends at one that takes more, and nothing else does. */
const MEMORY = 512;

export class PlanningThread {
  #script: () => string;
  #yields: boolean;
  #patience: number;
  #worker: Worker | undefined;
  #asked = 0;
  #closed = false;
  #turns = new Turns<Waiting>();
  #inHand: Waiting | undefined;
  #late: NodeJS.Timeout | undefined;

  /** `yields`: works only while the processor has nothing else to do. `patience`: milliseconds that one plan may take while others wait. */
  constructor(script: () => string, yields: boolean, patience = 60_000) {
    this.#script = script;
    this.#yields = yields;
    this.#patience = patience;
  }

  /** Whether something is being done, or waits. */
  get busy(): boolean {
    return this.#inHand !== undefined || !this.#turns.empty;
  }

  /**
   * What comes of a job, in the language that is spoken now. `askers` may become more while it waits; it is left out when all of them have gone before its turn.
   * Fails where the thread fails at it, or ends; answers 429 where that house has too much waiting, and 503 where it took too long.
   */
  async done(job: PlanJob, askers: readonly Asking[] = [NOBODY]): Promise<PlanDone> {
    if (this.#closed) throw new Error('the planning thread has ended');
    const { house } = askers[0]!;
    if (house && this.#turns.of(house) >= MOST) error(429, words.tooManyPlans);
    const id = (this.#asked += 1);
    const done = new Promise<PlanDone>((resolve, reject) =>
      this.#turns.add(house, { id, job, language: spokenNow(), askers, resolve, reject }),
    );
    this.#next();
    return done;
  }

  /** Ends it for good, at the end of the process. */
  async close(): Promise<void> {
    this.#closed = true;
    await this.#worker?.terminate();
  }

  #next(): void {
    while (!this.#inHand) {
      const next = this.#turns.next();
      if (!next) break;
      if (next.askers.every((asker) => asker.gone())) {
        next.reject(new NobodyWaits('nobody waits for it any more'));
        continue;
      }
      this.#inHand = next;
      this.#worker ??= this.#started();
      const { id, job, language } = next;
      this.#worker.postMessage({ id, job, language });
    }
    this.#watch();
  }

  /** While others wait, one plan does not take for ever. */
  #watch(): void {
    if (this.#late || !this.#inHand || this.#turns.empty) return;
    const watched = this.#inHand;
    this.#late = setTimeout(() => {
      this.#late = undefined;
      if (this.#inHand !== watched || this.#turns.empty) return this.#watch();
      try {
        error(503, words.planTookTooLong);
      } catch (refusal) {
        this.#over(watched).reject(refusal);
      }
      const worker = this.#worker;
      this.#worker = undefined;
      void worker?.terminate();
      this.#next();
    }, this.#patience);
    this.#late.unref();
  }

  #over(job: Waiting): Waiting {
    if (this.#inHand === job) this.#inHand = undefined;
    return job;
  }

  #started(): Worker {
    const worker = new Worker(this.#script(), {
      workerData: { yields: this.#yields },
      resourceLimits: { maxOldGenerationSizeMb: MEMORY },
    });
    worker.on('message', (answer: Answer) => {
      const job = this.#inHand;
      if (job?.id !== answer.id) return;
      this.#over(job);
      if ('done' in answer) job.resolve(answer.done);
      else job.reject(new Error(answer.failed));
      this.#next();
    });
    const gone = (cause?: unknown) => {
      if (this.#worker !== worker) return;
      this.#worker = undefined;
      const reason = cause instanceof Error ? cause : new Error('the planning thread ended');
      if (this.#inHand) this.#over(this.#inHand).reject(reason);
      if (this.#closed) for (const { reject } of this.#turns.clear()) reject(reason);
      else this.#next();
    };
    worker.on('error', gone);
    worker.on('exit', () => gone());
    return worker;
  }
}
