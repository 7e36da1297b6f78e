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

/** A piece fits the fabric, or the sheet, neither way; `label` tells which. */
export class DoesNotFit extends Error {
  constructor(
    readonly label: string,
    message: string,
  ) {
    super(message);
  }
}

/** Pieces of one size, whatever they are for, in whole ticks. */
export interface SizedPieces {
  w: number;
  h: number;
  /** The same, as the ruler shows it. */
  real: { w: Rational; h: Rational };
  turnable: boolean;
  qty: number;
  labels: { label: string; qty: number }[];
}

export interface Sizes {
  /** Length of one tick: the largest that divides every side, so that sides are whole and as small as can be. */
  tick: Rational;
  /** The usable width in ticks, to the last fraction. */
  across: Rational;
  /** Whether the ticks are exact, or sides were rounded up to them. */
  exact: boolean;
  /** Whole ticks that fit across; what is left of the width no row of pieces could ever use. */
  width: number;
  /** Largest first, so that the order in which pieces are named does not matter. */
  sizes: SizedPieces[];
}

/** Finer than this many ticks across, sides are rounded up to a coarser ruler for planning; the plan is then laid out in real lengths. */
const FINEST = 2000;

const gcd = (a: bigint, b: bigint): bigint => (b === 0n ? a : gcd(b, a % b));

/** Gathers pieces of equal size and puts them on a common ruler. Throws DoesNotFit. */
export function gather(pieces: readonly Piece[], usableWidth: Rational): Sizes {
  const wanted = pieces.filter((p) => p.qty > 0);
  const sides = wanted.flatMap((p) => [p.w, p.h]);
  const common = sides.reduce((n, x) => (n / gcd(n, x.d)) * x.d, 1n);
  const exact = ratio(sides.reduce((g, x) => gcd(g, x.n * (common / x.d)), 0n) || 1n, common);
  const fine = usableWidth.div(exact).compare(FINEST) > 0;
  const tick = fine ? usableWidth.div(FINEST) : exact;
  const sizes = new Map<string, SizedPieces>();
  for (const piece of wanted) {
    let real = { w: piece.w, h: piece.h };
    if (piece.turnable && real.w.compare(real.h) < 0) real = { w: real.h, h: real.w };
    if (real.w.compare(usableWidth) > 0 && !(piece.turnable && real.h.compare(usableWidth) <= 0))
      throw new DoesNotFit(piece.label, tooWide(piece, usableWidth));
    // A square reads the same either way, so its direction asks nothing of the plan.
    const turnable = piece.turnable && !real.w.equals(real.h);
    const key = `${real.w.toFraction()} ${real.h.toFraction()} ${turnable}`;
    const up = (x: Rational) => x.div(tick).ceil().valueOf();
    const size = sizes.get(key) ?? { w: up(real.w), h: up(real.h), real, turnable, qty: 0, labels: [] };
    size.qty += piece.qty;
    size.labels.push({ label: piece.label, qty: piece.qty });
    sizes.set(key, size);
  }
  const across = usableWidth.div(tick);
  const order = (a: SizedPieces, b: SizedPieces) =>
    b.w * b.h - a.w * a.h ||
    b.w - a.w ||
    Number(a.turnable) - Number(b.turnable) ||
    b.real.w.compare(a.real.w) ||
    b.real.h.compare(a.real.h);
  return { tick, across, exact: !fine, width: across.floor().valueOf(), sizes: [...sizes.values()].sort(order) };
}

function tooWide(piece: Piece, usableWidth: Rational): string {
  const write = (x: Rational) => x.toFraction(true);
  const why = piece.turnable ? 'either way' : 'and its print keeps it from being turned';
  return `${piece.label} (${write(piece.w)} by ${write(piece.h)}) is wider than the fabric (${write(usableWidth)}), ${why}. Make the piece in two, or use wider fabric`;
}
