import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ratio } from '../measure';
import { allocate, type BoltPlan, type LengthSet } from './bolts';

const SALEABLE = ratio(9);

/** What is wrong with an allocation, knowing only bolts and lengths. */
function faultsOf(plan: BoltPlan, wanted: LengthSet[]): string[] {
  const faults: string[] = [];
  const cut = new Map<string, number>();
  const lots = new Map<string, Map<string, number>>();
  let waste = 0;
  for (const { bolt, cuts, rest } of plan.bolts) {
    const used = cuts.reduce((sum, c) => sum.add(c.length.mul(c.qty)), ratio(0));
    if (used.compare(bolt.length) > 0) faults.push(`bolt ${bolt.id} is overrun`);
    if (!bolt.length.sub(used).equals(rest)) faults.push(`bolt ${bolt.id} leaves something else`);
    if (cuts.length > 0 && rest.compare(SALEABLE) < 0) waste += rest.valueOf();
    for (const { label, qty } of cuts) {
      cut.set(label, (cut.get(label) ?? 0) + qty);
      const lot = lots.get(bolt.dyeLot) ?? new Map<string, number>();
      lot.set(label, (lot.get(label) ?? 0) + qty);
      lots.set(bolt.dyeLot, lot);
    }
  }
  if (Math.abs(waste - plan.waste.valueOf()) > 1e-9) faults.push('the waste is not as said');
  for (const set of wanted) {
    const ordered = plan.order.filter((o) => o.label === set.label).reduce((n, o) => n + o.qty, 0);
    for (const { label } of set.lengths)
      if ((cut.get(label) ?? 0) + ordered !== set.qty) faults.push(`${label}: cut or ordered another number of times`);
    // One person's lengths come from one lot, so a lot gives as many of each.
    for (const lot of lots.values())
      if (new Set(set.lengths.map((l) => lot.get(l.label) ?? 0)).size > 1) faults.push(`${set.label} mixes dye lots`);
  }
  return faults;
}

const bolts = (most: number) =>
  fc.array(fc.record({ length: fc.integer({ min: 3, max: 40 }), lot: fc.constantFrom('1', '2') }), { maxLength: most });
const asShelf = (drawn: { length: number; lot: string }[]) =>
  drawn.map(({ length, lot }, i) => ({ id: `b${i}`, length: ratio(length), dyeLot: lot }));
const single = (lengths: number[]): LengthSet[] =>
  lengths.map((n, i) => ({ label: `s${i}`, lengths: [{ label: `s${i}`, length: ratio(n) }], qty: 1 }));

/** Least ordered, least wasted, least left on bolts begun, by trying every bolt for every length. */
function best(lengths: number[], caps: number[]): [number, number, number] {
  let found: [number, number, number] = [Infinity, Infinity, Infinity];
  const used = caps.map(() => 0);
  place(0, 0);
  return found;

  function place(i: number, ordered: number): void {
    if (i === lengths.length) {
      const rests = caps.map((c, b) => c - used[b]!).filter((_, b) => used[b]! > 0);
      const waste = rests.filter((r) => r < 9).reduce((a, b) => a + b, 0);
      const score: [number, number, number] = [ordered, waste, ordered === 0 ? rests.reduce((a, b) => a + b, 0) : 0];
      if (score.findIndex((s, k) => s !== found[k]) >= 0 && less(score, found)) found = score;
      return;
    }
    caps.forEach((cap, b) => {
      if (used[b]! + lengths[i]! > cap) return;
      used[b]! += lengths[i]!;
      place(i + 1, ordered);
      used[b]! -= lengths[i]!;
    });
    place(i + 1, ordered + lengths[i]!);
  }
}
const less = (a: number[], b: number[]) => {
  const k = a.findIndex((x, i) => x !== b[i]);
  return k >= 0 && a[k]! < b[k]!;
};

describe('lengths on bolts', () => {
  it('order, waste and leave the least, as trying everything finds', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 2, max: 18 }), { minLength: 1, maxLength: 6 }), bolts(4), (lengths, drawn) => {
        const shelf = asShelf(drawn);
        const plan = allocate(single(lengths), shelf, SALEABLE);
        expect(faultsOf(plan, single(lengths))).toEqual([]);
        expect(plan.proven).toBe(true);
        const ordered = plan.order.reduce((sum, o) => sum + o.length.valueOf() * o.qty, 0);
        const begun = plan.bolts.filter((b) => b.cuts.length > 0).reduce((sum, b) => sum + b.rest.valueOf(), 0);
        const caps = drawn.map((d) => d.length);
        expect([ordered, plan.waste.valueOf(), ordered === 0 ? begun : 0]).toEqual(best(lengths, caps));
      }),
      { numRuns: 300 },
    );
  });

  it('keep one person’s lengths in one dye lot', () => {
    const sets = fc.array(
      fc.record({
        lengths: fc.array(fc.integer({ min: 2, max: 12 }), { minLength: 1, maxLength: 3 }),
        qty: fc.integer({ min: 1, max: 4 }),
      }),
      { minLength: 1, maxLength: 3 },
    );
    fc.assert(
      fc.property(sets, bolts(6), (drawn, shelf) => {
        const wanted = drawn.map(({ lengths, qty }, i) => ({
          label: `s${i}`,
          lengths: lengths.map((n, j) => ({ label: `s${i}/${j}`, length: ratio(n) })),
          qty,
        }));
        expect(faultsOf(allocate(wanted, asShelf(shelf), SALEABLE), wanted)).toEqual([]);
      }),
      { numRuns: 200 },
    );
  });

  it('solve a hundred cuts on a dozen bolts at real sizes, to the end', () => {
    const mixed = (seed: number, n: number) => Array.from({ length: n }, (_, i) => ((seed * (i + 7) * 7919) % 13) + 3);
    for (const seed of [1, 2, 3]) {
      // Eighths of a yard, on bolts of 1 to 15 yards.
      const wanted = mixed(seed, 100).map((n, i) => ({
        label: `p${i}`,
        lengths: [{ label: `p${i}`, length: ratio(n * 9).div(2) }],
        qty: 1,
      }));
      const shelf = mixed(seed + 5, 12).map((n, i) => ({
        id: `b${i}`,
        length: ratio(n * 36 + 5 * i).div(1),
        dyeLot: String(i % 3),
      }));
      const plan = allocate(wanted, shelf, SALEABLE);
      expect(faultsOf(plan, wanted)).toEqual([]);
      expect(plan.proven).toBe(true);
    }
  });

  it('ask for everything when the shelf is empty, and touch nothing when nothing is wanted', () => {
    const wanted = [{ label: 'kit', lengths: [{ label: 'kit', length: ratio('27/2') }], qty: 40 }];
    expect(allocate(wanted, [], SALEABLE).order).toEqual([{ label: 'kit', qty: 40, length: ratio('27/2') }]);
    const idle = allocate([], asShelf([{ length: 30, lot: '1' }]), SALEABLE);
    expect(idle.bolts[0]).toMatchObject({ cuts: [] });
    expect(idle.waste.valueOf()).toBe(0);
  });
});
