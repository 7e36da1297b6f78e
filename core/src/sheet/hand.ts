/** The hands and fabrics that a unit's pictures are drawn for. */
import type { Construction, Hand, UnitPlan } from '../construction';

/** Which fabrics are lighter, which way the plan presses, and the hand that cuts. */
export function handOf(unit: UnitPlan, { order, pressing }: Construction, left: boolean): Hand {
  const dark = (role: string) => order.lightness?.get(role) ?? 50;
  // A mirror image that has no seams of its own is pressed as its twin.
  const seams = pressing.units.get(unit) ?? (unit.twin && pressing.units.get(unit.twin)) ?? [];
  return {
    left,
    lighter: (a, b) => dark(a) > dark(b),
    towards: (seam) => seams[seam]?.[0]?.towards ?? '',
  };
}
