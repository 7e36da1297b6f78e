/** How people sew: what varies, by how much. Lengths in inches or centimetres, as the document's unit is. */
import { ratio, type LengthUnit } from '../measure';

export interface People {
  /**
   * What each seam takes beyond its two allowances, in the mean of all people: cloth lost in the fold, and allowances that are wider or narrower than they should be.
   * Nobody sews two seams alike, and everybody has a habit: its spread from person to person, and from one of her seams to the next.
   */
  taken: number;
  habit: number;
  seam: number;
  /** What a seam takes that is sewn along a drawn or printed line, where nobody's own allowance comes in. */
  drawn: number;
  /** Spread of how far the iron opens a fold, from one seam to the next. */
  press: number;
  /** Spread of a cut piece's size, of a trimmed unit's, and what a bias edge stretches. */
  cut: number;
  trim: number;
  bias: number;
  /** Spread of reading a ruler. */
  reading: number;
}

/** A thread of quilting cotton: what a fold takes of a seam. */
export const THREAD: Record<LengthUnit, number> = { in: ratio(1, 64).valueOf(), cm: 0.04 };

/** What is taken for granted until there are measurements (docs/craft.md, Error foreseen). */
export const usualPeople = (unit: LengthUnit): People => {
  const thread = THREAD[unit];
  return {
    // Wavering and the iron come to half a thread together.
    ...{ taken: thread, habit: thread / 2, seam: 0.4 * thread, press: 0.3 * thread },
    drawn: thread,
    ...{ cut: thread / 2, trim: thread / 2, bias: thread, reading: thread },
  };
};
