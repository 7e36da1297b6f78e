/** The way from a new programme to the first kits on a table: what is done, what comes next, and what is missing for it. */
import { lettersOf, monthTitle, type Programme } from '../programme';
import { words } from './first-steps-words';

export type FirstStepId = 'fabrics' | 'block' | 'people' | 'quilt' | 'months' | 'proof' | 'kits' | 'release';

export interface FirstStep {
  id: FirstStepId;
  title: string;
  done: boolean;
  /** What is missing, or what to do, as a sentence. */
  say: string;
  /** The first sheet can go out without it. */
  canWait: boolean;
  /** Where it is done. */
  station: string;
  month?: string;
}

/** What a document does not say. */
export interface FirstFacts {
  /** Months that are proofed, scheduled or released. */
  proofed: ReadonlySet<string>;
  released: ReadonlySet<string>;
  /** Whether somebody said for how many people: head counts, or a roster. */
  counted: boolean;
  /** Whether any kit was cut. */
  cut: boolean;
}

/** All steps in their order; none where there is no month. */
export function firstSteps(programme: Programme, facts: FirstFacts): FirstStep[] {
  const [first] = programme.months;
  if (!first) return [];
  const name = monthTitle(first);
  const bare = programme.colourways.filter((c) => lettersOf(c).length < 2).map((c) => c.name);
  const empty = programme.months.filter((m) => m.blocks.length === 0).length;
  const step = (
    id: FirstStepId,
    done: boolean,
    [title, say]: readonly [string, string],
    place: { station: string; month?: string },
    canWait = false,
  ): FirstStep => ({ id, title, done, say, canWait, ...place });
  const month = first.id;
  return [
    step('fabrics', bare.length === 0, [words.fabrics, words.fabricsSay(bare.join(', '), bare.length)], { station: 'fabrics' }),
    step('block', first.blocks.length > 0, [words.block(name), words.blockSay(name)], { station: 'draft', month }),
    step('people', facts.counted, [words.people, words.peopleSay], { station: 'roster' }),
    step('quilt', programme.setting !== undefined, [words.quilt, words.quiltSay], { station: 'quilt' }, true),
    step('months', empty === 0, [words.months, words.monthsSay(empty)], { station: 'year' }, true),
    step('proof', facts.proofed.has(month), [words.proof(name), words.proofSay], { station: 'release', month }),
    step('kits', facts.cut, [words.kits, words.kitsSay], { station: 'cut', month }, true),
    step('release', facts.released.has(month), [words.release(name), words.releaseSay], { station: 'release', month }),
  ];
}

/** What to do next: what cannot wait comes first. Nothing when all is done. */
export const nextStep = (steps: readonly FirstStep[]): FirstStep | undefined =>
  steps.find((s) => !s.done && !s.canWait) ?? steps.find((s) => !s.done);
