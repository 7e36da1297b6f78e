/** What a ruler shows: rounding up to its marks, and the mark named in words. */
import { Exact, ratio, type Rational } from './exact';
import { formatLength, type LengthUnit } from './length';
import { words } from './words';

/** Rounds up, once, to the house step: the only place where an exact size becomes a cut size. */
export function toRuler(exact: Exact, step: Rational): Rational {
  return exact.ceilTo(step);
}

const inWords = (count: number): string | number =>
  [words.no, words.one, words.two, words.three, words.four, words.five, words.six, words.seven, words.eight, words.nine][
    count
  ] ?? count;
const PARTS: Record<string, 'quarter' | 'eighth' | 'sixteenth' | 'thirtySecond'> = {
  '4': 'quarter',
  '8': 'eighth',
  '16': 'sixteenth',
  '32': 'thirtySecond',
};

/**
 * The nearest easy mark in words, for people whom eighths frighten: 'one eighth short of 3',
 * 'a quarter past 2', 'halfway between 2 and 3', 'on the 5'; in centimetres '2 mm past 16'.
 * Sizes that no ruler shows (fifths, thirds) are answered with the two marks they lie between.
 */
export function rulerWords(size: Rational, unit: LengthUnit): string {
  return unit === 'cm' ? centimetreWords(size) : inchWords(size);
}

function inchWords(size: Rational): string {
  const whole = size.floor();
  const rest = size.sub(whole);
  if (rest.equals(0)) return words.onThe(String(whole));
  if (rest.equals(ratio(1, 2))) return words.halfwayBetweenAnd(String(whole), String(whole.add(1)));
  const name = PARTS[String(rest.d)];
  if (!name) {
    const below = size.mul(8).floor().div(8);
    return words.betweenAnd(formatLength(below, 'in'), formatLength(below.add(ratio(1, 8)), 'in'));
  }
  if (name === 'quarter')
    return rest.compare(ratio(1, 2)) < 0 ? words.aQuarterPast(String(whole)) : words.aQuarterShortOf(String(whole.add(1)));
  // The landmarks are a ruler's longer ticks: halves for eighths, quarters for anything finer.
  const landmark = name === 'eighth' ? ratio(1, 2) : ratio(1, 4);
  const near = size.div(landmark).round().mul(landmark);
  const away = size.sub(near);
  const count = Number(away.abs().n * (rest.d / away.d));
  const ticks = words[`${name}s`](count, inWords(count));
  return words.beside(ticks, away.compare(0) < 0 ? words.shortOf : words.past, formatLength(near, 'in'));
}

function centimetreWords(size: Rational): string {
  const near = size.round();
  const mm = size.sub(near).mul(10);
  if (mm.equals(0)) return words.onThe2(String(near));
  if (mm.abs().equals(5)) return words.halfwayBetweenAnd2(String(size.floor()), String(size.ceil()));
  return words.mm(formatLength(mm.abs(), 'cm'), mm.compare(0) < 0 ? words.shortOf : words.past, String(near));
}

/** Rounds a size to trim to down, where the fabric gives no more: the largest mark that can be reached (docs/craft.md, Cut large and trim). */
export function trimTo(exact: Exact, step: Rational): Rational {
  const up = exact.ceilTo(step);
  return exact.isRational && exact.rational.equals(up) ? up : up.sub(step);
}

/** How far from a mark a size may be and still be called on it; and up to where it is a thread away: beyond, it lies between two marks. */
const NEAR = { in: { on: 0.012, thread: 0.047 }, cm: { on: 0.012, thread: 0.04 } };

/**
 * A size to measure, as a person with a ruler needs it: as it is where a ruler shows it, else the mark that it is nearest to, with 'a thread over'
 * or 'a thread under', or the two marks that it lies halfway between (docs/craft.md, Checkpoints). `step` is the ruler's own.
 */
export function checkpoint(size: Exact, step: Rational, unit: LengthUnit): string {
  // Sixteenths and half millimetres are read off without a word.
  if (size.isRational && size.rational.mul(unit === 'in' ? 16 : 20).d === 1n) return formatLength(size, unit);
  const marks = unit === 'in' && step.compare(ratio(1, 16)) <= 0 ? ratio(1, 16) : unit === 'in' ? ratio(1, 8) : ratio(1, 10);
  const above = size.ceilTo(marks);
  const below = above.sub(marks);
  const over = size.minus(Exact.of(below)).toNumber();
  const under = Exact.of(above).minus(size).toNumber();
  const { on, thread } = NEAR[unit];
  const [near, off, word] = over < under ? ([below, over, words.over] as const) : ([above, under, words.under] as const);
  if (off <= on) return formatLength(near, unit);
  if (off <= thread) return words.aThread(formatLength(near, unit), word);
  return words.halfwayBetweenAnd3(formatLength(below, unit), formatLength(above, unit));
}
