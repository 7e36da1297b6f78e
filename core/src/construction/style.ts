/** How a house sews: seam, rounding, sizing and the method for each unit kind. */
import { ratio, type Rational, type Unit } from '../measure';

export type Sizing = 'exact' | 'trim-down';

export interface SewingStyle {
  unit: Unit;
  /** Seam allowance s, in the document's unit. */
  seam: Rational;
  /** The ruler step that cut sizes are rounded up to. */
  rounding: Rational;
  sizing: Sizing;
  /** What trim-down sizing adds to the finished size, per unit kind. */
  oversize: Record<string, Rational>;
  /** The chosen method per unit kind. */
  methods: Record<string, string>;
}

/** The inch house of handbook 2: quarter-inch seam, eighths, exact sizes. */
export const inchStyle: SewingStyle = {
  unit: 'in',
  seam: ratio(1, 4),
  rounding: ratio(1, 8),
  sizing: 'exact',
  oversize: { hst: ratio(1, 8), qst: ratio(1, 4), geese: ratio(1, 8) },
  methods: { hst: 'two-at-a-time' },
};
