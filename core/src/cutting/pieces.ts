/** What is asked of one fabric, and the whole-number ruler that planning is done on. */
import { ratio, type Rational } from '../measure';

export interface Piece {
  /** 'm1:cold-frame:A1', unique within a fabric. */
  label: string;
  w: Rational;
  h: Rational;
  qty: number;
  /** Whether it may be laid along the bolt: not so for directional fabric, whose w stays across. */
  turnable: boolean;
}

/** A piece fits the fabric neither way; `label` tells which. */
export class TooWide extends Error {
  constructor(
    readonly label: string,
    message: string,
  ) {
    super(message);
  }
}

/** Pieces of one size, whatever they are for, in whole ticks. */
export interface Size {
  w: number;
  h: number;
  turnable: boolean;
  qty: number;
  labels: { label: string; qty: number }[];
}

export interface Sizes {
  /** Length of one tick: the largest that divides every side, so that sides are whole and as small as can be. */
  tick: Rational;
  /** The usable width in ticks, to the last fraction. */
  across: Rational;
  /** Whole ticks that fit across; what is left of the width no row of pieces could ever use. */
  width: number;
  sizes: Size[];
}

const gcd = (a: bigint, b: bigint): bigint => (b === 0n ? a : gcd(b, a % b));

/** Gathers pieces of equal size and puts them on a common ruler. Throws TooWide. */
export function gather(pieces: readonly Piece[], usableWidth: Rational): Sizes {
  const wanted = pieces.filter((p) => p.qty > 0);
  const sides = wanted.flatMap((p) => [p.w, p.h]);
  const common = sides.reduce((n, x) => (n / gcd(n, x.d)) * x.d, 1n);
  const tick = ratio(sides.reduce((g, x) => gcd(g, x.n * (common / x.d)), 0n) || 1n, common);
  const whole = (x: Rational) => x.div(tick).floor().valueOf();
  const across = usableWidth.div(tick);
  const width = whole(usableWidth);
  const sizes = new Map<string, Size>();
  for (const piece of wanted) {
    let [w, h] = [whole(piece.w), whole(piece.h)];
    if (piece.turnable && w < h) [w, h] = [h, w];
    if (w > width && !(piece.turnable && h <= width)) throw new TooWide(piece.label, tooWide(piece, usableWidth));
    // A square reads the same either way, so its direction asks nothing of the plan.
    const turnable = piece.turnable && w !== h;
    const key = `${w} ${h} ${turnable}`;
    const size = sizes.get(key) ?? { w, h, turnable, qty: 0, labels: [] };
    size.qty += piece.qty;
    size.labels.push({ label: piece.label, qty: piece.qty });
    sizes.set(key, size);
  }
  return { tick, across, width, sizes: [...sizes.values()] };
}

function tooWide(piece: Piece, usableWidth: Rational): string {
  const write = (x: Rational) => x.toFraction(true);
  const why = piece.turnable ? 'either way' : 'and its print keeps it from being turned';
  return `${piece.label} measures ${write(piece.w)} by ${write(piece.h)}: wider than the usable ${write(usableWidth)} of the fabric, ${why}`;
}
