/** Asks for one page of the year: first for what somebody has worked out already. A newer question ends an older one, and what was shown stays until the new answer is there. */
import { words } from './words';
import { Helper } from '$lib/ask/worker';
import { proxy } from 'comlink';
import { isOf, serverAnswer, type Bench, type Ready } from './server-answer';
import type { PlanOffers } from './plan.worker';
import type { YearAnswers, YearQuestion, YearReply } from './year-work';
import PlanWorker from './plan.worker?worker';

/** Milliseconds without another question before one is asked. */
const REST = 120;

export class YearAsker<Kind extends YearQuestion['kind']> {
  answer: YearAnswers[Kind] | undefined = $state.raw();
  problems: { path: string; message: string }[] = $state.raw([]);
  /** Share that is done while something is worked out. */
  progress: number | undefined = $state();
  #ready: Ready<Kind> | undefined;
  #helper: Helper<PlanOffers> | undefined;
  #rest: ReturnType<typeof setTimeout> | undefined;
  /** Which question is the newest, and whether the helper works at it. */
  #newest = 0;
  #busy = false;

  constructor(ready?: Ready<Kind>) {
    this.#ready = ready;
    this.answer = ready?.answer;
  }

  ask(bench: Bench, question: YearQuestion & { kind: Kind }): void {
    this.#end();
    if (this.#ready && isOf(this.#ready, bench, question)) {
      this.answer = this.#ready.answer;
      this.problems = [];
      return;
    }
    this.progress = 0;
    const id = this.#newest;
    // Who goes through fabrics or numbers key by key is not kept waiting by workers that start and end.
    this.#rest = setTimeout(() => void this.#find(id, bench, question), REST);
  }

  async #find(id: number, bench: Bench, question: YearQuestion & { kind: Kind }): Promise<void> {
    const kept = await serverAnswer<Kind>(bench, question);
    if (id !== this.#newest) return;
    const reply = kept ?? (await this.#work(id, bench, question));
    if (id !== this.#newest) return;
    if ('answer' in reply) this.answer = reply.answer as YearAnswers[Kind];
    this.problems = 'problems' in reply ? reply.problems : [];
    this.progress = undefined;
  }

  /** Worked out here, by a helper that remembers what did not change since it was asked last. */
  async #work(id: number, { saver }: Bench, question: YearQuestion): Promise<YearReply> {
    const failed = { problems: [{ path: '', message: words.thisCouldNotBeWorked }] };
    let broken = () => {};
    const gone = new Promise<YearReply>((resolve) => (broken = () => resolve(failed)));
    this.#helper ??= new Helper<PlanOffers>(PlanWorker, () => {
      this.#helper = undefined;
      broken();
    });
    this.#busy = true;
    const progress = proxy((share: number) => {
      if (id === this.#newest) this.progress = share;
    });
    const reply = await Promise.race([this.#helper.asked.work(saver.document, question, progress).catch(() => failed), gone]);
    if (id === this.#newest) this.#busy = false;
    return reply;
  }

  /** Ends what is being asked; a helper in the middle of an old question is of no more use. */
  #end(): void {
    clearTimeout(this.#rest);
    this.#newest += 1;
    if (this.#busy) {
      this.#helper?.close();
      this.#helper = undefined;
    }
    this.#busy = false;
    this.progress = undefined;
  }

  close(): void {
    this.#end();
    this.#helper?.close();
    this.#helper = undefined;
  }
}
