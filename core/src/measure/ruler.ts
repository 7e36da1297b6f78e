/** What a ruler shows: rounding up to its marks, and the mark named in words. */
import { Exact, ratio, type Rational } from './exact';
import { formatLength, type Unit } from './length';

/** Rounds up, once, to the house step: the only place where an exact size becomes a cut size. */
export function toRuler(exact: Exact, step: Rational): Rational {
  return exact.ceilTo(step);
}

const COUNT = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];
const PARTS: Record<string, string> = { '4': 'quarter', '8': 'eighth', '16': 'sixteenth', '32': 'thirty-second' };

/**
 * The nearest easy mark in words, for people whom eighths frighten: 'one eighth short of 3',
 * 'a quarter past 2', 'halfway between 2 and 3', 'on the 5'; in centimetres '2 mm past 16'.
 * Sizes that no ruler shows (fifths, thirds) are answered with the two marks they lie between.
 */
export function rulerWords(size: Rational, unit: Unit): string {
  return unit === 'cm' ? centimetreWords(size) : inchWords(size);
}

function inchWords(size: Rational): string {
  const whole = size.floor();
  const rest = size.sub(whole);
  if (rest.equals(0)) return `on the ${whole}`;
  if (rest.equals(ratio(1, 2))) return `halfway between ${whole} and ${whole.add(1)}`;
  const name = PARTS[String(rest.d)];
  if (!name) {
    const below = size.mul(8).floor().div(8);
    return `between ${formatLength(below, 'in')} and ${formatLength(below.add(ratio(1, 8)), 'in')}`;
  }
  if (name === 'quarter')
    return rest.compare(ratio(1, 2)) < 0 ? `a quarter past ${whole}` : `a quarter short of ${whole.add(1)}`;
  // The landmarks are a ruler's longer ticks: halves for eighths, quarters for anything finer.
  const landmark = name === 'eighth' ? ratio(1, 2) : ratio(1, 4);
  const near = size.div(landmark).round().mul(landmark);
  const away = size.sub(near);
  const count = Number(away.abs().n * (rest.d / away.d));
  const ticks = `${COUNT[count] ?? count} ${name}${count === 1 ? '' : 's'}`;
  return `${ticks} ${away.compare(0) < 0 ? 'short of' : 'past'} ${formatLength(near, 'in')}`;
}

function centimetreWords(size: Rational): string {
  const near = size.round();
  const mm = size.sub(near).mul(10);
  if (mm.equals(0)) return `on the ${near}`;
  if (mm.abs().equals(5)) return `halfway between ${size.floor()} and ${size.ceil()}`;
  return `${formatLength(mm.abs(), 'cm')} mm ${mm.compare(0) < 0 ? 'short of' : 'past'} ${near}`;
}

/**
 * A size to measure, as a person with a ruler needs it: as it is where a ruler shows it, with the marks it lies between where
 * none does ('3 1/6 (between 3 1/8 and 3 1/4)'), and rounded up to the house step where it is irrational.
 */
export function checkpoint(size: Exact, step: Rational, unit: Unit): string {
  if (!size.isRational) return formatLength(toRuler(size, step), unit);
  const written = formatLength(size, unit);
  const shown = unit === 'cm' || size.rational.mul(16).d === 1n;
  return shown ? written : `${written} (${rulerWords(size.rational, unit)})`;
}

/** A length in yards ('11 1/4') or metres ('0.65'), as a shop sells it; metres are rounded up to the centimetre. */
export function formatYardage(length: Rational, unit: Unit): string {
  if (unit === 'in') return length.div(36).toFraction(true);
  return length.ceil().div(100).toString();
}
