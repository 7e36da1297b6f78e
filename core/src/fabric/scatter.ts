/**
 * Scatters the fabrics of pools over a quilt (docs/craft.md, Scrappy fabrics): equal ones do not touch, each is used about equally often, and none more
 * often than it may be. The same task and seed always give the same cast.
 */
import { evenOut } from './even-out';
import { clashesAt, clashesOf, faceOf, put, shown, type Apart, type Neighbour, type Ground, type ScatterTask } from './ground';
import { obstacleOf, type Obstacle } from './obstacle';
import { seeded } from '../measure';

export interface Scatter {
  /** Fabric by spot. */
  cast: number[];
  /** Pairs that are equal all the same, and what stood in the way of the first. */
  clashes: Apart[];
  obstacle?: Obstacle;
  /** Fabrics that are used more often than they may be. */
  short: number[];
}

/** A cast of all spots. Throws RangeError for a spot without choices. */
export function scatter(task: ScatterTask): Scatter {
  const { spots, apart, limits, seed } = task;
  const bare = spots.findIndex((choices) => choices.length === 0);
  if (bare >= 0) throw new RangeError(`spot ${bare} has no fabric to choose from`);
  const beside = spots.map((): Neighbour[] => []);
  for (const [a, b, faceA = 0, faceB = 0] of apart) {
    beside[a]!.push({ spot: b, own: faceA, theirs: faceB });
    beside[b]!.push({ spot: a, own: faceB, theirs: faceA });
  }
  const facing = beside.map((all) => [...new Set(all.map((b) => b.own))]);
  const ground: Ground = { ...task, beside, facing, cast: spots.map(() => -1), used: limits.map(() => 0) };
  const random = seeded(seed);
  castHardestFirst(ground, random);
  let clashes = clashesOf(ground);
  let obstacle: Obstacle | undefined;
  if (clashes.length > 0) {
    clashes = repair(ground, random);
    // Where trying about did not help, every way is tried, or it is told why there is none.
    while (clashes.length > 0) {
      const found = obstacleOf(ground, clashes[0]!);
      if (found.cast) for (const [spot, fabric] of found.cast) put(ground, spot, fabric);
      else obstacle ??= found.obstacle;
      if (!found.cast) break;
      clashes = clashesOf(ground);
    }
  }
  evenOut(ground);
  return {
    cast: ground.cast,
    clashes,
    ...(obstacle && { obstacle }),
    short: limits.flatMap((limit, f) => (ground.used[f]! > limit ? [f] : [])),
  };
}

/** Spot after spot, the one with the fewest fabrics left first; of those the fabric that is used least. */
function castHardestFirst(ground: Ground, random: () => number): void {
  const { spots, beside, facing, limits, cast, used } = ground;
  /** How often the neighbours cast so far show a fabric to a face of a spot. */
  const near = spots.map(() => new Map<number, number>());
  const clashes = (spot: number, f: number) => {
    let n = 0;
    for (const face of facing[spot]!) n += near[spot]!.get(faceOf(face, shown(ground, f, face))) ?? 0;
    return n;
  };
  const left = spots.map((choices) => choices.length);
  const tie = spots.map(() => random());
  // Spots by how many fabrics are left to them; a spot is looked up again in case it has moved down meanwhile.
  const queues: number[][] = [];
  const queue = (spot: number) => (queues[left[spot]!] ??= []).push(spot);
  [...spots.keys()].sort((a, b) => beside[a]!.length - beside[b]!.length || tie[a]! - tie[b]!).forEach(queue);
  for (let done = 0; done < spots.length;) {
    const level = queues.findIndex((q) => q && q.length > 0);
    const spot = queues[level]!.pop()!;
    if (cast[spot]! >= 0 || left[spot] !== level) continue;
    let best = -1;
    let cost = Infinity;
    for (const f of spots[spot]!) {
      const over = used[f]! >= limits[f]! ? 1e3 : 0;
      const now = clashes(spot, f) * 1e6 + over + used[f]! + random() / 2;
      if (now < cost) [best, cost] = [f, now];
    }
    put(ground, spot, best);
    done += 1;
    for (const { spot: n, own, theirs } of beside[spot]!) {
      if (cast[n]! >= 0) continue;
      const shows = shown(ground, best, own);
      const key = faceOf(theirs, shows);
      const count = near[n]!.get(key) ?? 0;
      near[n]!.set(key, count + 1);
      // Those that only this neighbour forbids are fewer now.
      if (count > 0) continue;
      const fewer = spots[n]!.filter((f) => shown(ground, f, theirs) === shows && clashes(n, f) === 1).length;
      if (fewer === 0) continue;
      left[n]! -= fewer;
      queue(n);
    }
  }
}

/** Recasts spots that clash, never the same way again soon, until none clashes or patience ends. The best cast found stays. */
function repair(ground: Ground, random: () => number): Apart[] {
  const { spots, cast, limits, used } = ground;
  let best = clashesOf(ground);
  let bestCast = [...cast];
  const until = new Map<string, number>();
  const patience = 2000 + 20 * spots.length;
  for (let step = 0; step < patience && best.length > 0; step += 1) {
    const clashing = [...new Set(clashesOf(ground).flatMap(([a, b]) => [a, b]))];
    if (clashing.length === 0) break;
    let move: readonly [spot: number, fabric: number] | undefined;
    let gain = Infinity;
    for (const spot of clashing.slice(0, 60)) {
      const now = clashesAt(ground, spot, cast[spot]!);
      for (const f of spots[spot]!) {
        if (f === cast[spot] || (until.get(`${spot} ${f}`) ?? 0) > step) continue;
        const delta = clashesAt(ground, spot, f) - now + (used[f]! >= limits[f]! ? 0.5 : 0) + random() / 4;
        if (delta < gain) [move, gain] = [[spot, f], delta];
      }
    }
    if (!move) continue;
    until.set(`${move[0]} ${cast[move[0]]}`, step + 6 + Math.floor(random() * 8));
    put(ground, ...move);
    const now = clashesOf(ground);
    if (now.length < best.length) [best, bestCast] = [now, [...cast]];
  }
  bestCast.forEach((fabric, spot) => put(ground, spot, fabric));
  return best;
}
