/** The search for the best way to cut sets from a shelf: as little as can be is ordered, then wasted, then left on the bolts that are begun. */
import type { BoltOnShelf, BoltQuestion, BoltUse } from './bolt-question';
import { leastWaste, pack, sums, type Bin, type Patience } from './packing';

/** Beyond so many bolts the sets of bolts to begin are not listed; all are offered. */
const LISTED = 12;

/** What each lot, or the order, is cut into: how many of each set. */
export interface FilledBin {
  counts: number[];
  detail: BoltUse;
}

/** The best way, and whether it is proven to be; else the search was stopped. `most`: the patience that cutting by hand begins with. */
export function searchBolts(question: BoltQuestion, patience: Patience, most: number): { bins: FilledBin[]; proven: boolean } {
  const { total } = question;
  if (total === 0) return { bins: [], proven: patience.left > 0 };
  const found = fromShelf(question, patience) ?? withLeastOrder(question, patience);
  if (found) return { bins: found.bins, proven: patience.left > 0 };
  patience.left = most;
  return { bins: byHand(question), proven: false };
}

const orderBin = (capacity: number): Bin<BoltUse> => ({
  capacity,
  least: () => 0,
  lay: () => ({ waste: 0, detail: { bolts: [] } }),
});

const attempt = (question: BoltQuestion, some: readonly BoltOnShelf[], order: number, patience: Patience) =>
  pack(
    question.setTicks,
    question.counts,
    [...question.together(some).map((lot) => question.lotBin(lot)), orderBin(order)],
    patience,
  );

const spaceOf = ({ bolts, whole }: BoltQuestion) => bolts.reduce((sum, b) => sum + whole(b.length), 0);

/** Everything from the shelf: the bolts to begin in order of what they would leave. */
function fromShelf(question: BoltQuestion, patience: Patience): ReturnType<typeof attempt> {
  const { bolts, total, together, lotBin } = question;
  const space = spaceOf(question);
  if (total > space) return undefined;
  const least = leastWaste(together(bolts).map(lotBin), space - total)[0]![space - total]!;
  let found: ReturnType<typeof attempt>;
  for (const some of bolts.length <= LISTED ? subsets(question) : [bolts]) {
    const packed = attempt(question, some, 0, patience);
    if (packed && (!found || packed.waste < found.waste)) found = packed;
    if ((found && found.waste <= least + 1e-9) || patience.left < 0) break;
  }
  return found;
}

/** The least that has to be ordered: every sum that sets can make, from the least on. */
function withLeastOrder(question: BoltQuestion, patience: Patience): ReturnType<typeof attempt> {
  const { setTicks, counts, total, bolts } = question;
  const possible = sums(setTicks, counts, total)[0]!;
  for (let order = Math.max(1, total - spaceOf(question)); order <= total && patience.left > 0; order += 1) {
    const found = possible[order] ? attempt(question, bolts, order, patience) : undefined;
    if (found) return found;
  }
  return undefined;
}

/** The longest first, each into the shortest lot that still has room; what has none is ordered. */
function byHand({ sets, counts, setTicks, bolts, together, lotBin }: BoltQuestion): FilledBin[] {
  const lots = together(bolts).map((lot) => ({ bin: lotBin(lot), counts: sets.map(() => 0) }));
  const ticks = (of: readonly number[]) => of.reduce((sum, n, i) => sum + n * setTicks[i]!, 0);
  const left = [...counts];
  sets.forEach((_, s) => {
    for (const lot of lots) {
      while (left[s]! > 0) {
        const more = lot.counts.map((n, i) => n + Number(i === s));
        if (ticks(more) > lot.bin.capacity || !lot.bin.lay(more, ticks(more))) break;
        lot.counts = more;
        left[s]! -= 1;
      }
    }
  });
  const laid = lots.map((l) => ({ counts: l.counts, detail: l.bin.lay(l.counts, ticks(l.counts))!.detail }));
  return [...laid, { counts: left, detail: { bolts: [] } }];
}

/** Sets of bolts that hold what is wanted, those that hold the least first. */
function subsets({ bolts, whole, total }: BoltQuestion): BoltOnShelf[][] {
  const found: { some: BoltOnShelf[]; real: number }[] = [];
  for (let set = 1; set < 1 << bolts.length; set += 1) {
    const some = bolts.filter((_, i) => set & (1 << i));
    if (some.reduce((sum, b) => sum + whole(b.length), 0) < total) continue;
    found.push({ some, real: some.reduce((sum, b) => sum + b.length.valueOf(), 0) });
  }
  return found.sort((a, b) => a.real - b.real || b.some.length - a.some.length).map((f) => f.some);
}
