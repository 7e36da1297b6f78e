/**
 * Cut lengths on real bolts (docs/craft.md, Bolts and dye lots): no cut crosses a bolt's end, what belongs together comes from one dye lot, part bolts are used up
 * first, and what remains can still be sold. What the shelf does not hold is to be ordered.
 */
import { ratio, type Rational } from '../measure';
import { boltQuestion, lengthOf, type BoltOnShelf, type BoltQuestion, type LengthSet } from './bolt-question';
import { searchBolts, type FilledBin } from './bolt-search';

export type { BoltOnShelf, LengthSet } from './bolt-question';

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

/**
 * The best way to cut the sets from the shelf: as little as can be is ordered; then as little as can be remains in unsaleable ends; then
 * the bolts that are begun are used up as far as can be. Sets that do not fit whole are ordered.
 */
export function allocate(wanted: readonly LengthSet[], shelf: readonly BoltOnShelf[], saleable: Rational): BoltPlan {
  const patience = { left: PATIENCE };
  const question = boltQuestion(wanted, shelf, saleable, patience);
  const { bins, proven } = searchBolts(question, patience, PATIENCE);
  const { cuts, order } = labelled(question, bins);
  const bolts = shelf.map((bolt) => {
    const own = cuts.get(bolt.id) ?? [];
    return { bolt, cuts: own, rest: own.reduce((left, c) => left.sub(c.length.mul(c.qty)), bolt.length) };
  });
  const short = bolts.filter((b) => b.cuts.length > 0 && b.rest.compare(saleable) < 0);
  return { bolts, order, waste: short.reduce((sum, b) => sum.add(b.rest), ratio(0)), proven };
}

/** In real lengths, with everybody's labels: what is cut from each bolt, and what is ordered. */
function labelled(
  { sets, kinds }: BoltQuestion,
  bins: readonly FilledBin[],
): { cuts: Map<string, BoltCut[]>; order: BoltPlan['order'] } {
  const cuts = new Map<string, BoltCut[]>();
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
      served.flatMap(({ lengths, qty }) => lengths.filter((l) => l.length.equals(kind)).map(({ label }) => ({ label, qty }))),
    );
    for (const { id, counts } of detail.bolts)
      counts.forEach((n, k) => {
        const own = next(queues[k]!, n).map(({ label, qty }) => ({ label, length: kinds[k]!, qty }));
        cuts.set(id, [...(cuts.get(id) ?? []), ...own]);
      });
  }
  return { cuts, order };
}

/** Takes the next so many off a queue. */
function next<Entry extends { qty: number }>(queue: Entry[], count: number): Entry[] {
  const taken: Entry[] = [];
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
