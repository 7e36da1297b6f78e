/** Finds the final plans of a trial once the head count rests, and keeps what has come in: what the server has of them, or else what a worker makes. */
import { Helper } from '$lib/ask/worker';
import { proxy } from 'comlink';
import { SvelteMap } from 'svelte/reactivity';
import { isOf, serverAnswer, type Bench, type Ready } from './server-answer';
import type { MonthPlan } from './month-plan';
import type { Trial } from './planner.svelte';
import type { PlanOffers } from './plan.worker';
import type { Looked, RefineQuestion } from './refining';
import { monthQuestion, readingsQuestion } from './year-questions';
import type { YearAnswers } from './year-work';
import PlanWorker from './plan.worker?worker';

/** Milliseconds after the last turn. */
const REST = 150;

/** What a page was sent with. */
export interface ReadyMonth {
  month?: Ready<'month'>;
  readings?: Ready<'readings'>;
}

export class Refiner {
  /** Final plans of the newest trial by reading, as far as they are known. */
  readonly plans = new SvelteMap<Looked, MonthPlan>();
  /** What one more participant would add to the cost of the cloth. */
  next: number | undefined = $state();
  #helper: Helper<PlanOffers> | undefined;
  #known: Trial['document'] | undefined;
  #count = 0;
  #waiting: ReturnType<typeof setTimeout> | undefined;

  /** The final plans of this trial from now on. `usual`: whether it is the number enrolled, which others ask about too. */
  ask(bench: Bench, trial: Trial, usual: boolean, ready: ReadyMonth): void {
    clearTimeout(this.#waiting);
    this.#count += 1;
    this.plans.clear();
    this.next = undefined;
    const { month, readings } = usual ? sentWith(bench, trial, ready) : {};
    if (month) this.#take(month);
    if (readings) this.#takeReadings(readings);
    if (!month || !readings) this.#waiting = setTimeout(() => void this.#find(bench, trial, usual), REST);
  }

  #take({ plan, next }: YearAnswers['month']): void {
    this.plans.set('chosen', plan);
    this.next = next;
  }

  #takeReadings(readings: YearAnswers['readings']): void {
    for (const [reading, plan] of Object.entries(readings)) this.plans.set(reading as Looked, plan);
  }

  async #find(bench: Bench, trial: Trial, usual: boolean): Promise<void> {
    const id = this.#count;
    const { programme, month, colourway } = trial;
    if (usual) {
      const chosen =
        this.plans.has('chosen') || (await serverAnswer<'month'>(bench, monthQuestion(programme, month, colourway)));
      if (id !== this.#count) return;
      if (typeof chosen === 'object') this.#take(chosen.answer);
      const readings = chosen && (await serverAnswer<'readings'>(bench, readingsQuestion(programme, month, colourway)));
      if (id !== this.#count) return;
      if (readings) return this.#takeReadings(readings.answer);
    }
    await this.#work(trial);
  }

  async #work({ document, month, colourway, participants }: Trial): Promise<void> {
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
    this.#count += 1;
    this.#helper?.close();
    this.#helper = undefined;
  }
}

/** What a page was sent with, as far as it is about this trial. */
export function sentWith(
  bench: Bench,
  { programme, month, colourway }: Trial,
  ready: ReadyMonth,
): { month?: YearAnswers['month']; readings?: YearAnswers['readings'] } {
  const fits = <T extends Ready>(one: T | undefined, question: T['question']) =>
    one && isOf(one, bench, question) ? one : undefined;
  return {
    month: fits(ready.month, monthQuestion(programme, month, colourway))?.answer,
    readings: fits(ready.readings, readingsQuestion(programme, month, colourway))?.answer,
  };
}
