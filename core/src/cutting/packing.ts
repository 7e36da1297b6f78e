/** Whether lengths go into given bins, and how with the least waste: exact search, bin by bin. All measures in whole ticks. */

export interface Bin<Detail> {
  capacity: number;
  /** No less is wasted when so much of it stays empty. */
  least(empty: number): number;
  /** What so many of each kind in this bin waste, and how they lie; undefined when they do not fit after all. */
  lay(counts: readonly number[], used: number): { waste: number; detail: Detail } | undefined;
}

export interface Packed<Detail> {
  waste: number;
  /** By bin. */
  bins: { counts: number[]; detail: Detail }[];
}

/** Steps that a search may take; shared among searches that belong together. */
export interface Patience {
  left: number;
}

/**
 * Puts all of the kinds (their lengths and how many of each) into the bins with the least waste; undefined when that cannot be. When
 * `patience` runs out the best so far is given, and `patience.left` is not above zero.
 */
export function pack<Detail>(
  lengths: readonly number[],
  counts: readonly number[],
  bins: readonly Bin<Detail>[],
  patience: Patience,
): Packed<Detail> | undefined {
  let best: Packed<Detail> | undefined;
  const total = lengths.reduce((sum, length, k) => sum + length * counts[k]!, 0);
  const room = bins.reduce((sum, b) => sum + b.capacity, 0);
  const chosen: Packed<Detail>['bins'] = [];
  const dead = new Set<string>();
  if (total > room) return undefined;
  const bound = leastWaste(bins, room - total);
  search(0, [...counts], total, room, 0);
  return best;

  function search(at: number, left: number[], needed: number, space: number, waste: number): void {
    if (best && waste + bound[at]![space - needed]! > best.waste - DUST) return;
    const bin = bins[at];
    if (!bin) {
      if (needed === 0) best = { waste, bins: chosen.map((b) => ({ ...b })) };
      return;
    }
    const key = `${at} ${left.join(' ')}`;
    if (dead.has(key)) return;
    // What is empty here is not empty elsewhere; the ways that promise the least waste come first, the fullest of them before others.
    const slack = space - needed;
    const ways: { empty: number; promise: number }[] = [];
    for (let empty = 0; empty <= Math.min(slack, bin.capacity); empty += 1)
      ways.push({ empty, promise: bin.least(empty) + bound[at + 1]![slack - empty]! });
    ways.sort((a, b) => a.promise - b.promise || a.empty - b.empty);
    const before = best;
    for (const fill of fills(
      lengths,
      left,
      ways.filter((w) => w.promise < Infinity).map((w) => bin.capacity - w.empty),
      bin.capacity,
    )) {
      patience.left -= 1;
      if (patience.left < 0 || (best && best.waste <= bound[0]![room - total]! + DUST)) return;
      const laid = bin.lay(fill.counts, fill.used);
      if (!laid) continue;
      chosen[at] = { counts: fill.counts, detail: laid.detail };
      const rest = left.map((n, k) => n - fill.counts[k]!);
      if (needed - fill.used <= space - bin.capacity)
        search(at + 1, rest, needed - fill.used, space - bin.capacity, waste + laid.waste);
      chosen.length = at;
    }
    // Nothing was found below that state with all the time in the world.
    if (best === undefined && before === undefined && patience.left > 0) dead.add(key);
  }
}

/** Sums of floating-point wastes are equal up to this. */
const DUST = 1e-9;

/** By bin and by what stays empty in it and all after it: the waste that no filling undercuts, Infinity where it cannot be. */
export function leastWaste(bins: readonly Pick<Bin<unknown>, 'capacity' | 'least'>[], slack: number): Float64Array[] {
  const found: Float64Array[] = new Array(bins.length + 1);
  let after = new Float64Array(slack + 1).fill(Infinity);
  after[0] = 0;
  found[bins.length] = after;
  for (let at = bins.length - 1; at >= 0; at -= 1) {
    const { capacity, least } = bins[at]!;
    const now = new Float64Array(slack + 1).fill(Infinity);
    // Empty by so much or more, nothing is wasted: then only the best of what the others leave counts.
    let free = capacity;
    while (free > 0 && least(free - 1) === 0) free -= 1;
    for (let sum = 0; sum <= slack; sum += 1) {
      for (let empty = 0; empty < Math.min(free, sum + 1); empty += 1)
        now[sum] = Math.min(now[sum]!, least(empty) + after[sum - empty]!);
    }
    slidingMinimum(after, free, capacity, now);
    found[at] = after = now;
  }
  return found;
}

/** Lowers `now[s]` to the least of `after[s - free]` down to `after[s - capacity]`. */
function slidingMinimum(after: Float64Array, free: number, capacity: number, now: Float64Array): void {
  const window: number[] = [];
  let head = 0;
  for (let sum = free; sum < now.length; sum += 1) {
    const enters = sum - free;
    while (window.length > head && after[window.at(-1)!]! >= after[enters]!) window.pop();
    window.push(enters);
    while (window[head]! < sum - capacity) head += 1;
    now[sum] = Math.min(now[sum]!, after[window[head]!]!);
  }
}

/** Ways to fill a bin to one of the levels, in their order, large kinds before small ones; no level is above `most`. */
function* fills(
  lengths: readonly number[],
  counts: readonly number[],
  levels: readonly number[],
  most: number,
): Generator<{ counts: number[]; used: number }> {
  const reachable = sums(lengths, counts, most);
  for (const used of levels) {
    if (!reachable[0]![used]) continue;
    for (const found of ways(0, used)) yield { counts: found, used };
  }

  function* ways(kind: number, rest: number): Generator<number[]> {
    if (kind === lengths.length) return yield [];
    const length = lengths[kind]!;
    for (let n = Math.min(counts[kind]!, Math.floor(rest / length)); n >= 0; n -= 1) {
      if (!reachable[kind + 1]![rest - n * length]) continue;
      for (const more of ways(kind + 1, rest - n * length)) yield [n, ...more];
    }
  }
}

/** By kind: which sums up to `most` that kind and those after it can make. */
export function sums(lengths: readonly number[], counts: readonly number[], most: number): Uint8Array[] {
  const found: Uint8Array[] = new Array(lengths.length + 1);
  let after = new Uint8Array(most + 1);
  after[0] = 1;
  found[lengths.length] = after;
  for (let kind = lengths.length - 1; kind >= 0; kind -= 1) {
    const length = lengths[kind]!;
    const now = new Uint8Array(most + 1);
    // Copies still to spare, sum by sum: a sum that the later kinds make needs none of this one.
    const spare = new Int32Array(most + 1).fill(-1);
    for (let sum = 0; sum <= most; sum += 1) {
      if (after[sum]) spare[sum] = counts[kind]!;
      else if (sum >= length && spare[sum - length]! > 0) spare[sum] = spare[sum - length]! - 1;
      if (spare[sum]! >= 0) now[sum] = 1;
    }
    found[kind] = after = now;
  }
  return found;
}
