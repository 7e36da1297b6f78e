/** What makes units of different blocks the same: kind, method, fabrics and size; however they lie, and on whatever grid they are drawn. */
import type { Construction, UnitPlan } from './construct';
import { pictureText, straightened } from './picture';

/** A name that two units share exactly when one can take the other's place. */
export function unitLook({ kind, method, seen, w, h, mirrored }: UnitPlan, asMirrored = mirrored): string {
  return [asMirrored ? 'mirrored' : '', kind.kind, method.name, w, h, pictureText(seen.picture)].join(' ');
}

/**
 * The unit before it that it looks like, where both are sewn from others: those are made each as it lies. Either its mirror image, or `turned`: the
 * same, but that a print which must keep its way up lies another way in it.
 */
export function likeBefore(unit: UnitPlan, { units }: Construction): { unit: UnitPlan; turned: boolean } | undefined {
  if (!unit.places[0]!.inside) return undefined;
  const before = units.slice(0, units.indexOf(unit)).filter((other) => other.places[0]!.inside);
  const looksLike = (mirrored: boolean) => {
    const looks = new Set([0, 1, 2, 3].map((quarters) => pictureText(straightened(unit.seen.picture, quarters, mirrored))));
    return before.find((other) => looks.has(pictureText(other.seen.picture)));
  };
  const same = looksLike(false);
  const found = same ?? looksLike(true);
  return found && { unit: found, turned: found === same };
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
