/** The one way to a worker of a page: what it offers is called as if it stood here. */
import { spokenNow, type Language } from '@aggrega/core/words';
import { wrap, type Remote } from 'comlink';

/** What every worker offers: it is told whom it speaks to before each question. */
export interface Offers {
  speak(language: Language): void;
}

export class Helper<Offered extends Offers> {
  #worker: Worker;
  #offered: Remote<Offered>;

  /** `broken`: the worker could not be loaded, or died; what it was asked is never answered. */
  constructor(Made: new () => Worker, broken: () => void) {
    this.#worker = new Made();
    this.#offered = wrap<Offered>(this.#worker);
    this.#worker.onerror = () => {
      this.close();
      broken();
    };
  }

  /** What it offers, spoken in the language of the page from now on. Questions are answered in the order in which they were asked. */
  get asked(): Remote<Offered> {
    void (this.#offered as Remote<Offers>).speak(spokenNow());
    return this.#offered;
  }

  /** Ends it, whatever it is working at. */
  close(): void {
    this.#worker.terminate();
  }
}
