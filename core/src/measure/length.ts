/** Lengths as people read and write them: '2 7/8', '2-7/8', '2⅞', '2.875', '16,5 cm', '3 1/2 yd', '2.5 m'. */
import { Exact, ratio, type Rational } from './exact';
import { words } from './words';

export type LengthUnit = 'in' | 'cm';

/** What a person wrote cannot be read as a length; the message says what would be. */
export class LengthError extends Error {}

/** No quilt, bolt or backing needs more; a larger number is a slip of the keyboard. */
const BEYOND_REASON = 100_000;

const VULGAR: Record<string, string> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

const SUFFIX = /\s*(in(?:ch(?:es)?)?|"|″|”|cm|mm|m(?:et(?:re|er)s?)?|y(?:ar)?ds?|f(?:oo|ee)?t|'|′|’)\.?$/i;
// At most six digits in a fraction and nine after the point: more is no measure, and would only slow the arithmetic.
const SHAPE = /^(?:(\d{1,9})(?:\s+|\s*-\s*))?(\d{1,6})\s*\/\s*(\d{1,6})$|^(\d{1,9}(?:[.,]\d{1,9})?|[.,]\d{1,9})$/;
const PER_INCH = ratio(254, 100);
/** Inches in what a length is written in, by the first letters of its word: the metre's come after the millimetre's. */
const INCHES: readonly [start: RegExp, inches: Rational][] = [
  [/^mm/, ratio(10, 254)],
  [/^cm/, ratio(100, 254)],
  [/^m/, ratio(10_000, 254)],
  [/^y/, ratio(36)],
  [/^[f'′’]/, ratio(12)],
  [/^/, ratio(1)],
];

/**
 * Reads a length in `unit`; a text that names another unit (in, ft, yd, mm, cm, m) is converted exactly.
 * Throws LengthError with a sentence when it is no length, negative, or beyond reason.
 */
export function parseLength(written: string | number, unit: LengthUnit): Rational {
  const value = lengthWritten(written, unit);
  if (value.compare(BEYOND_REASON) > 0) throw new LengthError(words.isTooLongCheckForA(written));
  return value;
}

/** As parseLength, of a length that formatLength wrote: what is cut for thousands together is no typing mistake. */
export function lengthWritten(written: string | number, unit: LengthUnit): Rational {
  if (typeof written === 'number') {
    if (!Number.isFinite(written)) throw new LengthError(words.aLengthMustBeANumber);
    written = String(written);
  }
  let text = written
    .trim()
    .replace(/[⁄∕]/g, '/')
    .replace(/[‐‑‒–]/g, '-');
  text = text.replace(/[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]/g, (mark) => ` ${VULGAR[mark]}`).trim();
  const suffix = SUFFIX.exec(text);
  if (suffix) text = text.slice(0, suffix.index);
  if (text === '') throw new LengthError(words.aLengthIsMissing);
  if (/^-/.test(text)) throw new LengthError(words.aLengthCannotBeNegative(written));
  const match = SHAPE.exec(text);
  if (!match || text.length > 40) throw new LengthError(words.isNotALengthWriteIt(written.slice(0, 40)));
  const [, whole, numerator, denominator, decimal] = match;
  let value: Rational;
  if (decimal !== undefined) value = ratio(decimal.replace(',', '.').replace(/^\./, '0.'));
  else {
    if (/^0+$/.test(denominator!)) throw new LengthError(words.dividesByZero(written));
    value = ratio(BigInt(numerator!), BigInt(denominator!)).add(ratio(BigInt(whole ?? 0)));
  }
  if (suffix) value = fromWord(value, suffix[1]!.toLowerCase(), unit);
  return value;
}

function fromWord(value: Rational, word: string, to: LengthUnit): Rational {
  const inches = value.mul(INCHES.find(([start]) => start.test(word))![1]);
  return to === 'in' ? inches : inches.mul(PER_INCH);
}

/**
 * Writes a length: in lowest terms with the whole part first ('6 7/8') in inches, decimal ('16.5') in
 * centimetres, where what three places cannot hold is rounded up. An irrational one must be rounded first.
 */
export function formatLength(length: Exact | Rational, unit: LengthUnit): string {
  const value = length instanceof Exact ? length.rational : length;
  // No mark of a ruler: what is sold by the metre in a house of inches is rounded up to the sixteenth.
  if (unit === 'in') return (value.d > 64n ? value.mul(16).ceil().div(16) : value).toFraction(true);
  const thousandths = value.mul(1000).ceil();
  return thousandths.div(1000).toString();
}
