/** Which blocks come in which month: each technique has a month of its own, and is practised later; the year grows from the first skill to the last. */
import { skillOfTechnique, techniques, type Skill, type Technique } from '../construction';
import type { Candidate } from './candidates';
import { lettersFor, type Lettering } from './letters';

export interface Pick {
  candidate: Candidate;
  /** The programme's letters by the block's own. */
  letters: ReadonlyMap<string, string>;
  make: number;
}

/** A month before it has its blocks: how many are made, or those that stay. */
export type Slot = { make: number } | { kept: readonly Pick[] };

export interface MonthPlan {
  picks: readonly Pick[];
  introduces?: Technique;
  practises: readonly Technique[];
  minutes: number;
  skill: Skill;
}

export interface MonthsQuestion {
  slots: readonly Slot[];
  pool: readonly Candidate[];
  /** What is to be taught; anything else is known before. */
  teach: readonly Technique[];
  skill: { from: Skill; to: Skill };
  /** For one month's blocks. */
  minutes: number;
  lettering: Lettering;
  /** How often each drawing was used in other years of the same asking. */
  elsewhere: ReadonlyMap<string, number>;
  random: () => number;
}

/** Of one drawing in a month at most; more are different ones. */
const MOST_ALIKE = 2;
/** Attempts before it is said that there is no such year. */
const ATTEMPTS = 50;
/** Years that keep everything, among which the best is taken. */
const ENOUGH = 6;

/** The best of some years that keep all promises; undefined when none was found. */
export function planMonths(question: MonthsQuestion): MonthPlan[] | undefined {
  let best: { months: MonthPlan[]; score: number } | undefined;
  let found = 0;
  for (let attempt = 0; attempt < ATTEMPTS && found < ENOUGH; attempt += 1) {
    const year = new Year(question);
    if (!year.fill()) continue;
    found += 1;
    if (!best || year.score > best.score) best = { months: year.months, score: year.score };
  }
  return best?.months;
}

/** One attempt at a year, month by month. */
class Year {
  readonly months: MonthPlan[] = [];
  score = 0;
  readonly #known = new Set<Technique>();
  /** Introduced, and not practised yet. */
  readonly #owed = new Set<Technique>();
  readonly #used = new Set<string>();
  readonly #looks = new Set<Candidate>();
  /** How much of all blocks each letter covers so far. */
  readonly #covers = new Map<string, number>();
  readonly #begins: readonly (Technique | undefined)[];

  constructor(readonly question: MonthsQuestion) {
    this.#begins = this.#lessonsByMonth();
    for (const slot of question.slots)
      if ('kept' in slot)
        for (const { candidate } of slot.kept) {
          this.#used.add(candidate.from);
          this.#looks.add(candidate);
        }
  }

