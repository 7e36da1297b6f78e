/** Asks the worker for plans; of questions that pile up while it works only the newest is asked. */
import type { Colourway, Month, Programme, ProgrammeFile } from '@aggrega/core/programme';
import { FIRST, planMonth, type MonthPlan } from './month-plan';
import type { PlanOffers } from './plan.worker';
import type { PlanQuestion } from './planning';
import PlanWorker from './plan.worker?worker';
import { Helper } from '$lib/ask/worker';

export interface Trial {
  programme: Programme;
  month: Month;
  colourway: Colourway;
  participants: number;
  /** What `programme` was read from, for the worker to read. */
  document: ProgrammeFile;
}

export class Planner {
  /** The newest answer, with the question it belongs to. */
  answer: { trial: Trial; plan: MonthPlan } | undefined = $state.raw();
  #helper: Helper<PlanOffers> | undefined;
  #known: ProgrammeFile | undefined;
  #asked: Trial | undefined;
  #waiting: Trial | undefined;
  /** Whether the worker has loaded and answers. */
  #ready = false;

  /** Has the worker load and read the programme, so that it is ready when the dial is turned. */
  warm(trial: Trial): void {
    this.#waiting = trial;
    void this.#send();
  }

  /** Plans this trial as soon as the worker is free, unless a newer one comes first; at once, here, while it still loads. */
  ask(trial: Trial): void {
    if (!this.#ready) {
      this.answer = { trial, plan: planMonth(trial.programme, trial.month, trial.colourway, trial.participants, FIRST) };
      return;
    }
    this.#waiting = trial;
    if (!this.#asked) void this.#send();
  }

  async #send(): Promise<void> {
    const trial = this.#waiting;
    this.#waiting = undefined;
    if (!trial) return;
    this.#asked = trial;
    const { month, colourway, participants, document } = trial;
    const question: PlanQuestion = { month: month.id, colourway: colourway.id, participants };
    if (document !== this.#known) question.document = this.#known = document;
    this.#helper ??= new Helper<PlanOffers>(PlanWorker, () => this.#alone());
    const plan = await this.#helper.asked.plan(question);
    if (this.#asked !== trial) return;
    // The first answer only says that the worker is awake; the page has planned for itself until now.
    if (this.#ready) this.answer = { trial, plan };
    this.#ready = true;
    this.#asked = undefined;
    void this.#send();
  }

  /** Without a worker the page plans by itself: slower, but never an old number under a new head count. */
  #alone(): void {
    this.#ready = false;
    const trial = this.#waiting ?? this.#asked;
    this.#asked = this.#waiting = undefined;
    if (trial) this.ask(trial);
  }

  close(): void {
    this.#helper?.close();
    this.#helper = undefined;
  }
}
