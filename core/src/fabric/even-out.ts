/** Evens out how often each fabric of a scatter is used, without letting equal ones touch. */
import { faceOf, put, shown, shownTo, type Ground } from './ground';

/**
 * While some fabric is used at least twice more than another that could take its place, or more often than it may be, a spot of the first passes to
 * the second: at once, or by way of others that each pass one on. With every step fewer uses are beyond a limit, or as many and the sum of squared
 * uses falls, so this ends. No spot comes to touch an equal that did not before, and no limit is passed.
 */
export function evenOut(ground: Ground): void {
  const { spots, cast } = ground;
  for (;;) {
    // Spots that can pass to another fabric as they lie, by what they have and what they could have.
    const passing = new Map<number, Map<number, number>>();
    spots.forEach((_, spot) => {
      for (const f of freeFor(ground, spot)) {
        const from = passing.get(cast[spot]!) ?? new Map<number, number>();
        passing.set(cast[spot]!, from);
        if (!from.has(f)) from.set(f, spot);
      }
    });
    if (!passOne(ground, passing)) return;
  }
}

/** Fabrics that a spot could have instead: none beside it, and not used up. */
function freeFor(ground: Ground, spot: number): number[] {
  const { spots, cast, limits, used } = ground;
  const choices = spots[spot]!;
  if (choices.length < 2) return [];
  const near = shownTo(ground, spot);
  const meets = (f: number) => ground.facing[spot]!.some((face) => near.has(faceOf(face, shown(ground, f, face))));
  return choices.filter((f) => f !== cast[spot] && used[f]! < limits[f]! && !meets(f));
}

/** The shortest way from the fabric that is used most to one that is used less by two or more, passed on; false where there is none. */
function passOne(ground: Ground, passing: Map<number, Map<number, number>>): boolean {
  const { used, limits } = ground;
  const over = (f: number) => Math.max(0, used[f]! - limits[f]!);
  const most = [...passing.keys()].sort((a, b) => over(b) - over(a) || used[b]! - used[a]!);
  for (const start of most) {
    const cameBy = new Map<number, { from: number; spot: number }>();
    const seen = new Set([start]);
    for (const queue = [start]; queue.length > 0;) {
      const f = queue.shift()!;
      const eases = f !== start && (over(start) > 0 ? used[f]! < limits[f]! : used[start]! - used[f]! >= 2);
      if (eases && pass(f)) return true;
      for (const [next, spot] of passing.get(f) ?? [])
        if (!seen.has(next)) {
          seen.add(next);
          cameBy.set(next, { from: f, spot });
          queue.push(next);
        }
    }

    /** From the far end back, so that each step finds what it was promised; a step that no longer holds takes all back. */
    function pass(end: number): boolean {
      const made: [spot: number, was: number][] = [];
      for (let f = end; f !== start;) {
        const { from, spot } = cameBy.get(f)!;
        if (!freeFor(ground, spot).includes(f)) {
          for (const [back, was] of made.reverse()) put(ground, back, was);
          return false;
        }
        made.push([spot, from]);
        put(ground, spot, f);
        f = from;
      }
      return true;
    }
  }
  return false;
}
