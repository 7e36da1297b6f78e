/** What a month keeps for later ones, and what earlier ones kept for it, in sentences. */
import { formatLength, listed, type Rational, type LengthUnit } from '../measure';
import type { Bagged, KeptWhole, MonthShare } from '../programme';
import { inWords } from './in-words';
import { words } from './words/keeping';
import { pieceTitle } from '../programme';

/** '3 1/2 in square', '6 1/2 × 3 1/2 in'. */
export const sizeText = (w: Rational, h: Rational, unit: LengthUnit) =>
  w.equals(h) ? words.square(formatLength(w, unit), unit) : `${formatLength(w, unit)} × ${formatLength(h, unit)} ${unit}`;

/** '8 A1 (3 7/8 in square)' */
export const bagText = ({ label, qty, w, h }: Bagged, unit: LengthUnit) =>
  `${qty} ${pieceTitle(label)} (${sizeText(w, h, unit)})`;

/** 'Kale: cut now and bag 8 A1 (3 7/8 in square) for June.' */
export function bagWords({ fabric, bag }: MonthShare, unit: LengthUnit): string[] {
  const months = [...new Set(bag.map((b) => b.usedIn))];
  return months.map((month) => {
    const pieces = bag.filter((b) => b.usedIn === month).map((b) => bagText(b, unit));
    return words.cutNowAndBagFor(fabric.name, listed(pieces), month.name);
  });
}

/** 'at least 3 7/8 in × WOF', 'one piece at least 18 × 3 7/8 in, the end of a strip', 'at least 9 × 17 1/2 in of fat quarter 2'. */
export function wholeText({ w, h, qty, of }: KeptWhole, { fabric }: Pick<MonthShare, 'fabric'>, unit: LengthUnit): string {
  if (of === 'length') return words.atLeastWof(formatLength(h, unit), unit);
  const size = `${formatLength(w, unit)} × ${formatLength(h, unit)} ${unit}`;
  if (of === 'strip') return words.atLeastTheEndOf(qty === 1 ? words.onePiece : words.pieces(inWords(qty)), size, qty);
  return words.atLeastOf(size, fabric.form === 'yardage' ? words.piece : fabric.form.replace('-', ' '), of.sheet);
}

/** 'Kale: keep whole at least 3 7/8 in × WOF, for June.' */
export const keepWords = (share: MonthShare, unit: LengthUnit): string[] =>
  share.keep.map((k) => words.keepWholeFor(share.fabric.name, wholeText(k, share, unit), k.usedIn.name));
