/** Asks the worker for a forecast. A newer question ends an older one; what was shown stays until the new answer is there. */
import { Helper } from '$lib/ask/worker';
import { proxy, type Remote } from 'comlink';
import type { Forecast } from './forecasts';
import type { ForeseeOffers } from './foresee.worker';
import ForeseeWorker from './foresee.worker?worker';
import { words } from './words';

/** Milliseconds without another question before one is asked. */
const REST = 120;

export class Foreteller<T extends object> {
  found: (T & { group?: { persons: number; measures: number } }) | undefined = $state.raw();
  /** Why there is no forecast. */
  problem = $state('');
  /** Share that is done while it is worked out. */
  progress: number | undefined = $state();
  #helper: Helper<ForeseeOffers> | undefined;
  #rest: ReturnType<typeof setTimeout> | undefined;
  #newest = 0;

  ask(question: (asked: Remote<ForeseeOffers>, report: (share: number) => void) => Promise<Forecast<T>>): void {
    this.close();
    const id = this.#newest;
    this.progress = 0;
    this.#rest = setTimeout(() => void this.#work(id, question), REST);
  }

  async #work(id: number, question: Parameters<this['ask']>[0]): Promise<void> {
    const report = proxy((share: number) => {
      if (id === this.#newest) this.progress = share;
    });
    const failed = { problem: words.theForecastFailed };
    let broken = () => {};
    const gone = new Promise<typeof failed>((resolve) => (broken = () => resolve(failed)));
    this.#helper = new Helper<ForeseeOffers>(ForeseeWorker, broken);
    const answer = await Promise.race([question(this.#helper.asked, report).catch(() => failed), gone]);
    if (id !== this.#newest) return;
    this.close();
    const missing = 'problem' in answer;
    [this.found, this.problem] = [missing ? undefined : answer, missing ? answer.problem : ''];
  }

  /** Ends what is being asked: a worker in the middle of an old question is of no more use. */
  close(): void {
    clearTimeout(this.#rest);
    this.#newest += 1;
    this.progress = undefined;
    this.#helper?.close();
    this.#helper = undefined;
  }
}
