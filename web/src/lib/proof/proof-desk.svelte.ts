/** A list on the desk: its text, what the organiser says of it, and what comes out. Only the newest question's answer counts. */
import type { Colourway, Month, Programme, ProgrammeFile } from '@aggrega/core/programme';
import type { ProofText } from '@aggrega/core/proof';
import { Helper } from '$lib/ask/worker';
import { untrack } from 'svelte';
import { proofOf, type ProofQuestion } from './proofing';
import ProofWorker from './proof.worker?worker';
import type { ProofOffers } from './proof.worker';

export interface Against {
  programme: Programme;
  document: ProgrammeFile;
  month: Month;
  colourway: Colourway;
}

/** After so long without a key the list is checked. */
const PAUSE = 350;

export class ProofDesk {
  text = $state('');
  /** The place of a block in the month; undefined for all. */
  block: number | undefined = $state();
  /** As she says; undefined for what the list says, or what fits. */
  blocks: number | undefined = $state();
  roles: Record<string, string | null> = $state({});
  proof: ProofText | undefined = $state.raw();
  checking = $state(false);
  #helper: Helper<ProofOffers> | undefined;
  #newest = 0;
  #waiting: ReturnType<typeof setTimeout> | undefined;

  /** Another list: what was said of the one before is forgotten. */
  put(text: string): void {
    Object.assign(this, { text, blocks: undefined, roles: {} });
  }

  /** Asks once no key has been pressed for a while. */
  ask(against: Against): void {
    const { text, block, blocks } = this;
    const question: ProofQuestion = { text, block, blocks, roles: { ...this.roles } };
    clearTimeout(this.#waiting);
    const number = (this.#newest += 1);
    if (text.trim() === '') {
      [this.proof, this.checking] = [undefined, false];
      return;
    }
    this.checking = true;
    // What came out before is no reason to ask again.
    const pause = untrack(() => (this.proof ? PAUSE : 0));
    this.#waiting = setTimeout(() => void this.#check(number, against, question), pause);
  }

  async #check(number: number, against: Against, question: ProofQuestion): Promise<void> {
    const { document, month, colourway } = against;
    const alone = () => {
      this.#helper = undefined;
      if (number === this.#newest) this.#answer(proofOf(against, question));
    };
    this.#helper ??= new Helper<ProofOffers>(ProofWorker, alone);
    const proof = await this.#helper.asked.proof({ ...question, document, month: month.id, colourway: colourway.id });
    if (number === this.#newest) this.#answer(proof);
  }

  #answer(proof: ProofText | undefined): void {
    [this.proof, this.checking] = [proof, false];
  }

  close(): void {
    clearTimeout(this.#waiting);
    this.#newest += 1;
    this.#helper?.close();
    this.#helper = undefined;
  }
}
