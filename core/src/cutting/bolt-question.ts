/** What is asked of a shelf, in ticks: which sets of lengths are wanted, and how much of a bolt or of a dye lot they would use and waste. */
import { ratio, type Rational } from '../measure';
import { pack, type Bin, type Patience } from './packing';

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

/** How many lengths of each kind come from each bolt of a lot; no bolts for what is ordered. */
export interface BoltUse {
  bolts: { id: string; counts: number[] }[];
}

/** Sets of the same lengths count together, whoever they are for. */
type AlikeSets = LengthSet & { members: LengthSet[] };

export interface BoltQuestion {
  /** The longest first. */
  sets: AlikeSets[];
  /** How many of each set are wanted, and how long one is. */
  counts: number[];
  setTicks: number[];
  total: number;
  /** Different lengths, the longest first. */
  kinds: Rational[];
  /** The shortest first. */
  bolts: BoltOnShelf[];
  /** A length in whole ticks. */
  whole(length: Rational): number;
  /** Bolts among which a set may be shared: those of one lot, or each by itself where sets are single lengths. */
  together(some: readonly BoltOnShelf[]): BoltOnShelf[][];
  lotBin(lot: readonly BoltOnShelf[]): Bin<BoltUse>;
}

/** `saleable`: the shortest end of a bolt that can still be sold; `patience` is shared by all bins. */
export function boltQuestion(
  wanted: readonly LengthSet[],
  shelf: readonly BoltOnShelf[],
  saleable: Rational,
  patience: Patience,
): BoltQuestion {
  const sets = alike(wanted.filter((s) => s.qty > 0 && s.lengths.length > 0)).sort((a, b) => lengthOf(b).compare(lengthOf(a)));
  const tick = commonTick(sets.flatMap((s) => s.lengths.map((l) => l.length)));
  const whole = (x: Rational) => x.div(tick).floor().valueOf();
  const kinds = [...new Map(sets.flatMap((s) => s.lengths).map((l) => [l.length.toFraction(), l.length])).values()].sort(
    (a, b) => b.compare(a),
  );
  const kindTicks = kinds.map(whole);
  /** How many of each kind of length a set has. */
  const holds = sets.map((s) => kinds.map((k) => s.lengths.filter((l) => l.length.equals(k)).length));
  const limit = saleable.div(tick).valueOf();
  const setTicks = sets.map((s) => s.lengths.reduce((sum, l) => sum + whole(l.length), 0));
  const counts = sets.map((s) => s.qty);

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
  return {
    ...{ sets, counts, setTicks, kinds, whole, total: setTicks.reduce((sum, t, i) => sum + t * counts[i]!, 0) },
    bolts: [...shelf].sort((a, b) => a.length.compare(b.length)),
    together: (some) => {
      if (sets.every((s) => s.lengths.length === 1)) return some.map((b) => [b]);
      const lots = new Map<string, BoltOnShelf[]>();
      for (const b of some) lots.set(b.dyeLot, [...(lots.get(b.dyeLot) ?? []), b]);
      return [...lots.values()];
    },
    lotBin: (lot) => ({
      capacity: lot.reduce((sum, b) => sum + whole(b.length), 0),
      least: (empty) => (lot.length === 1 ? wasteOf(lot[0]!, whole(lot[0]!.length) - empty) : 0),
      lay: (chosen) => {
        const pieces = kinds.map((_, k) => chosen.reduce((sum, n, s) => sum + n * holds[s]![k]!, 0));
        const packed = pack(kindTicks, pieces, lot.map(boltBin), patience);
        if (!packed) return undefined;
        return { waste: packed.waste, detail: { bolts: lot.map((b, i) => ({ id: b.id, counts: packed.bins[i]!.counts })) } };
      },
    }),
  };
}

function alike(sets: readonly LengthSet[]): AlikeSets[] {
  const found = new Map<string, AlikeSets>();
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

export const lengthOf = (set: Pick<LengthSet, 'lengths'>): Rational =>
  set.lengths.reduce((sum, l) => sum.add(l.length), ratio(0));

/** The largest length that divides them all. */
function commonTick(lengths: readonly Rational[]): Rational {
  const gcd = (a: bigint, b: bigint): bigint => (b === 0n ? a : gcd(b, a % b));
  const common = lengths.reduce((n, x) => (n / gcd(n, x.d)) * x.d, 1n);
  return ratio(lengths.reduce((g, x) => gcd(g, x.n * (common / x.d)), 0n) || 1n, common);
}
