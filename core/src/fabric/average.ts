/** A print at arm's length: its average colour, and how loud it is. */
import { formatHex, toLab } from '../ink/colour-spaces';
import { inkShare, type Print } from './print';
import { value } from './value';

/** What of a print's contrast is left at arm's length, where small repeats run together: none at 0, all from 2 in or 5 cm on. */
const leftAt = (repeat: number, unit: 'in' | 'cm') => Math.min(1, repeat / (unit === 'in' ? 2 : 5));

/** The average colour of ground and ink, mixed in CIELAB by the share of each. */
export function averageColour(ground: string, print: Print | undefined): string {
  const [g, i] = [toLab(ground), print && toLab(print.ink)];
  if (!print || !g || !i) return ground;
  const share = inkShare[print.pattern];
  const mix = (key: 'l' | 'a' | 'b') => (g[key] ?? 0) * (1 - share) + (i[key] ?? 0) * share;
  return formatHex({ mode: 'lab', l: mix('l'), a: mix('a'), b: mix('b') });
}

/** The spread of L* that is left at arm's length: of two values so far apart, in these shares. */
export function volumeOf(ground: string, print: Print | undefined, unit: 'in' | 'cm'): number {
  if (!print) return 0;
  const share = inkShare[print.pattern];
  const apart = Math.abs(value(ground) - value(print.ink));
  return Math.sqrt(share * (1 - share)) * apart * leftAt(print.repeat, unit);
}
