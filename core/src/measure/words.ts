/** The words of measure. */
import { plural, type Said, say, spoken } from '../words';

export const words = spoken('core/measure', {
  // length
  aLengthMustBeANumber: 'a length must be a number',
  aLengthIsMissing: 'a length is missing',
  aLengthCannotBeNegative: (written: Said) => say`a length cannot be negative: '${written}'`,
  isNotALengthWriteIt: (text: Said) =>
    say`'${text}' is not a length; write it like 2 7/8, 2-7/8 or 2.875, or with a unit: 3 1/2 yd, 2.5 m`,
  dividesByZero: (written: Said) => say`'${written}' divides by zero`,
  isTooLongCheckForA: (written: Said) => say`‘${written}’ is too long. Check for a typing mistake`,

  // ruler
  onThe: (whole: Said) => say`on the ${whole}`,
  halfwayBetweenAnd: (whole: Said, next: Said) => say`halfway between ${whole} and ${next}`,
  betweenAnd: (length: Said, length2: Said) => say`between ${length} and ${length2}`,
  aQuarterPast: (whole: Said) => say`a quarter past ${whole}`,
  aQuarterShortOf: (next: Said) => say`a quarter short of ${next}`,
  shortOf: 'short of',
  onThe2: (near: Said) => say`on the ${near}`,
  halfwayBetweenAnd2: (from: Said, to: Said) => say`halfway between ${from} and ${to}`,
  past: 'past',
  mm: (length: Said, shortOf: Said, near: Said) => say`${length} mm ${shortOf} ${near}`,
  aThread: (length: Said, word: Said) => say`${length} (a thread ${word})`,
  halfwayBetweenAnd3: (length: Said, length2: Said) => say`halfway between ${length} and ${length2}`,

  // sold
  cm: (length: Said) => say`${length} cm`,
  inWords: (length: Said) => say`${length} in`,

  // listed
  and: (others: Said, last: Said) => say`${others} and ${last}`,

  // ruler
  no: 'no',
  one: 'one',
  two: 'two',
  three: 'three',
  four: 'four',
  five: 'five',
  six: 'six',
  seven: 'seven',
  eight: 'eight',
  nine: 'nine',
  quarters: (count: number, inWords: Said) => say`${inWords} ${plural(count, { one: 'quarter', other: 'quarters' })}`,
  eighths: (count: number, inWords: Said) => say`${inWords} ${plural(count, { one: 'eighth', other: 'eighths' })}`,
  sixteenths: (count: number, inWords: Said) => say`${inWords} ${plural(count, { one: 'sixteenth', other: 'sixteenths' })}`,
  thirtySeconds: (count: number, inWords: Said) =>
    say`${inWords} ${plural(count, { one: 'thirty-second', other: 'thirty-seconds' })}`,
  beside: (ticks: Said, past: Said, mark: Said) => say`${ticks} ${past} ${mark}`,
  over: 'over',
  under: 'under',
  by: (across: Said, down: Said) => say`${across} by ${down}`,
});
