/**
 * Cut lengths on real bolts (docs/craft.md, Bolts and dye lots): no cut crosses a bolt's end, what belongs together comes from one dye lot, part bolts are used up
 * first, and what remains can still be sold. What the shelf does not hold is to be ordered.
 */
import { ratio, type Rational } from '../measure';
import { leastWaste, pack, sums, type Bin, type Patience } from './packing';

export interface BoltOnShelf {
  id: string;
  length: Rational;
  dyeLot: string;
}

/** Lengths that belong to one person; several are cut from one dye lot. */
export interface LengthSet {
  label: string;
  lengths: readonly { label: string; length: Rational }[];
  qty: number;
}

export interface BoltCut {
  label: string;
  length: Rational;
  qty: number;
}

export interface BoltPlan {
  /** Every bolt of the shelf, in the order given, with what is cut from it and what remains. */
  bolts: { bolt: BoltOnShelf; cuts: BoltCut[]; rest: Rational }[];
  /** What is to be ordered. */
  order: { label: string; qty: number; length: Rational }[];
  /** Remainders of bolts in hand that are too short to be sold. */
  waste: Rational;
  /** Whether no other way orders less, wastes less, or leaves less on the bolts that are begun; else the search was stopped. */
  proven: boolean;
}

const PATIENCE = 60_000;
/** Beyond so many bolts the sets of bolts to begin are not listed; all are offered. */
const LISTED = 12;

interface BoltUse {
  bolts: { id: string; counts: number[] }[];
}

/**
 * The best way to cut the sets from the shelf: as little as can be is ordered; then as little as can be remains in unsaleable ends; then
 * the bolts that are begun are used up as far as can be. Sets that do not fit whole are ordered.
 */
export function allocate(wanted: readonly LengthSet[], shelf: readonly BoltOnShelf[], saleable: Rational): BoltPlan {
  const sets = alike(wanted.filter((s) => s.qty > 0 && s.lengths.length > 0)).sort((a, b) => lengthOf(b).compare(lengthOf(a)));
  const tick = commonTick(sets.flatMap((s) => s.lengths.map((l) => l.length)));
  const whole = (x: Rational) => x.div(tick).floor().valueOf();
  const kinds = [...new Map(sets.flatMap((s) => s.lengths).map((l) => [l.length.toFraction(), l.length])).values()].sort(
    (a, b) => b.compare(a),
  );
  const kindTicks = kinds.map(whole);
  /** How many of each kind of length a set has. */
  const holds = sets.map((s) => kinds.map((k) => s.lengths.filter((l) => l.length.equals(k)).length));
  const patience: Patience = { left: PATIENCE };
  const limit = saleable.div(tick).valueOf();
  const bolts = [...shelf].sort((a, b) => a.length.compare(b.length));
  const setTicks = sets.map((s) => s.lengths.reduce((sum, l) => sum + whole(l.length), 0));
  const counts = sets.map((s) => s.qty);
  const total = setTicks.reduce((sum, t, i) => sum + t * counts[i]!, 0);

  /** A bolt's own end below the tick belongs to its remainder. */
  const wasteOf = (bolt: BoltOnShelf, used: number) => {
    const rest = bolt.length.div(tick).valueOf() - used;
    return used === 0 || rest < 1e-9 || rest >= limit - 1e-9 ? 0 : rest;
  };
  const boltBin = (bolt: BoltOnShelf): Bin<undefined> => ({
    capacity: whole(bolt.length),
    least: (empty) => wasteOf(bolt, whole(bolt.length) - empty),
    lay: (_, used) => ({ waste: wasteOf(bolt, used), detail: undefined }),
  });
  /** Bolts among which a set may be shared: those of one lot, or each by itself where sets are single lengths. */
  const together = (some: readonly BoltOnShelf[]): BoltOnShelf[][] => {
    if (sets.every((s) => s.lengths.length === 1)) return some.map((b) => [b]);
    const lots = new Map<string, BoltOnShelf[]>();
    for (const b of some) lots.set(b.dyeLot, [...(lots.get(b.dyeLot) ?? []), b]);
    return [...lots.values()];
  };
  const lotBin = (lot: readonly BoltOnShelf[]): Bin<BoltUse> => ({
    capacity: lot.reduce((sum, b) => sum + whole(b.length), 0),
    least: (empty) => (lot.length === 1 ? wasteOf(lot[0]!, whole(lot[0]!.length) - empty) : 0),
    lay: (chosen) => {
      const pieces = kinds.map((_, k) => chosen.reduce((sum, n, s) => sum + n * holds[s]![k]!, 0));
      const packed = pack(kindTicks, pieces, lot.map(boltBin), patience);
      if (!packed) return undefined;
      return { waste: packed.waste, detail: { bolts: lot.map((b, i) => ({ id: b.id, counts: packed.bins[i]!.counts })) } };
    },
  });
  const orderBin = (capacity: number): Bin<BoltUse> => ({
    capacity,
    least: () => 0,
    lay: () => ({ waste: 0, detail: { bolts: [] } }),
  });
  const attempt = (some: readonly BoltOnShelf[], order: number) =>
    pack(setTicks, counts, [...together(some).map(lotBin), orderBin(order)], patience);

  let found: ReturnType<typeof attempt>;
  if (total > 0) {
    const space = bolts.reduce((sum, b) => sum + whole(b.length), 0);
    // Everything from the shelf: the bolts to begin in order of what they would leave.
    if (total <= space) {
      const least = leastWaste(together(bolts).map(lotBin), space - total)[0]![space - total]!;
      for (const some of bolts.length <= LISTED ? subsets(bolts, whole, total) : [bolts]) {
        const packed = attempt(some, 0);
        if (packed && (!found || packed.waste < found.waste)) found = packed;
        if ((found && found.waste <= least + 1e-9) || patience.left < 0) break;
      }
    }
    // Else the least that has to be ordered: every sum that sets can make, from the least on.
    if (!found) {
      const possible = sums(setTicks, counts, total)[0]!;
      for (let order = Math.max(1, total - space); order <= total && !found && patience.left > 0; order += 1)
        if (possible[order]) found = attempt(bolts, order);
    }
  }
  const proven = patience.left > 0 && (total > 0 ? found !== undefined : true);
  const bins = found ? found.bins : total > 0 ? byHand() : [];
  return written(bins, proven);

  /** The longest first, each into the shortest lot that still has room; what has none is ordered. */
  function byHand(): { counts: number[]; detail: BoltUse }[] {
    const lots = together(bolts).map((lot) => ({ bin: lotBin(lot), counts: sets.map(() => 0) }));
    const left = [...counts];
    patience.left = PATIENCE;
    sets.forEach((_, s) => {
      for (const lot of lots) {
        while (left[s]! > 0) {
          const more = lot.counts.map((n, i) => n + Number(i === s));
          const used = more.reduce((sum, n, i) => sum + n * setTicks[i]!, 0);
          if (used > lot.bin.capacity || !lot.bin.lay(more, used)) break;
          lot.counts = more;
          left[s]! -= 1;
        }
      }
    });
    const laid = lots.map((l) => ({
      counts: l.counts,
      detail: l.bin.lay(
        l.counts,
        l.counts.reduce((sum, n, i) => sum + n * setTicks[i]!, 0),
      )!.detail,
    }));
    return [...laid, { counts: left, detail: { bolts: [] } }];
  }

  /** In real lengths, with everybody's labels. */
  function written(bins: { counts: number[]; detail: BoltUse }[], proven: boolean): BoltPlan {
    const cuts = new Map<string, BoltCut[]>(shelf.map((b) => [b.id, []]));
    const order: BoltPlan['order'] = [];
    const waiting = sets.map((set) => set.members.map((m) => ({ ...m })));
    for (const { counts: chosen, detail } of bins) {
      const served = chosen.flatMap((n, s) => next(waiting[s]!, n));
      if (detail.bolts.length === 0) {
        for (const { label, lengths, qty } of served) order.push({ label, qty, length: lengthOf({ lengths }) });
        continue;
      }
      // Whose length of a kind it is, in the order of the sets.
      const queues = kinds.map((kind) =>
        served.flatMap(({ lengths, qty }) =>
          lengths.filter((l) => l.length.equals(kind)).map((l) => ({ label: l.label, qty })),
        ),
      );
      for (const { id, counts: pieces } of detail.bolts)
        pieces.forEach((n, k) => {
          for (let left = n; left > 0;) {
            const head = queues[k]![0]!;
            const qty = Math.min(left, head.qty);
            cuts.get(id)!.push({ label: head.label, length: kinds[k]!, qty });
            head.qty -= qty;
            left -= qty;
            if (head.qty === 0) queues[k]!.shift();
          }
        });
    }
    let waste = ratio(0);
    const planned = shelf.map((bolt) => {
      const own = cuts.get(bolt.id)!;
      const rest = own.reduce((left, c) => left.sub(c.length.mul(c.qty)), bolt.length);
      if (own.length > 0 && rest.compare(saleable) < 0) waste = waste.add(rest);
      return { bolt, cuts: own, rest };
    });
    return { bolts: planned, order, waste, proven };
  }
}

