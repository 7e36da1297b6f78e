/** Asks for one page of the year; a newer question ends an older one, and what was shown stays until the new answer is there. */
import { words } from './words';
import { spokenNow } from '@aggrega/core/words';
import type { ProgrammeFile } from '@aggrega/core/programme';
import type { YearAnswers, YearQuestion, YearReply } from './year.worker';
import YearWorker from './year.worker?worker';

/** Milliseconds without another question before one is asked. */
const REST = 120;

export class YearAsker<Kind extends YearQuestion['kind']> {
  answer: YearAnswers[Kind] | undefined = $state.raw();
  problems: { path: string; message: string }[] = $state.raw([]);
  /** Share that is done while something is worked out. */
  progress: number | undefined = $state();
  #worker: Worker | undefined;
  #rest: ReturnType<typeof setTimeout> | undefined;

  ask(document: ProgrammeFile, question: YearQuestion & { kind: Kind }): void {
    this.close();
    this.progress = 0;
    // Who goes through fabrics or numbers key by key is not kept waiting by workers that start and end.
    this.#rest = setTimeout(() => this.#send(document, question), REST);
  }

  #send(document: ProgrammeFile, question: YearQuestion & { kind: Kind }): void {
    const worker = (this.#worker = new YearWorker());
    worker.onmessage = ({ data }: MessageEvent<YearReply>) => {
      if ('progress' in data) return void (this.progress = data.progress);
      if ('answer' in data) this.answer = data.answer as YearAnswers[Kind];
      this.problems = 'problems' in data ? data.problems : [];
      this.close();
    };
    worker.onerror = () => {
      this.problems = [{ path: '', message: words.thisCouldNotBeWorked }];
      this.close();
    };
    worker.postMessage({ document, question, language: spokenNow() });
  }

  close(): void {
    clearTimeout(this.#rest);
    this.#worker?.terminate();
    this.#worker = undefined;
    this.progress = undefined;
  }
}
