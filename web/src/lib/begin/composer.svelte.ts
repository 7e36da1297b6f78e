/** Asks for years, shows each as soon as it is there, and proves one after another. */
import { Helper } from '$lib/ask/worker';
import type { Proof } from '@aggrega/core/compose';
import ComposeWorker from './compose.worker?worker';
import type { ComposeOffers, ComposeQuestion, OfferedYear } from './compose.worker';
import { words } from './words';

export interface Offer extends OfferedYear {
  /** How far its proof is, from 0 to 1; undefined before it is begun. */
  progress?: number;
  proof?: Proof;
}

export class Composer {
  offers: Offer[] = $state.raw([]);
  /** Whether more years are sought, or proved. */
  working = $state(false);
  trouble = $state('');
  #helper: Helper<ComposeOffers> | undefined;
  /** Counts the questions: what an earlier one still answers is not shown. */
  #asked = 0;

  /** Seeks years; those of an earlier question give way with the first that is found. */
  async ask(question: ComposeQuestion): Promise<void> {
    this.stop();
    this.trouble = '';
    this.working = true;
    const number = this.#asked;
    this.#helper = new Helper<ComposeOffers>(ComposeWorker, () => this.#broke());
    try {
      await this.#seek(this.#helper, question, number);
    } catch {
      if (number === this.#asked) this.#broke();
    }
  }

  async #seek({ asked }: Helper<ComposeOffers>, question: ComposeQuestion, number: number): Promise<void> {
    const found: Offer[] = [];
    await asked.begin(question);
    for (;;) {
      const next = await asked.next();
      if (number !== this.#asked) return;
      if (!next) break;
      if ('trouble' in next) {
        this.trouble = next.trouble;
        break;
      }
      found.push(next);
      this.offers = [...found];
    }
    if (found.length === 0) this.offers = [];
    for (const place of found.keys()) {
      for (;;) {
        const step = await asked.prove(place);
        if (number !== this.#asked) return;
        const proved = typeof step === 'object';
        this.offers = this.offers.map((o, i) => (i !== place ? o : proved ? { ...o, proof: step } : { ...o, progress: step }));
        if (proved) break;
      }
    }
    this.stop();
  }

  /** Ends what is under way; what was found stays. */
  stop(): void {
    this.#asked += 1;
    this.#helper?.close();
    this.#helper = undefined;
    this.working = false;
  }

  #broke(): void {
    this.stop();
    this.trouble = words.composingStopped;
  }
}
