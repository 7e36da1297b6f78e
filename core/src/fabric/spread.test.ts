import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { spread } from './index';

const range = (from: number, n: number) => Array.from({ length: n }, (_, i) => from + i);
const total = (rows: readonly { batches: number }[]) => rows.reduce((n, r) => n + r.batches, 0);

describe('fabrics for batches', () => {
  it('are in as many batches as each other, to one, and no pair comes twice before every pair has come once', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 9 }),
        fc.integer({ min: 1, max: 9 }),
        fc.integer({ min: 1, max: 200 }),
        fc.integer({ min: 0, max: 99 }),
        (lights, darks, batches, seed) => {
          const sides = [range(0, lights), range(100, darks)];
          const rows = spread({ sides, batches, limitOf: () => Infinity, seed });
          expect(total(rows)).toBe(batches);
          sides.forEach((side, i) => {
            const counts = side.map((f) => total(rows.filter((r) => r.fabrics[i] === f)));
            expect(Math.max(...counts) - Math.min(...counts)).toBeLessThan(2);
          });
          const most = Math.ceil(batches / (lights * darks));
          expect(Math.max(...rows.map((r) => r.batches))).toBeLessThanOrEqual(most);
        },
      ),
      { numRuns: 300 },
    );
  });

  it('are never paired with themselves where there is another, with one side, two or three', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 3, max: 7 }),
        fc.integer({ min: 1, max: 60 }),
        (n, all, batches) => {
          const sides = Array.from({ length: n }, () => range(0, all));
          const rows = spread({ sides, batches, limitOf: () => Infinity, seed: 1 });
          expect(total(rows)).toBe(batches);
          for (const { fabrics } of rows) expect(fabrics).toHaveLength(n);
          if (n === 2) for (const { fabrics } of rows) expect(new Set(fabrics).size).toBe(2);
        },
      ),
      { numRuns: 200 },
    );
  });

  it('are in no more batches than they may be, while the others can take what is left', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 12 }), { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 1, max: 40 }),
        (limits, batches) => {
          const rows = spread({ sides: [range(0, limits.length)], batches, limitOf: (f) => limits[f]!, seed: 3 });
          const enough = limits.reduce((a, b) => a + b, 0) >= batches;
          const over = rows.some((r) => r.batches > limits[r.fabrics[0]!]!);
          expect(over).toBe(!enough);
          expect(total(rows)).toBe(batches);
        },
      ),
    );
  });

  it('are paired otherwise for another number, and the same for the same', () => {
    const task = { sides: [range(0, 5), range(10, 6)], batches: 17, limitOf: () => Infinity };
    expect(spread({ ...task, seed: 4 })).toEqual(spread({ ...task, seed: 4 }));
    expect(spread({ ...task, seed: 4 })).not.toEqual(spread({ ...task, seed: 5 }));
  });
});
