/** Measured sizes as people write them down. */
import { LengthError, parseLength, type LengthUnit } from '../measure';
import type { Measured } from './diagnosis';
import { words } from './words';

/** A size that was measured, as it was written; '' for what was not noted. */
export interface WrittenSize {
  what: string;
  /** Across the side that was measured; 0 for a cut piece. */
  seams: number;
  expected: string;
  measured: string;
  before: string;
}

/** Those that can be read, as numbers: a size that is still being written, or was in another unit, is left out. */
export function readSizes(sizes: readonly WrittenSize[], unit: LengthUnit): Measured[] {
  return sizes.flatMap((s): Measured[] => {
    const [expected, measured, before] = [s.expected, s.measured, s.before].map((text) => writtenLength(text, unit));
    if (expected === undefined || measured === undefined) return [];
    return [{ what: s.what || words.thisSize, seams: s.seams, expected, measured, ...(before !== undefined && { before }) }];
  });
}

/** A length as somebody writes it; undefined while it is none. */
export function writtenLength(text: string, unit: LengthUnit): number | undefined {
  try {
    return text.trim() ? parseLength(text, unit).valueOf() : undefined;
  } catch (error) {
    if (error instanceof LengthError) return undefined;
    throw error;
  }
}
