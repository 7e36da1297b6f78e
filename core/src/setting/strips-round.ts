/** Long strips joined on the diagonal, binding, backing and batting (docs/craft.md, Setting a quilt). */
import { Exact, ratio, type Rational, type LengthUnit } from '../measure';

/** A join on the diagonal takes a strip width off the length. The fewest strips of `width` fabric that give `length` in all. */
export function joinedStrips(length: Rational, strip: Rational, width: Rational): number {
  if (width.compare(strip) <= 0) throw new RangeError('a strip as wide as the fabric is no strip');
  return Math.max(1, Number(length.sub(strip).div(width.sub(strip)).ceil().n));
}

export interface Backing {
  w: Rational;
  h: Rational;
  /** How its seams run; 'none' where the fabric is wide enough. */
  seams: 'none' | 'upright' | 'level';
  panels: number;
  /** Of fabric from the bolt. */
  length: Rational;
}

/**
 * Backing for a quilt of that size: panels of the fabric's width, seamed upright or level, whichever takes less unless one is asked for.
 * `seam` is taken on both sides of each seam.
 */
export function backingOf(
  w: Rational,
  h: Rational,
  { width, seam, seams }: { width: Rational; seam: Rational; seams: 'least' | 'upright' | 'level' },
): Backing {
  const panels = (side: Rational) =>
    side.compare(width) <= 0
      ? 1
      : Number(
          side
            .sub(width)
            .div(width.sub(seam.mul(2)))
            .ceil().n,
        ) + 1;
  const upright = { panels: panels(w), length: h.mul(panels(w)) };
  const level = { panels: panels(h), length: w.mul(panels(h)) };
  const better = seams === 'least' ? (level.length.compare(upright.length) < 0 ? 'level' : 'upright') : seams;
  const chosen = better === 'level' ? level : upright;
  return { w, h, seams: chosen.panels === 1 ? 'none' : better, ...chosen };
}

/** Sizes that batting is packed in, in inches: what shops commonly keep. */
const PACKAGED: readonly [name: string, w: number, h: number][] = [
  ['crib', 45, 60],
  ['throw', 60, 60],
  ['twin', 72, 90],
  ['full', 81, 96],
  ['queen', 90, 108],
  ['king', 120, 120],
];

/** The smallest packaged batting that covers w by h, lying either way; undefined where none does. */
export function packagedBatting(
  w: Rational,
  h: Rational,
  unit: LengthUnit,
): { name: string; w: Rational; h: Rational } | undefined {
  const per = unit === 'in' ? ratio(1) : ratio('2.54');
  const [short, long] = w.compare(h) < 0 ? [w, h] : [h, w];
  const found = PACKAGED.find(([, a, b]) => per.mul(a).compare(short) >= 0 && per.mul(b).compare(long) >= 0);
  return found && { name: found[0], w: per.mul(found[1]), h: per.mul(found[2]) };
}

/** Binding: once round the quilt and a tail for the corners and the join. */
export function bindingLength(w: Exact, h: Exact, over: Rational, rounding: Rational): Rational {
  return w.plus(h).times(2).plus(over).ceilTo(rounding);
}
