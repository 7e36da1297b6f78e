/** Fabric as a shop sells it: by the yard or the metre, whatever a programme measures in. */
import { ratio, type Rational } from './exact';
import { formatLength, type LengthUnit } from './length';
import { words } from './words';

export type SoldBy = 'yd' | 'm';

/** What lengths are measured in, and what fabric is sold by. */
export interface Counter {
  unit: LengthUnit;
  soldBy: SoldBy;
}

const INCH = ratio('2.54');
/** Parts of a yard that fabric is measured off in. */
const COUNTER = new Set([1, 2, 3, 4, 6, 8, 12, 16]);

/** One yard or metre, in the unit of measure: exact. */
export const oneSold = ({ unit, soldBy }: Counter): Rational =>
  soldBy === 'yd' ? ratio(36).mul(unit === 'in' ? 1 : INCH) : ratio(100).div(unit === 'in' ? INCH : 1);

/** A length in yards ('11 1/4') or metres ('0.65'): what is no part of a yard that a counter knows is rounded up to the eighth, metres to the centimetre. */
export function soldAmount(length: Rational, counter: Counter): string {
  const all = length.div(oneSold(counter));
  if (counter.soldBy === 'm') return all.mul(100).ceil().div(100).toString();
  return (COUNTER.has(Number(all.d)) ? all : all.mul(8).ceil().div(8)).toFraction(true);
}

/** '1 1/4 yd', '0.65 m'. */
export const soldText = (length: Rational, counter: Counter): string => `${soldAmount(length, counter)} ${counter.soldBy}`;

/** What a shop cuts by, where nobody says: an eighth of a yard, or ten centimetres. */
export const usualStep = ({ soldBy }: Pick<Counter, 'soldBy'>): string => (soldBy === 'yd' ? '4 1/2 in' : '10 cm');

/** A step of what is sold, as people of that counter write it: with its unit where that is not the one of measure. */
export function stepText(step: Rational, { unit, soldBy }: Counter): string {
  if ((unit === 'in') === (soldBy === 'yd')) return formatLength(step, unit);
  return unit === 'in' ? words.cm(formatLength(step.mul(INCH), 'cm')) : words.inWords(formatLength(step.div(INCH), 'in'));
}

const METRES_IN_A_YARD = 0.9144;
const rounded = (price: number, places: number) => Math.round(price * 10 ** places) / 10 ** places;

/** A price per yard, which is what documents hold, as a price of what is sold; and back. */
export const priceSold = (perYard: number, { soldBy }: Pick<Counter, 'soldBy'>): number =>
  soldBy === 'yd' ? perYard : rounded(perYard / METRES_IN_A_YARD, 4);
export const pricePerYard = (price: number, { soldBy }: Pick<Counter, 'soldBy'>): number =>
  soldBy === 'yd' ? price : rounded(price * METRES_IN_A_YARD, 6);
