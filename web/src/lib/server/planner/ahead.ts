/**
 * Works out what pages will ask, after a programme was saved and nobody has saved it again for a while. One question at a time, the houses in turn, so that
 * a large one holds up no other.
 */
import { usualQuestions } from '$lib/plan/year-questions';
import type { YearQuestion } from '$lib/plan/year-work';
import { readingOf } from '$lib/ask/reading';
import type { ProgrammeFile } from '@aggrega/core/programme';
import { spokenTag } from '@aggrega/core/words';
import { todayIn } from '../clock';
import { asNobody, asOrganisation } from '../db/pool';
import { findProgramme } from '../db/programmes';
import { spokenIn } from '../web/languages';
import { log, said } from '../web/log';
import { hasThreads } from './ask';
import { workOutAhead } from './worked-out';

/** Milliseconds after the last save of a programme before it is worked out: who is still at it would save again. */
const QUIET = 4000;

interface Waiting {
  /** When its turn may come, on performance.now(). */
  from: number;
  language: string;
  /** What is left of it, once it has been read. */
  left?: { document: ProgrammeFile; questions: YearQuestion[] };
}

/** Each house's saved programmes, by address; houses in the order of their turns. */
export class Ahead {
  #houses = new Map<string, Map<string, Waiting>>();
  #working = false;
  #timer: NodeJS.Timeout | undefined;
  #quiet: number;
  #wake: () => void;

  /** `wake`: what sees to it that turns are taken; by itself, unless somebody else takes them. */
  constructor(quiet = QUIET, wake?: () => void) {
    this.#quiet = quiet;
    this.#wake = wake ?? (() => this.#takeTurns());
  }

  /** A programme has been saved: what was left of the one before it is of no use. */
  saved(organisation: string, slug: string): void {
    const programmes = this.#houses.get(organisation) ?? new Map<string, Waiting>();
    this.#houses.set(organisation, programmes);
    programmes.delete(slug);
    programmes.set(slug, { from: performance.now() + this.#quiet, language: spokenTag() });
    this.#wake();
  }

  /** Forgets all that waits, at the end of the process: pages work out for themselves what is left. */
  stop(): void {
    this.#houses.clear();
    clearTimeout(this.#timer);
    this.#timer = undefined;
  }

  /** Takes the next house's next question; resolves to how long nothing is to do, undefined where nothing waits. */
  async turn(): Promise<number | undefined> {
    const at = performance.now();
    let soonest = Infinity;
    for (const [organisation, programmes] of this.#houses) {
      const found = [...programmes].find(([, { from }]) => from <= at);
      if (!found) {
        soonest = Math.min(soonest, ...[...programmes.values()].map((p) => p.from));
        continue;
      }
      const [slug, waiting] = found;
      // Behind all others, before the work: what is saved meanwhile keeps its place.
      this.#houses.delete(organisation);
      this.#houses.set(organisation, programmes);
      if (!(await this.#workedOn(organisation, slug, waiting)) && programmes.get(slug) === waiting) programmes.delete(slug);
      if (programmes.size === 0) this.#houses.delete(organisation);
      return this.#houses.size > 0 ? 0 : undefined;
    }
    return soonest === Infinity ? undefined : Math.max(0, soonest - at);
  }

  /** One question of it; false where none is left. */
  async #workedOn(organisation: string, slug: string, waiting: Waiting): Promise<boolean> {
    try {
      return await spokenIn(waiting.language, async () => {
        const left = (waiting.left ??= await questionsOf(organisation, slug));
        while (left.questions.length > 0) {
          const question = left.questions.shift()!;
          if (await workOutAhead({ organisation, document: left.document, question })) break;
        }
        return left.questions.length > 0;
      });
    } catch (error) {
      // The pages work for themselves.
      log('warn', 'a programme could not be worked out ahead', said(error));
      return false;
    }
  }

  #takeTurns(): void {
    if (this.#working || this.#timer) return;
    this.#working = true;
    void asNobody(() => this.turn())
      .catch((error: unknown) => log('warn', 'working ahead', said(error)))
      .then((wait) => {
        this.#working = false;
        // Something may have been saved just as the turn ended.
        const next = wait ?? (this.#houses.size > 0 ? 0 : undefined);
        if (typeof next !== 'number') return;
        this.#timer = setTimeout(() => {
          this.#timer = undefined;
          this.#takeTurns();
        }, next);
        this.#timer.unref();
      });
  }
}

async function questionsOf(organisation: string, slug: string) {
  const stored = await asOrganisation(organisation, (db) => findProgramme(db, slug));
  const reading = stored && !stored.removed && readingOf(stored.document);
  if (!stored || !reading || !reading.ok) return { document: {} as ProgrammeFile, questions: [] };
  const today = todayIn(reading.programme.calendar.timeZone);
  return { document: stored.document, questions: usualQuestions(reading.programme, today) };
}

const ahead = new Ahead();

export const stopWorkingAhead = (): void => ahead.stop();

/** Works the programme out when it is left alone. Where the application was not built there is nothing to work with. */
export function workAheadOf(organisation: string, slug: string): void {
  if (hasThreads()) ahead.saved(organisation, slug);
}