/** Sets of the same lengths count together, whoever they are for. */
function alike(sets: readonly LengthSet[]): (LengthSet & { members: LengthSet[] })[] {
  const found = new Map<string, LengthSet & { members: LengthSet[] }>();
  for (const set of sets) {
    const key = set.lengths
      .map((l) => l.length.toFraction())
      .sort()
      .join(' ');
    const same = found.get(key);
    if (same) {
      same.qty += set.qty;
      same.members.push(set);
    } else found.set(key, { ...set, members: [set] });
  }
  return [...found.values()];
}

/** Takes the next so many sets off a queue. */
function next(queue: LengthSet[], count: number): LengthSet[] {
  const taken: LengthSet[] = [];
  for (let left = count; left > 0;) {
    const head = queue[0]!;
    const qty = Math.min(left, head.qty);
    taken.push({ ...head, qty });
    head.qty -= qty;
    left -= qty;
    if (head.qty === 0) queue.shift();
  }
  return taken;
}

const lengthOf = (set: Pick<LengthSet, 'lengths'>) => set.lengths.reduce((sum, l) => sum.add(l.length), ratio(0));

/** The largest length that divides them all. */
function commonTick(lengths: readonly Rational[]): Rational {
  const gcd = (a: bigint, b: bigint): bigint => (b === 0n ? a : gcd(b, a % b));
  const common = lengths.reduce((n, x) => (n / gcd(n, x.d)) * x.d, 1n);
  return ratio(lengths.reduce((g, x) => gcd(g, x.n * (common / x.d)), 0n) || 1n, common);
}

/** Sets of bolts that hold `total`, those that hold the least first. */
function subsets(bolts: readonly BoltOnShelf[], whole: (x: Rational) => number, total: number): BoltOnShelf[][] {
  const found: { some: BoltOnShelf[]; real: number }[] = [];
  for (let set = 1; set < 1 << bolts.length; set += 1) {
    const some = bolts.filter((_, i) => set & (1 << i));
    if (some.reduce((sum, b) => sum + whole(b.length), 0) < total) continue;
    found.push({ some, real: some.reduce((sum, b) => sum + b.length.valueOf(), 0) });
  }
  return found.sort((a, b) => a.real - b.real || b.some.length - a.some.length).map((f) => f.some);
}
