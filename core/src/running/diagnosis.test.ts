import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { diagnose, missedSizes, type Measured } from './diagnosis';
import { readSizes } from './written-sizes';

const house = { seam: 0.25, unit: 'in' as const };
const sixteenth = (n: number) => Math.round(n * 16) / 16;
/** A row as it comes out when each seam takes `each` too much, read off to the nearest sixteenth. */
const row = (seams: number, each: number): Measured => ({
  what: `row of ${seams + 1}`,
  seams,
  expected: 2 * seams + 2.5,
  measured: sixteenth(2 * seams + 2.5 - each * seams),
});

describe('the seam by its rows', () => {
  it('the range always holds the truth, whatever was sewn and however it was read', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.06, max: 0.06, noNaN: true }),
        fc.uniqueArray(fc.integer({ min: 1, max: 12 }), { minLength: 1, maxLength: 6 }),
        (each, seams) => {
          const { each: found } = diagnose(
            seams.map((k) => row(k, each)),
            house,
          );
          expect(found).toBeDefined();
          expect(found![0]).toBeLessThanOrEqual(each + 1e-9);
          expect(found![1]).toBeGreaterThanOrEqual(each - 1e-9);
        },
      ),
    );
  });

  it('more rows never allow more', () => {
    fc.assert(
      fc.property(fc.double({ min: -0.05, max: 0.05, noNaN: true }), fc.integer({ min: 1, max: 10 }), (each, n) => {
        const rows = Array.from({ length: n + 1 }, (_, k) => row(k + 1, each));
        const [few, more] = [diagnose(rows.slice(0, n), house).each!, diagnose(rows, house).each!];
        expect(more[1] - more[0]).toBeLessThanOrEqual(few[1] - few[0] + 1e-9);
      }),
    );
  });

  it('by the figure worked out in docs/craft.md: seven seams, a quarter short, half of a twenty-eighth on each side', () => {
    const { each, says } = diagnose([{ what: 'row of eight', seams: 7, expected: 16.5, measured: 16.25 }], house);
    const middle = (each![0] + each![1]) / 2;
    expect(middle).toBeCloseTo(0.25 / 7);
    expect(says.join(' ')).toMatch(/a little wide.*nearer the edge/);
    expect(says.join(' ')).toContain('weak');
  });
});

describe('what it is not', () => {
  it('a wrong cut is told from a wrong seam by the number of seams', () => {
    const constant = [1, 3, 6].map((k) => ({ ...row(k, 0), measured: row(k, 0).expected - 0.125 }));
    const cut = diagnose(constant, house);
    expect(cut.each).toBeUndefined();
    const grows = diagnose([row(1, 0.05), row(4, 0.05), row(8, 0.05)], house);
    expect(grows.says.join(' ')).toContain('not the cut');
    const same = diagnose([row(1, 0.125)], house);
    expect(same.says.join(' ')).toContain('a wrong cut would look the same');
  });

  it('pressing is told by what was right before it', () => {
    const { says, each } = diagnose([{ what: 'goose', seams: 2, expected: 3.5, before: 3.5, measured: 3.375 }], house);
    expect(says[0]).toContain('press');
    expect(each).toBeUndefined();
  });

  it('a piece that is cut wrong is named', () => {
    expect(diagnose([{ what: 'A1', seams: 0, expected: 2.5, measured: 2.625 }], house).says[0]).toBe(
      'A1 was cut 1/8 in too large: look at the cut before the seam.',
    );
  });

  it('what is right is left alone', () => {
    const { good, says } = diagnose([row(1, 0), row(7, 0)], house);
    expect([good, says]).toEqual([true, ['All correct, as near as a ruler can show. Don’t change a thing.']]);
    expect(diagnose([], house)).toEqual({ good: false, says: ['Nothing was measured yet.'] });
  });

  it('speaks of millimetres where the programme does', () => {
    const { says } = diagnose([{ what: 'row', seams: 10, expected: 50, measured: 49.5 }], { seam: 0.75, unit: 'cm' });
    expect(says[0]).toMatch(/mm/);
  });
});

describe('sizes for the checkpoints', () => {
  it('a line for each size that is off, and none exactly when all is good', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 9 }), fc.integer({ min: -3, max: 3 })), { minLength: 1, maxLength: 6 }),
        (list) => {
          const all = list.map(([seams, off]) => ({ ...row(seams, 0), measured: 2 * seams + 2.5 + off / 16 }));
          expect(missedSizes(all, 'in')).toHaveLength(list.filter(([, off]) => off !== 0).length);
          expect(missedSizes(all, 'in').length === 0).toBe(diagnose(all, house).good);
        },
      ),
    );
  });

  it('say how far and which way; what cannot be read as a length is left out', () => {
    const written = { what: 'A1', seams: 1, expected: '4 1/2', measured: '4 7/16', before: '' };
    expect(missedSizes(readSizes([written, { ...written, measured: 'about four' }], 'in'), 'in')).toEqual([
      'A1 came out 1/16 in small in our test block. Check your seam allowance before you go on.',
    ]);
  });
});
