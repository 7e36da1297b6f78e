/** Lengths of a document, each with its place when it is refused. */
import { LengthError, formatLength, parseLength, type Rational, type LengthUnit } from '../../measure';
import type { LengthFile } from '../document/document';
import { words } from './words';

/** Notes an error and its place. */
export type Refuse = (path: string, message: string) => void;
/** Reads a length; what is wrong with it is noted, and the fallback returned. */
export type ReadLength = (
  written: LengthFile | undefined,
  path: string,
  options?: { zero?: boolean; limit?: number; fallback?: string },
) => Rational;

/** A reader of lengths in the document's unit. */
export function lengthReader(unit: LengthUnit, refuse: Refuse): ReadLength {
  return (written, path, { zero = false, limit, fallback = '1' } = {}) => {
    let read = parseLength(fallback, unit);
    try {
      if (written !== undefined) read = parseLength(written, unit);
    } catch (error) {
      if (!(error instanceof LengthError)) throw error;
      refuse(path, error.message);
    }
    if (!zero && read.equals(0)) {
      refuse(path, words.mustBeMoreThanZero);
      return parseLength(fallback, unit);
    }
    if (limit !== undefined && read.compare(limit) > 0)
      refuse(path, words.isBeyondReasonAtMost(formatLength(read, unit), limit, unit));
    return read;
  };
}
