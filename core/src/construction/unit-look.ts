/** What makes units of different blocks the same: kind, method, fabrics and size; however they lie, and on whatever grid they are drawn. */
import type { Construction, UnitPlan } from './construct';
import { pictureText, straightened } from './picture';

/** A name that two units share exactly when one can take the other's place. */
export function unitLook({ kind, method, seen, w, h, mirrored }: UnitPlan, asMirrored = mirrored): string {
  return [asMirrored ? 'mirrored' : '', kind.kind, method.name, w, h, pictureText(seen.picture)].join(' ');
}

/** The unit before it that it is the mirror image of, where both are sewn from others: those are made each as it lies. */
export function imageOf(unit: UnitPlan, { units }: Construction): UnitPlan | undefined {
  if (!unit.places[0]!.inside) return undefined;
  const looks = new Set([0, 1, 2, 3].map((quarters) => pictureText(straightened(unit.seen.picture, quarters, true))));
  return units
    .slice(0, units.indexOf(unit))
    .find((other) => other.places[0]!.inside && looks.has(pictureText(other.seen.picture)));
}

/** What a construction leaves over, by look. Plain patches and what lies inside another unit are cut as needed, never left. */
export function leftOverUnits({ units }: Construction): Map<string, number> {
  const found = new Map<string, number>();
  const add = (look: string, n: number) => {
    if (n > 0) found.set(look, (found.get(look) ?? 0) + n);
  };
  for (const unit of units) {
    add(unitLook(unit), unit.extra);
    add(unitLook(unit, !unit.mirrored), unit.extraMirrored);
  }
  return found;
}
