/** What a size that was measured on the way says: whether it is fine, what to do, and what the sizes after it will come to if nothing is done. */
import type { LengthUnit } from '../measure';
import { diagnose, readable, type Measured } from './diagnosis';
import { words } from './words';

export interface CheckpointSaid {
  verdict: 'right' | 'fine' | 'small' | 'large';
  says: string[];
}

/** A size that is still to come, in the document's unit. */
export interface Ahead {
  what: string;
  expected: number;
  seams: number;
}

/** So much off can be eased in when the part is pinned to the next: a sixteenth, or one and a half millimetres. */
const EASED: Record<LengthUnit, number> = { in: 1 / 16, cm: 0.15 };
/** Half of the finest mark that people read. */
const READING: Record<LengthUnit, number> = { in: 1 / 32, cm: 0.05 };
const DUST = 1e-9;

/**
 * `sizes`: what was measured of one checkpoint, sides and blocks; `ahead`: sizes after it, in order, the whole block last. Where each of k seams takes d too much, a later
 * size across m seams comes out m·d short (docs/craft.md, Seam diagnosis). Undefined where nothing was measured.
 */
export function sayCheckpoint(
  sizes: readonly Measured[],
  ahead: readonly Ahead[],
  { seam, unit }: { seam: number; unit: LengthUnit },
): CheckpointSaid | undefined {
  if (sizes.length === 0) return undefined;
  const short = (m: Measured) => m.expected - m.measured;
  const worst = sizes.reduce((a, b) => (Math.abs(short(b)) > Math.abs(short(a)) ? b : a));
  const off = short(worst);
  if (Math.abs(off) <= READING[unit] + DUST) return { verdict: 'right', says: [words.itMeasuresAsItShould] };
  const amount = readable(Math.abs(off), unit);
  if (Math.abs(off) <= EASED[unit] + DUST)
    return {
      verdict: 'fine',
      says: [off > 0 ? words.aLittleSmallEaseIt(amount) : words.aLittleLargeEaseIt(amount), ...comingTo()],
    };
  const what = off > 0 ? [words.itIsSmall(amount), words.pressItAgain] : [words.itIsLarge(amount), words.trimItToSize];
  // The seam is told by the diagnosis, in the same words as everywhere; how weak one size is shows in its range.
  const found = diagnose(sizes, { seam, unit });
  const told = found.each ? found.says.slice(0, 2) : [];
  return { verdict: off > 0 ? 'small' : 'large', says: [...what, ...told, ...comingTo()] };

  function comingTo(): string[] {
    const seams = sizes.reduce((sum, m) => sum + m.seams, 0);
    const each = sizes.reduce((sum, m) => sum + short(m), 0) / Math.max(1, seams);
    const later = [ahead[0], ahead.at(-1)].filter((point, i, all): point is Ahead => !!point && all.indexOf(point) === i);
    return later
      .filter((point) => Math.abs(point.seams * each) > READING[unit])
      .map((point) =>
        words.sewnOnLikeThis(point.what, readable(point.expected - point.seams * each, unit), readable(point.expected, unit)),
      );
  }
}
