/** What a finished unit measures before it is sewn to others: its checkpoint. */
import { Exact } from '../measure';
import type { UnitPlan } from './construct';
import type { SewingStyle } from './style';

export interface UnitMeasure {
  w: Exact;
  h: Exact;
  /** Where to lay the ruler, when it is not across its sides: 'along both short edges, …'. */
  what: string;
  /** Of a square: one number tells it. */
  square: boolean;
}

/** The unfinished size of a unit as a ruler meets it. */
export function unitMeasure({ kind, seen, w, h }: UnitPlan, style: SewingStyle): UnitMeasure {
  const own = kind.measure?.(seen, style);
  if (own) return { ...own, square: false };
  const plus = (x: Exact) => x.plus(Exact.of(style.seam).times(2));
  return { w: plus(w), h: plus(h), what: '', square: w.equals(h) };
}
