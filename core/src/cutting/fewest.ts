/** How many new bolts hold a number of lengths, none of which may be cut in two. */
import { pack, type Patience } from './packing';

/** Steps that the search between the bound and the plain way may take. */
const PATIENCE = 20_000;

/**
 * The fewest bins of `capacity` that hold all lengths (whole ticks, none longer than a bin), `counts` of each. Bound by bound: where the
 * longest-first way meets what no packing undercuts, there is nothing to search; else what lies between is tried with patience.
 */
export function fewestBins(lengths: readonly number[], counts: readonly number[], capacity: number): number {
  const all = lengths.flatMap((l, i) => new Array<number>(counts[i]!).fill(l)).sort((a, b) => b - a);
  const most = longestFirst(all, capacity);
  const patience: Patience = { left: PATIENCE };
  for (let bins = leastBins(all, capacity); bins < most; bins += 1) {
    const bin = { capacity, least: () => 0, lay: () => ({ waste: 0, detail: undefined }) };
    if (pack(lengths, counts, new Array<typeof bin>(bins).fill(bin), patience)) return bins;
    if (patience.left < 0) break;
  }
  return most;
}

/** The longest first, each into the first bin with room. */
function longestFirst(sorted: readonly number[], capacity: number): number {
  const rooms: number[] = [];
  for (const length of sorted) {
    const at = rooms.findIndex((room) => room >= length);
    if (at < 0) rooms.push(capacity - length);
    else rooms[at]! -= length;
  }
  return rooms.length;
}

/**
 * No packing takes fewer. Lengths above capacity − k have a bin each that nothing of k or more joins; those above half have one each;
 * what is left of the lengths of at least k fills the room that the latter leave (Martello and Toth's L2).
 */
function leastBins(sorted: readonly number[], capacity: number): number {
  let least = 0;
  for (const k of [0, ...new Set(sorted.filter((l) => 2 * l <= capacity))]) {
    const alone = sorted.filter((l) => l > capacity - k).length;
    const large = sorted.filter((l) => l <= capacity - k && 2 * l > capacity);
    const small = sorted.filter((l) => 2 * l <= capacity && l >= k).reduce((a, b) => a + b, 0);
    const room = large.reduce((sum, l) => sum + capacity - l, 0);
    least = Math.max(least, alone + large.length + Math.max(0, Math.ceil((small - room) / capacity)));
  }
  return least;
}
