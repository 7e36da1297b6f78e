/** Asks the worker for a block's choices; only the newest question's answer counts. */
import type { Colourway, MonthBlock, Programme, ProgrammeFile } from '@aggrega/core/programme';
import { blockChoices, type BlockChoices } from './choices';
import type { SizeBySeams } from '@aggrega/core/foresee';
import { foretell, type Foretold } from './foretelling';
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
  /** What the group has measured. */
  sizes: readonly SizeBySeams[];
}

export class Weigher {
  /** The newest answer; undefined while it is worked out. */
  choices: BlockChoices | undefined = $state.raw();
  /** How likely the block comes out; undefined while it is worked out, which is after the choices. */
  foretold: Foretold | undefined = $state.raw();
  #helper: Helper<ChoicesOffers> | undefined;
  #asked: Weighed | undefined;

  async ask(question: Weighed): Promise<void> {
    this.#asked = question;
    this.#helper ??= new Helper<ChoicesOffers>(ChoicesWorker, () => this.#alone());
    const { document, month, block, colourway, sizes } = question;
    const asked = { document, month, block, colourway: colourway.id };
    const choices = await this.#helper.asked.weigh(asked);
    if (this.#asked !== question) return;
    [this.choices, this.foretold] = [choices, undefined];
    const joinings = (choices?.joinings ?? []).map(({ name, usual }) => ({ name, usual }));
    const foretold = await this.#helper?.asked.foretold({ ...asked, joinings, sizes });
    if (this.#asked === question) this.foretold = foretold;
  }

  /** Without a worker the page weighs by itself. */
  #alone(): void {
    this.#helper = undefined;
    const { programme, entry, colourway, sizes } = this.#asked!;
    this.choices = blockChoices(programme, entry, colourway);
    this.foretold = foretell(programme, entry, colourway, this.choices.joinings, sizes);
  }

  close(): void {
    this.#helper?.close();
    this.#helper = undefined;
  }
}
