/**
 * The plan for a fabric that comes in cut pieces of one size, half yards or fat quarters or squares: sheets, each cut like a strip that is
 * as long as the sheet. The sheet is tried both ways up; the fabric's direction stays with it.
 */
import { ratio, type Rational } from '../measure';
import { settingsCount, type Pattern } from './pattern';
import { DoesNotFit, gather, type Piece } from './pieces';
import { label, type FabricPlan, type Strip } from './strips';
import { boundFor, patternsFor } from './workshop';
import { words } from './words';

export interface SheetPlan extends Omit<FabricPlan, 'lengthNeeded' | 'lengthToBuy' | 'strips'> {
  usableLength: Rational;
  /** Whether the sheet lies on its side when it is cut: the columns of its sub-cuts then run along its width. */
  turned: boolean;
  /** Each kind of sheet once; `length` is what is used of it. */
  sheets: Strip[];
  sheetsNeeded: number;
}

/** Plans the sheets, `usableWidth` by `usableLength` each. `lowerBound` counts sheets. Throws DoesNotFit. */
export function planSheets(demand: readonly Piece[], usableWidth: Rational, usableLength: Rational): SheetPlan {
  for (const piece of demand) if (piece.qty > 0) refuseTooLarge(piece, usableWidth, usableLength);
  const upright = planOneWay(demand, usableWidth, usableLength);
  const turned = planOneWay(demand.map(swap), usableLength, usableWidth);
  const better = turned.count < upright.count ? turned : upright;
  const { strips, surplus } = label(better.patterns, better.sizes);
  const bound = turned.bound > upright.bound ? turned : upright;
  const area = demand.reduce((sum, p) => sum + p.qty * p.w.valueOf() * p.h.valueOf(), 0);
  return {
    reading: 'thriftiest',
    ...{ usableWidth, usableLength, demand, surplus },
    turned: better === turned,
    sheets: better === turned ? strips.map(transposed) : strips,
    sheetsNeeded: better.count,
    settings: settingsCount(better.patterns),
    kinds: better.patterns.length,
    lowerBound: bound.bound,
    proof: bound.proof,
    yield: better.count === 0 ? 0 : area / (better.count * usableWidth.valueOf() * usableLength.valueOf()),
  };
}

/** Sheets for a demand as they are found at once: rather one too many than one too few. Throws DoesNotFit. */
export function sheetsAtMost(demand: readonly Piece[], usableWidth: Rational, usableLength: Rational): number {
  for (const piece of demand) if (piece.qty > 0) refuseTooLarge(piece, usableWidth, usableLength);
  const upright = planOneWay(demand, usableWidth, usableLength, { first: true });
  const turned = planOneWay(demand.map(swap), usableLength, usableWidth, { first: true });
  return Math.min(upright.count, turned.count);
}

/** `first` is content with what is found at once. */
function planOneWay(demand: readonly Piece[], width: Rational, length: Rational, { first = false } = {}) {
  const sizes = gather(demand, width);
  const proven = boundFor(sizes);
  // n sheets end to end are a cloth of n lengths, so a length that no layout undercuts counts sheets too.
  const bound = ratio(String(proven.thousandths)).div(1000).div(length).ceil().valueOf();
  const sheet = length.div(sizes.tick).floor().valueOf();
  let patterns: Pattern[] = [];
  for (patterns of patternsFor(sizes, 'thriftiest', proven.ticks, { sheet })) if (first) break;
  return { sizes: sizes.sizes, patterns, count: patterns.reduce((n, p) => n + p.repeat, 0), bound, proof: proven.proof };
}

/** The piece on a sheet that lies on its side. */
const swap = (piece: Piece): Piece => ({ ...piece, w: piece.h, h: piece.w });

function transposed(sheet: Strip): Strip {
  const turn = <T extends { x: Rational; y: Rational; w: Rational; h: Rational }>(r: T): T => ({
    ...r,
    x: r.y,
    y: r.x,
    w: r.h,
    h: r.w,
  });
  return { ...sheet, rects: sheet.rects.map(turn) };
}

function refuseTooLarge({ label, w, h, turnable }: Piece, width: Rational, length: Rational): void {
  const fits = (a: Rational, b: Rational) => a.compare(width) <= 0 && b.compare(length) <= 0;
  if (fits(w, h) || (turnable && fits(h, w))) return;
  const write = (x: Rational) => x.toFraction(true);
  const why = turnable ? words.eitherWay : words.andItsPrintKeepsItFrom;
  throw new DoesNotFit(label, words.measuresByItDoesNotFit(label, write(w), write(h), write(width), write(length), why));
}
