/** Asks for the final plans of a trial once the head count rests, and keeps what has come in. */
import { spokenNow } from '@aggrega/core/words';
import { SvelteMap } from 'svelte/reactivity';
import type { PlanAim } from '@aggrega/core/cutting';
import type { MonthPlan } from './month-plan';
import type { Trial } from './planner.svelte';
import type { NextAnswer, RefineAnswer, RefineQuestion } from './refine.worker';
import RefineWorker from './refine.worker?worker';

/** Milliseconds after the last turn. */
const REST = 150;

export class Refiner {
  /** Final plans of the newest trial by reading, as far as they are known. */
  readonly plans = new SvelteMap<PlanAim, MonthPlan>();
  /** What one more participant would add to the cost of the cloth. */
  next: number | undefined = $state();
  #worker: Worker | undefined;
  #known: Trial['document'] | undefined;
  #count = 0;
  #waiting: ReturnType<typeof setTimeout> | undefined;

  /** The final plans of this trial from now on; the reading that is looked at comes first. */
  ask(trial: Trial, reading: PlanAim): void {
    clearTimeout(this.#waiting);
    this.#count += 1;
    this.plans.clear();
    this.next = undefined;
    this.#waiting = setTimeout(() => this.#send(trial, reading), REST);
  }

  #send({ document, month, colourway, participants }: Trial, reading: PlanAim): void {
    this.#worker ??= this.#start();
    const question: RefineQuestion = {
      id: this.#count,
      month: month.id,
      colourway: colourway.id,
      participants,
      reading,
      language: spokenNow(),
    };
    if (document !== this.#known) question.document = this.#known = document;
    this.#worker.postMessage(question);
  }

  #start(): Worker {
    const worker = new RefineWorker();
    worker.onmessage = ({ data }: MessageEvent<RefineAnswer | NextAnswer>) => {
      if (data.id !== this.#count) return;
      if ('next' in data) this.next = data.next;
      else this.plans.set(data.reading, data.plan);
    };
    return worker;
  }

  close(): void {
    clearTimeout(this.#waiting);
    this.#worker?.terminate();
    this.#worker = undefined;
  }
}
