/** Why two spots have to be equal, or how they need not be: proofs for a scatter that found no way by itself. */
import type { Ground } from './ground';

export type Obstacle =
  /** These spots all meet one another, and there are fewer fabrics for them. */
  | { kind: 'crowd'; spots: number[]; fabrics: number[] }
  /** Every way of casting these spots, which hang together, was tried. */
  | { kind: 'every way'; spots: number[] }
  /** The search came to the end of its patience. */
  | { kind: 'not found'; spots: number[] };

/** Steps of the search for every way. */
const PATIENCE = 200_000;

/** A cast of the spots that hang together with a clashing pair, or what stands in its way. */
export function obstacleOf(
  ground: Ground,
  [a, b]: readonly [number, number],
): { cast: Map<number, number>; obstacle?: undefined } | { cast?: undefined; obstacle: Obstacle } {
  const crowd = crowdAround(ground, a, b);
  if (crowd) return { obstacle: crowd };
  const spots = together(ground, a);
  const cast = everyWay(ground, spots);
  if (cast instanceof Map) return { cast };
  return { obstacle: { kind: cast, spots } };
}

/** Spots that all meet one another and the pair, while they have too few fabrics between them. */
function crowdAround({ spots, beside }: Ground, a: number, b: number): Obstacle | undefined {
  const meets = (s: number, t: number) => beside[s]!.includes(t);
  for (const start of [a, b]) {
    const crowd = [start];
    const candidates = [...beside[start]!].sort((s, t) => spots[s]!.length - spots[t]!.length);
    for (const next of candidates) {
      if (!crowd.every((s) => meets(s, next))) continue;
      crowd.push(next);
      const fabrics = [...new Set(crowd.flatMap((s) => spots[s]!))];
      if (fabrics.length < crowd.length) return { kind: 'crowd', spots: crowd, fabrics };
    }
  }
  return undefined;
}

function together({ beside }: Ground, start: number): number[] {
  const seen = new Set([start]);
  for (const spot of seen) for (const next of beside[spot]!) seen.add(next);
  return [...seen];
}

/** Tries every way of casting the spots, the one with the fewest fabrics left first; says when patience ended. */
function everyWay({ spots, beside }: Ground, which: readonly number[]): Map<number, number> | 'every way' | 'not found' {
  const free = new Map(which.map((s) => [s, new Set(spots[s]!)]));
  const cast = new Map<number, number>();
  let steps = 0;
  const way = go();
  return way === true ? cast : way === false ? 'every way' : 'not found';

  /** True when all are cast, false when none can be, undefined when patience ended. */
  function go(): boolean | undefined {
    let spot = -1;
    for (const [s, choices] of free)
      if (!cast.has(s) && (spot < 0 || choices.size < free.get(spot)!.size)) {
        spot = s;
        if (choices.size < 2) break;
      }
    if (spot < 0) return true;
    for (const f of [...free.get(spot)!]) {
      if ((steps += 1) > PATIENCE / Math.max(1, which.length / 100)) return undefined;
      cast.set(spot, f);
      const taken = beside[spot]!.filter((n) => free.has(n) && !cast.has(n) && free.get(n)!.delete(f));
      if (taken.every((n) => free.get(n)!.size > 0)) {
        const way = go();
        if (way !== false) return way;
      }
      for (const n of taken) free.get(n)!.add(f);
      cast.delete(spot);
    }
    return false;
  }
}
