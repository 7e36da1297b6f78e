import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fewestBins } from './fewest';
import { leastWaste, pack, sums, type Bin } from './packing';

/** A bin that wastes what stays empty below `limit`, unless nothing lies in it. */
const bin = (capacity: number, limit: number): Bin<number> => {
  const wasteOf = (empty: number) => (empty === capacity || empty >= limit ? 0 : empty);
  return {
    capacity,
    least: wasteOf,
    lay: (_, used) => ({ waste: wasteOf(capacity - used), detail: used }),
  };
};
const kinds = fc.array(fc.record({ length: fc.integer({ min: 1, max: 9 }), count: fc.integer({ min: 0, max: 3 }) }), {
  minLength: 1,
  maxLength: 3,
});
const bins = fc.array(fc.integer({ min: 1, max: 20 }), { minLength: 1, maxLength: 3 });

/** All pieces, one by one. */
const piecesOf = (drawn: { length: number; count: number }[]) =>
  drawn.flatMap(({ length, count }) => Array.from({ length: count }, () => length));

describe('sums of lengths', () => {
  it('are those that some choice of pieces makes', () => {
    fc.assert(
      fc.property(kinds, fc.integer({ min: 0, max: 30 }), (drawn, most) => {
        const found = sums(
          drawn.map((d) => d.length),
          drawn.map((d) => d.count),
          most,
        );
        const pieces = piecesOf(drawn);
        const made = new Set<number>();
        for (let set = 0; set < 1 << pieces.length; set += 1)
          made.add(pieces.reduce((sum, p, i) => (set & (1 << i) ? sum + p : sum), 0));
        for (let sum = 0; sum <= most; sum += 1) expect([sum, found[0]![sum] === 1]).toEqual([sum, made.has(sum)]);
      }),
      { numRuns: 150 },
    );
  });
});

describe('packing into bins', () => {
  it('finds the least waste of all ways, or that there is none', () => {
    fc.assert(
      fc.property(kinds, bins, fc.integer({ min: 0, max: 6 }), (drawn, caps, limit) => {
        const pieces = piecesOf(drawn).slice(0, 7);
        const lengths = drawn.map((d) => d.length);
        const left = [...pieces];
        const counts = lengths.map((length, k) => {
          const own = left.filter((p) => p === length).length;
          // Kinds of equal length share their pieces: the first takes them all.
          return lengths.indexOf(length) === k ? own : 0;
        });
        const found = pack(
          lengths,
          counts,
          caps.map((c) => bin(c, limit)),
          { left: 1e6 },
        );
        let best: number | undefined;
        const used = caps.map(() => 0);
        const place = (i: number): void => {
          if (i === pieces.length) {
            const waste = caps.reduce((sum, c, b) => sum + bin(c, limit).least(c - used[b]!), 0);
            if (best === undefined || waste < best) best = waste;
            return;
          }
          caps.forEach((c, b) => {
            if (used[b]! + pieces[i]! > c) return;
            used[b]! += pieces[i]!;
            place(i + 1);
            used[b]! -= pieces[i]!;
          });
        };
        place(0);
        expect(found?.waste).toBe(best);
        if (found) expect(lengths.map((_, k) => found.bins.reduce((n, b) => n + b.counts[k]!, 0))).toEqual(counts);
      }),
      { numRuns: 200 },
    );
  });

  it('stops when its patience is at an end, with what it has', () => {
    const patience = { left: 3 };
    pack([7, 5, 3], [9, 9, 9], [bin(40, 3), bin(50, 3), bin(60, 3)], patience);
    expect(patience.left).toBeLessThanOrEqual(0);
  });
});

describe('the fewest bins', () => {
  /** By trying each length in every bin that is begun, and in one more. */
  function byTrying(all: readonly number[], capacity: number, rooms: number[] = []): number {
    if (all.length === 0) return rooms.length;
    const [length, ...rest] = all as [number, ...number[]];
    const begun = rooms.map((room, i) => (room >= length ? byTrying(rest, capacity, rooms.with(i, room - length)) : Infinity));
    return Math.min(...begun, byTrying(rest, capacity, [...rooms, capacity - length]));
  }

  it('are those that trying everything finds', () => {
    const few = fc.array(fc.tuple(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 1, max: 2 })), {
      minLength: 1,
      maxLength: 4,
    });
    fc.assert(
      fc.property(few, (kinds) => {
        const [lengths, counts] = [kinds.map((k) => k[0]), kinds.map((k) => k[1])];
        const all = kinds.flatMap(([l, n]) => new Array<number>(n).fill(l));
        expect(fewestBins(lengths, counts, 20)).toBe(byTrying(all, 20));
      }),
    );
  });

  it('are known at once where no two lengths share one', () => {
    expect(fewestBins([261, 427], [18, 2], 432)).toBe(20);
  });
});

describe('the least waste of bins that stay empty by so much', () => {
  it('is no more than any sharing of the emptiness wastes, and one of them', () => {
    fc.assert(
      fc.property(bins, fc.integer({ min: 0, max: 6 }), fc.integer({ min: 0, max: 30 }), (caps, limit, slack) => {
        const all = caps.map((c) => bin(c, limit));
        const shares = (at: number, rest: number): number => {
          if (at === all.length) return rest === 0 ? 0 : Infinity;
          let least = Infinity;
          for (let empty = 0; empty <= Math.min(rest, caps[at]!); empty += 1)
            least = Math.min(least, all[at]!.least(empty) + shares(at + 1, rest - empty));
          return least;
        };
        expect(leastWaste(all, slack)[0]![slack]).toBe(shares(0, slack));
      }),
      { numRuns: 200 },
    );
  });
});
