/** What a proof says of each line, in words. */
import { by, Exact, formatLength, type LengthUnit, type Rational } from '../measure';
import type { StripFault } from './proof';
import type { Unread } from './read-line';
import type { Told, Verdict } from './verdicts';
import { words } from './words';

const sized = (x: Rational, unit: LengthUnit) => `${formatLength(x, unit)} ${unit}`;

/** '4 rectangles of 6 1/2 × 3 1/2 in'; '2 squares of 3 7/8 in, cut once on the diagonal' */
export function sayPieces({ w, h, qty, sub }: Told, unit: LengthUnit): string {
  const square = w.equals(h);
  const size = square ? sized(w, unit) : `${by(formatLength(w, unit), formatLength(h, unit))} ${unit}`;
  const pieces = (square ? words.squares : words.rectangles)(qty, size);
  return sub === 'none' ? pieces : words[sub](pieces);
}

/** What a verdict says. */
export function sayVerdict(v: Verdict, unit: LengthUnit): string {
  switch (v.is) {
    case 'right':
    case 'unused':
    case 'which':
      return words[v.is];
    case 'nothing':
      return words.nothing(v.role);
    case 'method':
      return words.method(v.meant.kind, v.meant.method);
    case 'large':
      return words.large(sized(v.by, unit));
  }
  const pieces = sayPieces(v.row, unit);
  switch (v.is) {
    case 'few':
      return (v.together ? words.fewTogether : words.few)(v.by, pieces);
    case 'many':
      return (v.together ? words.manyTogether : words.many)(v.by, pieces);
    case 'small':
    case 'big':
      return words[v.is](sized(v.by, unit), pieces);
    case 'across':
      return (v.row.sub === 'none' ? words.acrossWhole : words.across)(pieces);
    case 'mixed':
      return words.mixed(v.meant.kind, v.meant.method, v.rest.method, pieces);
    case 'column':
      return words.column(sized(sideOf(v.finished[0]), unit), pieces);
    case 'role':
      return words.role(v.row.role, pieces);
  }
}

const sideOf = (side: Exact): Rational => side.rational;

const UNREAD: Record<Unread, () => string> = {
  number: () => words.unreadNumber,
  count: () => words.unreadCount,
  counts: () => words.unreadCounts,
  size: () => words.unreadSize,
  sizes: () => words.unreadSizes,
  doubt: () => words.unreadDoubt,
  triangles: () => words.unreadTriangles,
  rectangle: () => words.unreadRectangle,
  disagrees: () => words.unreadDisagrees,
  words: () => words.unreadWords,
  fabric: () => words.unreadFabric,
};

/** Why a line cannot be read. */
export const sayUnread = (why: Unread): string => UNREAD[why]();

/** What is wrong with a line's strips. */
export function sayStrip(fault: StripFault, unit: LengthUnit): string {
  if (fault.is === 'width') return words.stripWidth(sized(fault.wide, unit));
  return fault.give === 0 ? words.stripsShort : words.stripsGive(fault.give, fault.need);
}
