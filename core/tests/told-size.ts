/** For the tests: the length that a told size means, '6 1/8 (a thread over)' or 'halfway between 3 and 3 1/8', and how sure it is. */
import { parseLength, type LengthUnit } from '../src/measure';

export interface ToldSize {
  value: number;
  /** 'over', 'under', 'between' or '' where it lies on a mark. */
  off: string;
}

export function toldSize(text: string, unit: LengthUnit): ToldSize {
  const size = (written: string) => parseLength(written, unit).valueOf();
  const [, below, above] = /^halfway between (.+) and (.+)$/.exec(text) ?? [];
  if (below && above) return { value: (size(below) + size(above)) / 2, off: 'between' };
  const [, mark, off] = /^(.+?)(?: \(a thread (over|under)\))?$/.exec(text)!;
  return { value: size(mark!), off: off ?? '' };
}
