/** Days as people write them in lists. */
import { isDay } from '../programme';
import { words } from './words';

/**
 * '2027-04-03', '3.4.2027' or '14/4/2027' as ISO writes it. A day that could be read two ways, like 03/04/2027, is not guessed at.
 */
export function readDay(written: string): string | { wrong: string } {
  const iso = (y: string, m: string, d: string): string | { wrong: string } => {
    const day = `${y}-${m.padStart(2, '0')}-${d.padStart(2, '0')}`;
    return isDay(day) ? day : { wrong: words.isntADate(written) };
  };
  const plain = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(written);
  if (plain) return iso(plain[1]!, plain[2]!, plain[3]!);
  const dotted = /^(\d{1,2})\.\s?(\d{1,2})\.\s?(\d{4})$/.exec(written);
  if (dotted) return iso(dotted[3]!, dotted[2]!, dotted[1]!);
  const slashed = /^(\d{1,2})\/(\d{1,2})\/(\d{4})$/.exec(written);
  if (!slashed) return { wrong: words.isntADateWeCanRead(written) };
  const [, a, b, y] = slashed as unknown as [string, string, string, string];
  if (a === b || Number(a) > 12) return iso(y, b, a);
  if (Number(b) > 12) return iso(y, a, b);
  return {
    wrong: words.canBeReadTwoWaysWrite(written, y, b.padStart(2, '0'), a.padStart(2, '0')),
  };
}
