/**
 * How a group sews, as its measurements tell it. Everybody has a habit, what each of her seams takes; the group has a mean of habits and a spread from person to
 * person. Both are told as far as they are known: with few measurements they stay near what is taken for granted, and widely spread. Lengths in the document's unit.
 */
import type { LengthUnit } from '../measure';
import type { Line } from './lines';
import { habitual, drawnTaken, over, STRAIGHT, type Worked } from './outcome';
import { THREAD, usualPeople, type People } from './people';

/** One measure of one line, by one person. */
export interface Measured {
  person: string;
  /** What the line measured beyond what it should. */
  error: number;
  /** How much of a habit shows in it, what comes over without any, and the variance of all else. */
  shows: number;
  surplus: number;
  variance: number;
}

/** A mean habit and a spread of habits, and how likely they are. */
export interface Habits {
  taken: number;
  habit: number;
  weight: number;
}

export interface Calibrated {
  /** All weights together are 1. */
  habits: readonly Habits[];
  /** Those that the group is most like, in the mean. */
  people: People;
  measures: number;
  persons: number;
}

/** What is known as 'nineteen of twenty times between low and high'. */
export interface Interval {
  mean: number;
  low: number;
  high: number;
}

/** How far a group's mean may be from what is taken for granted, in threads; and by what factor its spread may be another (docs/craft.md, Error foreseen). */
const MEANS = 1.5;
const FACTOR = Math.log(2);
/** The net over means and spreads, to four spreads of what is taken for granted. */
const STEPS = { means: 97, spreads: 33 };
const REACH = 4;

/** How much of a habit a line shows. What is trimmed on the way to its size shows none. */
export function showsOf(line: Line, { ways }: Worked, people: People): Omit<Measured, 'person' | 'error'> {
  let [shows, surplus, variance] = [0, 0, people.reading ** 2];
  for (const span of line.spans) {
    const way = span.unit === undefined ? undefined : ways[span.unit]!;
    if (way?.trimmed) {
      variance += people.trim ** 2;
      continue;
    }
    for (const { share } of span.crossings) {
      variance += share ** 2 * (people.seam ** 2 + people.press ** 2);
      if (way?.bias && share < STRAIGHT) variance += share ** 2 * people.bias ** 2;
    }
    for (const { share } of span.patches) variance += share ** 2 * people.cut ** 2;
    shows += habitual(span);
    surplus += over(span, way) - drawnTaken(span, people);
  }
  return { shows, surplus, variance };
}

/** A size of which only the seams are known that it crosses. */
export interface SizeBySeams {
  person: string;
  seams: number;
  expected: number;
  measured: number;
}

/** A size that is off by more than this is a slip of the pen, or of another unit: it tells nothing of seams. */
const SLIP: Record<LengthUnit, number> = { in: 1, cm: 2.5 };

/** The group whose people measured such sizes, of blocks that are cut exactly: what is trimmed shows no habit. */
export function groupOf(sizes: readonly SizeBySeams[], unit: LengthUnit, prior: People = usualPeople(unit)): Calibrated {
  const measured = sizes
    .filter(({ seams, expected, measured }) => seams > 0 && Math.abs(measured - expected) <= SLIP[unit])
    .map(({ person, seams, expected, measured }): Measured => {
      const variance = seams * (prior.seam ** 2 + prior.press ** 2) + (seams + 1) * prior.cut ** 2 + prior.reading ** 2;
      return { person, error: measured - expected, shows: seams, surplus: 0, variance };
    });
  return calibrated(measured, prior, unit);
}

/** The group that measured so. Lines in which no habit shows tell nothing. */
export function calibrated(measured: readonly Measured[], prior: People, unit: LengthUnit): Calibrated {
  const persons = new Map<string, { precision: number; sum: number }>();
  const telling = measured.filter(({ shows }) => shows > 0);
  for (const { person, error, shows, surplus, variance } of telling) {
    const of = persons.get(person) ?? { precision: 0, sum: 0 };
    of.precision += shows ** 2 / variance;
    of.sum += (shows * (surplus - error)) / variance;
    persons.set(person, of);
  }
  const own = [...persons.values()].map(({ precision, sum }) => ({ habit: sum / precision, variance: 1 / precision }));
  const means = MEANS * THREAD[unit];
  const net: { taken: number; habit: number; log: number }[] = [];
  for (let i = 0; i < STEPS.means; i += 1)
    for (let j = 0; j < STEPS.spreads; j += 1) {
      const [a, b] = [at(i, STEPS.means), at(j, STEPS.spreads)];
      const [taken, habit] = [prior.taken + a * means, prior.habit * Math.exp(b * FACTOR)];
      // A person's own mean is spread about the group's by habits, and by how well it is known.
      const log = own.reduce(
        (sum, { habit: theirs, variance }) => {
          const spread = habit ** 2 + variance;
          return sum - 0.5 * (Math.log(spread) + (theirs - taken) ** 2 / spread);
        },
        -0.5 * (a ** 2 + b ** 2),
      );
      net.push({ taken, habit, log });
    }
  const most = Math.max(...net.map(({ log }) => log));
  const weights = net.map(({ log }) => Math.exp(log - most));
  const all = weights.reduce((sum, w) => sum + w, 0);
  const habits = net.map(({ taken, habit }, i) => ({ taken, habit, weight: weights[i]! / all }));
  const mean = (of: (one: Habits) => number) => habits.reduce((sum, one) => sum + of(one) * one.weight, 0);
  return {
    habits,
    people: { ...prior, taken: mean((one) => one.taken), habit: Math.sqrt(mean((one) => one.habit ** 2)) },
    measures: telling.length,
    persons: persons.size,
  };
}

/** From one end of the net to the other, in spreads of what is taken for granted. */
const at = (i: number, steps: number) => ((2 * i) / (steps - 1) - 1) * REACH;

/** What follows from a group's habits, and between what it lies nineteen times of twenty. */
export function intervalOf(habits: readonly Habits[], of: (one: Pick<Habits, 'taken' | 'habit'>) => number): Interval {
  const told: { value: number; weight: number }[] = [];
  let whole = 0;
  let mean = 0;
  const sorted = habits.map((one) => ({ value: of(one), weight: one.weight })).sort((a, b) => a.value - b.value);
  for (const one of sorted) {
    whole += one.weight;
    mean += one.value * one.weight;
    const last = told.at(-1);
    if (last && one.value === last.value) last.weight += one.weight;
    else told.push(one);
  }
  return { mean: mean / whole, low: quantile(told, 0.025 * whole), high: quantile(told, 0.975 * whole) };
}

/** Below which so much weight lies: each value's own is spread evenly to both sides of it. */
function quantile(sorted: readonly { value: number; weight: number }[], share: number): number {
  let [before, middle] = [0, 0];
  for (const [i, { value, weight }] of sorted.entries()) {
    const here = before + weight / 2;
    if (here >= share) {
      const last = sorted[i - 1];
      return last ? last.value + ((share - middle) / (here - middle)) * (value - last.value) : value;
    }
    before += weight;
    middle = here;
  }
  return sorted.at(-1)!.value;
}

/** So many habits that stand for all, each as likely as another: for what takes long to work out. */
export function someHabits({ habits }: Calibrated, count: number): Habits[] {
  const found: Habits[] = [];
  // Along the means, so that neighbours are alike and every part of the net is stood for.
  let [sum, next] = [0, 0.5 / count];
  for (const one of habits) {
    sum += one.weight;
    for (; next <= sum && found.length < count; next += 1 / count) found.push({ ...one, weight: 1 / count });
  }
  return found;
}
