/** Asks for the final plans of a trial once the head count rests, and keeps what has come in. */
import { Helper } from '$lib/ask/worker';
import { proxy } from 'comlink';
import { SvelteMap } from 'svelte/reactivity';
import type { MonthPlan } from './month-plan';
import type { Trial } from './planner.svelte';
import type { PlanOffers } from './plan.worker';
import type { Looked, RefineQuestion } from './refining';
import PlanWorker from './plan.worker?worker';

/** Milliseconds after the last turn. */
const REST = 150;

export class Refiner {
  /** Final plans of the newest trial by reading, as far as they are known. */
  readonly plans = new SvelteMap<Looked, MonthPlan>();
  /** What one more participant would add to the cost of the cloth. */
  next: number | undefined = $state();
  #helper: Helper<PlanOffers> | undefined;
  #known: Trial['document'] | undefined;
  #count = 0;
  #waiting: ReturnType<typeof setTimeout> | undefined;

  /** The final plans of this trial from now on. */
  ask(trial: Trial): void {
    clearTimeout(this.#waiting);
    this.#count += 1;
    this.plans.clear();
    this.next = undefined;
    this.#waiting = setTimeout(() => void this.#send(trial), REST);
  }

  async #send({ document, month, colourway, participants }: Trial): Promise<void> {
    this.#helper ??= new Helper<PlanOffers>(PlanWorker, () => (this.#helper = this.#known = undefined));
    const question: RefineQuestion = { month: month.id, colourway: colourway.id, participants };
    if (document !== this.#known) question.document = this.#known = document;
    const id = this.#count;
    const found = proxy((of: Looked, plan: MonthPlan) => {
      if (id === this.#count) this.plans.set(of, plan);
    });
    const next = await this.#helper.asked.refine(question, found);
    if (id === this.#count) this.next = next;
  }

  close(): void {
    clearTimeout(this.#waiting);
    this.#helper?.close();
    this.#helper = undefined;
  }
}
