/** Asks the worker for a block's choices; only the newest question's answer counts. */
import type { Colourway, MonthBlock, Programme, ProgrammeFile } from '@aggrega/core/programme';
import { blockChoices, type BlockChoices } from './choices';
import ChoicesWorker from './choices.worker?worker';
import type { ChoicesOffers } from './choices.worker';
import { Helper } from '$lib/ask/worker';

export interface Weighed {
  programme: Programme;
  document: ProgrammeFile;
  month: string;
  block: number;
  entry: MonthBlock;
  colourway: Colourway;
}

export class Weigher {
  /** The newest answer; undefined while it is worked out. */
  choices: BlockChoices | undefined = $state.raw();
  #helper: Helper<ChoicesOffers> | undefined;
  #asked: Weighed | undefined;

  async ask(question: Weighed): Promise<void> {
    this.#asked = question;
    this.#helper ??= new Helper<ChoicesOffers>(ChoicesWorker, () => this.#alone());
    const { document, month, block, colourway } = question;
    const choices = await this.#helper.asked.weigh({ document, month, block, colourway: colourway.id });
    if (this.#asked === question) this.choices = choices;
  }

  /** Without a worker the page weighs by itself. */
  #alone(): void {
    this.#helper = undefined;
    const { programme, entry, colourway } = this.#asked!;
    this.choices = blockChoices(programme, entry, colourway);
  }

  close(): void {
    this.#helper?.close();
    this.#helper = undefined;
  }
}