  /** Whether every month found its blocks and every lesson is practised. */
  fill(): boolean {
    const { slots, teach } = this.question;
    for (const [i, slot] of slots.entries()) {
      const picks = 'kept' in slot ? slot.kept : this.#choose(i, slot.make);
      if (!picks) return false;
      const taught = techniques.map((t) => t.id).filter((id) => picks.some((p) => p.candidate.techniques.includes(id)));
      const fresh = taught.filter((t) => teach.includes(t) && !this.#known.has(t));
      if (fresh.length > 1) return false;
      for (const technique of taught) this.#owed.delete(technique);
      const [introduces] = fresh;
      if (introduces) {
        this.#known.add(introduces);
        this.#owed.add(introduces);
      }
      this.months.push({
        picks,
        ...(introduces && { introduces }),
        practises: taught.filter((t) => t !== introduces && teach.includes(t)),
        minutes: minutesOf(picks),
        skill: Math.max(...picks.map((p) => p.candidate.skill)) as Skill,
      });
      for (const { candidate, letters, make } of picks)
        for (const { role, share } of candidate.shares) {
          const letter = letters.get(role)!;
          this.#covers.set(letter, (this.#covers.get(letter) ?? 0) + (share * make) / slots.length);
        }
    }
    return this.#owed.size === 0 && teach.every((t) => this.#known.has(t));
  }

  /** The blocks of a month, by turns the best of a few; undefined where nothing fits. */
  #choose(i: number, make: number): Pick[] | undefined {
    const kinds = Math.ceil(make / MOST_ALIKE);
    const makes = Array.from({ length: kinds }, (_, n) => Math.floor((make + n) / kinds));
    const picks: Pick[] = [];
    for (const [part, each] of makes.entries()) {
      const left = this.question.minutes - minutesOf(picks);
      const fresh = picks.flatMap((p) => p.candidate.techniques).filter((t) => this.#isNew(t));
      const found = this.#best(i, { make: each, minutes: left / (makes.length - part), introduced: fresh });
      if (!found) return undefined;
      picks.push(found);
      this.#used.add(found.candidate.from);
      this.#looks.add(found.candidate);
    }
    return picks;
  }

  #isNew = (technique: Technique) => this.question.teach.includes(technique) && !this.#known.has(technique);

  #best(
    i: number,
    { make, minutes, introduced }: { make: number; minutes: number; introduced: readonly Technique[] },
  ): Pick | undefined {
    const { pool, random, lettering } = this.question;
    let best: { pick: Candidate; score: number } | undefined;
    for (const candidate of pool) {
      if (candidate.minutes * make > minutes || this.#looks.has(candidate)) continue;
      const score = this.#worth(i, candidate, introduced);
      if (score === undefined) continue;
      const noisy = score + random() * 2.5 - Math.abs((candidate.minutes * make) / minutes - 0.6);
      if (!best || noisy > best.score) best = { pick: candidate, score: noisy };
    }
    if (!best) return undefined;
    const letters = lettersFor(best.pick, lettering, { used: this.#covers, random });
    if (!letters) return undefined;
    this.score += best.score;
    return { candidate: best.pick, letters, make };
  }

  /** How well a block suits a month; undefined where it does not at all. */
  #worth(i: number, candidate: Candidate, introduced: readonly Technique[]): number | undefined {
    const { slots, skill, elsewhere, lettering } = this.question;
    const fresh = candidate.techniques.filter((t) => this.#isNew(t));
    if (new Set([...fresh, ...introduced]).size > 1) return undefined;
    // A later month's lesson waits for it.
    if (fresh[0] && this.#begins.indexOf(fresh[0]) > i) return undefined;
    const begins = this.#begins[i];
    if (begins && this.#isNew(begins) && introduced.length === 0 && fresh.length === 0) return undefined;
    const aim = skill.from + ((skill.to - skill.from) * (i + 1)) / slots.length;
    // No harder than the year has come to: by its months, or by its lessons.
    const lessons = this.#begins.slice(0, i + 1).flatMap((t) => (t ? skillOfTechnique(t) : []));
    if (candidate.skill > Math.max(Math.ceil(aim), skill.from, ...lessons)) return undefined;
    const again = this.#used.has(candidate.from);
    const owed = candidate.techniques.filter((t) => this.#owed.has(t)).length;
    const roles = candidate.shares.length;
    return (
      // What waits to be practised presses more as the months run out.
      (3 + 6 / (slots.length - i)) * owed +
      (fresh.length > 0 ? 2 : 0) -
      Math.abs(candidate.skill - aim) -
      (again ? 4 : 0) -
      (elsewhere.get(candidate.from) ?? 0) * 0.8 +
      (candidate.even ? 0.8 : 0) +
      (candidate.varied ? 0 : 0.3) +
      (roles > 2 && lettering.letters.length > 2 ? 0.5 : 0)
    );
  }

  /** The month of each lesson: easiest first, spread over the year, with a month after it to practise; kept months keep theirs. */
  #lessonsByMonth(): (Technique | undefined)[] {
    const { slots, teach, random } = this.question;
    const begins = slots.map((): Technique | undefined => undefined);
    const known = new Set<Technique>();
    for (const [i, slot] of slots.entries()) {
      if (!('kept' in slot)) continue;
      const fresh = slot.kept.flatMap((p) => p.candidate.techniques).find((t) => teach.includes(t) && !known.has(t));
      if (fresh) known.add((begins[i] = fresh));
    }
    const open = slots.flatMap((slot, i) => ('kept' in slot || i === slots.length - 1 ? [] : [i]));
    const lessons = [...teach]
      .filter((t) => !known.has(t))
      .sort((a, b) => skillOfTechnique(a) - skillOfTechnique(b) || random() - 0.5);
    // Each lesson in a stretch of months of its own, somewhere in its first part.
    lessons.forEach((lesson, n) => {
      const at = open[Math.floor(((n + random() * 0.7) * open.length) / lessons.length)];
      if (at !== undefined && begins[at] === undefined) begins[at] = lesson;
    });
    return begins;
  }
}

const minutesOf = (picks: readonly Pick[]) => picks.reduce((sum, p) => sum + p.make * p.candidate.minutes, 0);
