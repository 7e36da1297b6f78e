/** What a unit is called where it is laid and sewn: a plain patch by its cut, which it is written on, everything else by its own label. */
import type { Construction, UnitPlan } from '../construction';
import { isPlain } from './sheet-unit';
import { words } from './words/piece-name';

/** 'U1', 'B2' for a plain patch, 'a triangle of C1' for a loose one. */
export function pieceName(unit: UnitPlan, { cuts }: Pick<Construction, 'cuts'>): string {
  const cut = cuts.find((row) => row.serves.includes(unit))?.label;
  if (unit.label) return isPlain(unit) && cut ? cut : unit.label;
  return unit.pooled ? words.aTriangleFromThePool(unit.roles[0]) : words.aTriangleOf(cut);
}
