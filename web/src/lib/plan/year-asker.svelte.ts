/** Asks for one page of the year; a newer question ends an older one, and what was shown stays until the new answer is there. */
import { words } from './words';
import { Helper } from '$lib/ask/worker';
import { proxy } from 'comlink';
import type { ProgrammeFile } from '@aggrega/core/programme';
import type { PlanOffers } from './plan.worker';
import type { YearAnswers, YearQuestion } from './year-work';
import PlanWorker from './plan.worker?worker';

/** Milliseconds without another question before one is asked. */
const REST = 120;

export class YearAsker<Kind extends YearQuestion['kind']> {
  answer: YearAnswers[Kind] | undefined = $state.raw();
  problems: { path: string; message: string }[] = $state.raw([]);
  /** Share that is done while something is worked out. */
  progress: number | undefined = $state();
  #helper: Helper<PlanOffers> | undefined;
  #rest: ReturnType<typeof setTimeout> | undefined;

  ask(document: ProgrammeFile, question: YearQuestion & { kind: Kind }): void {
    this.close();
    this.progress = 0;
    // Who goes through fabrics or numbers key by key is not kept waiting by workers that start and end.
    this.#rest = setTimeout(() => void this.#send(document, question), REST);
  }

  async #send(document: ProgrammeFile, question: YearQuestion & { kind: Kind }): Promise<void> {
    const helper = new Helper<PlanOffers>(PlanWorker, () => {
      this.problems = [{ path: '', message: words.thisCouldNotBeWorked }];
      this.close();
    });
    this.#helper = helper;
    const progress = proxy((share: number) => {
      if (this.#helper === helper) this.progress = share;
    });
    const reply = await helper.asked.work(document, question, progress).catch(() => ({
      problems: [{ path: '', message: words.thisCouldNotBeWorked }],
    }));
    if (this.#helper !== helper) return;
    if ('answer' in reply) this.answer = reply.answer as YearAnswers[Kind];
    this.problems = 'problems' in reply ? reply.problems : [];
    this.close();
  }

  close(): void {
    clearTimeout(this.#rest);
    this.#helper?.close();
    this.#helper = undefined;
    this.progress = undefined;
  }
}
