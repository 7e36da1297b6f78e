/** Why two spots have to be equal, or how they need not be: proofs for a scatter that found no way by itself. */
import { shown, type Apart, type Ground } from './ground';

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
  [a, b, faceA = 0, faceB = 0]: Apart,
): { cast: Map<number, number>; obstacle?: undefined } | { cast?: undefined; obstacle: Obstacle } {
  const crowd = crowdAround(ground, [a, faceA], [b, faceB]);
  if (crowd) return { obstacle: crowd };
  const spots = together(ground, a);
  const cast = everyWay(ground, spots);
  if (cast instanceof Map) return { cast };
  return { obstacle: { kind: cast, spots } };
}

/** Spots that all meet one another and the pair, while they have too few fabrics between them; each by the face that meets. */
function crowdAround(ground: Ground, ...pair: (readonly [spot: number, face: number])[]): Obstacle | undefined {
  const { spots, beside } = ground;
  const meets = ([s, face]: readonly [number, number], [t, theirs]: readonly [number, number]) =>
    beside[s]!.some((b) => b.spot === t && b.own === face && b.theirs === theirs);
  for (const start of pair) {
    const crowd = [start];
    const candidates = beside[start[0]]!.flatMap((b) => (b.own === start[1] ? [[b.spot, b.theirs] as const] : [])).sort(
      ([s], [t]) => spots[s]!.length - spots[t]!.length,
    );
    for (const next of candidates) {
      if (!crowd.every((s) => meets(s, next))) continue;
      crowd.push(next);
      const fabrics = [...new Set(crowd.flatMap(([s, face]) => spots[s]!.map((f) => shown(ground, f, face))))];
      if (fabrics.length < crowd.length) return { kind: 'crowd', spots: crowd.map(([s]) => s), fabrics };
    }
  }
  return undefined;
}

function together({ beside }: Ground, start: number): number[] {
  const seen = new Set([start]);
  for (const spot of seen) for (const next of beside[spot]!) seen.add(next.spot);
  return [...seen];
}

/** Tries every way of casting the spots, the one with the fewest fabrics left first; says when patience ended. */
function everyWay(ground: Ground, which: readonly number[]): Map<number, number> | 'every way' | 'not found' {
  const { spots, beside } = ground;
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
      const taken: [spot: number, fabric: number][] = [];
      for (const { spot: n, own, theirs } of beside[spot]!) {
        const open = cast.has(n) ? undefined : free.get(n);
        for (const g of open ?? [])
          if (shown(ground, g, theirs) === shown(ground, f, own)) {
            open!.delete(g);
            taken.push([n, g]);
          }
      }
      if (taken.every(([n]) => free.get(n)!.size > 0)) {
        const way = go();
        if (way !== false) return way;
      }
      for (const [n, g] of taken) free.get(n)!.add(g);
      cast.delete(spot);
    }
    return false;
  }
}
