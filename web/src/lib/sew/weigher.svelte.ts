/** Asks the worker for a block's choices; only the newest question's answer counts. */
import type { Colourway, MonthBlock, Programme, ProgrammeFile } from '@aggrega/core/programme';
import { blockChoices, type BlockChoices } from './choices';
import ChoicesWorker from './choices.worker?worker';
import type { ChoicesAnswer, ChoicesQuestion } from './choices.worker';

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
  #worker: Worker | undefined;
  #asked: Weighed | undefined;
  #count = 0;

  ask(question: Weighed): void {
    this.#asked = question;
    const id = (this.#count += 1);
    this.#worker ??= this.#start();
    const { document, month, block, colourway } = question;
    const message: ChoicesQuestion = { id, document, month, block, colourway: colourway.id };
    this.#worker.postMessage(message);
  }

  #start(): Worker {
    const worker = new ChoicesWorker();
    worker.onmessage = ({ data }: MessageEvent<ChoicesAnswer>) => {
      if (data.id === this.#count) this.choices = data.choices;
    };
    // Without a worker the page weighs by itself.
    worker.onerror = () => {
      worker.terminate();
      const { programme, entry, colourway } = this.#asked!;
      this.choices = blockChoices(programme, entry, colourway);
    };
    return worker;
  }

  close(): void {
    this.#worker?.terminate();
    this.#worker = undefined;
  }
}
