/** Asks the worker for plans; of questions that pile up while it works only the newest is asked. */
import { spokenNow } from '@aggrega/core/words';
import type { Colourway, Month, Programme, ProgrammeFile } from '@aggrega/core/programme';
import { FIRST, planMonth, type MonthPlan } from './month-plan';
import type { PlanAnswer, PlanQuestion } from './plan.worker';
import PlanWorker from './plan.worker?worker';

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
  #worker: Worker | undefined;
  #known: ProgrammeFile | undefined;
  #asked: { id: number; trial: Trial } | undefined;
  #waiting: Trial | undefined;
  #count = 0;
  /** Whether the worker has loaded and answers. */
  #ready = false;

  /** Has the worker load and read the programme, so that it is ready when the dial is turned. */
  warm(trial: Trial): void {
    this.#waiting = trial;
    this.#send();
  }

  /** Plans this trial as soon as the worker is free, unless a newer one comes first; at once, here, while it still loads. */
  ask(trial: Trial): void {
    if (!this.#ready) {
      this.answer = { trial, plan: planMonth(trial.programme, trial.month, trial.colourway, trial.participants, FIRST) };
      return;
    }
    this.#waiting = trial;
    if (!this.#asked) this.#send();
  }

  #send(): void {
    const trial = this.#waiting;
    this.#waiting = undefined;
    if (!trial) return;
    this.#worker ??= this.#start();
    const id = (this.#count += 1);
    this.#asked = { id, trial };
    const { month, colourway, participants, document } = trial;
    const question: PlanQuestion = { id, month: month.id, colourway: colourway.id, participants, language: spokenNow() };
    if (document !== this.#known) question.document = this.#known = document;
    this.#worker.postMessage(question);
  }

  #start(): Worker {
    const worker = new PlanWorker();
    worker.onmessage = ({ data }: MessageEvent<PlanAnswer>) => {
      if (data.id !== this.#asked?.id) return;
      // The first answer only says that the worker is awake; the page has planned for itself until now.
      if (this.#ready) this.answer = { trial: this.#asked.trial, plan: data.plan };
      this.#ready = true;
      this.#asked = undefined;
      this.#send();
    };
    // Without a worker the page plans by itself: slower, but never an old number under a new head count.
    worker.onerror = () => {
      worker.terminate();
      this.#ready = false;
      const trial = this.#waiting ?? this.#asked?.trial;
      this.#asked = this.#waiting = undefined;
      if (trial) this.ask(trial);
    };
    return worker;
  }

  close(): void {
    this.#worker?.terminate();
    this.#worker = undefined;
  }
}
