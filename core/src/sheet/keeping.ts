/** What a month keeps for later ones, and what earlier ones kept for it, in sentences. */
import { formatLength, listed, type Rational, type LengthUnit } from '../measure';
import type { Bagged, KeptWhole, MonthShare } from '../programme';
import { inWords } from './in-words';

/** '3 1/2 in square', '6 1/2 × 3 1/2 in'. */
export const sizeText = (w: Rational, h: Rational, unit: LengthUnit) =>
  w.equals(h) ? `${formatLength(w, unit)} ${unit} square` : `${formatLength(w, unit)} × ${formatLength(h, unit)} ${unit}`;

/** 'A1': what a piece's label says, without its month and block. */
export const pieceName = (label: string) => label.split(':').at(-1)!.replace('@', ' ').replace('x', ' × ');

/** '8 A1 (3 7/8 in square)' */
export const bagText = ({ label, qty, w, h }: Bagged, unit: LengthUnit) =>
  `${qty} ${pieceName(label)} (${sizeText(w, h, unit)})`;

/** 'Kale: cut now and bag 8 A1 (3 7/8 in square) for June.' */
export function bagWords({ fabric, bag }: MonthShare, unit: LengthUnit): string[] {
  const months = [...new Set(bag.map((b) => b.usedIn))];
  return months.map((month) => {
    const pieces = bag.filter((b) => b.usedIn === month).map((b) => bagText(b, unit));
    return `${fabric.name}: cut now and bag ${listed(pieces)} for ${month.name}.`;
  });
}

/** 'at least 3 7/8 in × WOF', 'one piece at least 18 × 3 7/8 in, the end of a strip', 'at least 9 × 17 1/2 in of fat quarter 2'. */
export function wholeText({ w, h, qty, of }: KeptWhole, { fabric }: Pick<MonthShare, 'fabric'>, unit: LengthUnit): string {
  if (of === 'length') return `at least ${formatLength(h, unit)} ${unit} × WOF`;
  const size = `${formatLength(w, unit)} × ${formatLength(h, unit)} ${unit}`;
  if (of === 'strip')
    return `${qty === 1 ? 'one piece' : `${inWords(qty)} pieces`} at least ${size}, the end of ${qty === 1 ? 'a strip' : 'strips'}`;
  return `at least ${size} of ${fabric.form === 'yardage' ? 'piece' : fabric.form.replace('-', ' ')} ${of.sheet}`;
}

/** 'Kale: keep whole at least 3 7/8 in × WOF, for June.' */
export const keepWords = (share: MonthShare, unit: LengthUnit): string[] =>
  share.keep.map((k) => `${share.fabric.name}: keep whole ${wholeText(k, share, unit)}, for ${k.usedIn.name}.`);
