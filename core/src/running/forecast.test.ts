import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PRIOR, buyNow, chanceOfMore, enoughFor, forecast, seenSince } from './forecast';

const seen = fc.record({
  peopleMonths: fc.integer({ min: 0, max: 2000 }),
  left: fc.integer({ min: 0, max: 40 }),
  joined: fc.integer({ min: 0, max: 40 }),
});
const people = fc.integer({ min: 1, max: 300 });

describe('a forecast of the head count', () => {
  it('its chances are chances, and add up', () => {
    fc.assert(
      fc.property(people, seen, (n, s) => {
        for (const month of forecast(n, { ...s, left: Math.min(s.left, s.peopleMonths) }, 6)) {
          expect(month.chances.every((c) => c >= 0 && c <= 1)).toBe(true);
          expect(month.chances.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
          expect(enoughFor(month, 0.5)).toBeLessThanOrEqual(enoughFor(month, 0.95));
          expect(chanceOfMore(month, enoughFor(month, 0.9))).toBeLessThanOrEqual(0.1 + 1e-9);
        }
      }),
      {
        numRuns: 60,
        examples: [
          [233, { peopleMonths: 9, left: 9, joined: 39 }],
          [2000, { peopleMonths: 10_000, left: 0, joined: 2000 }],
        ],
      },
    );
  });

  it('its mean is what its two distributions say, for few and for many people, whatever was seen', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 2000 }), seen, fc.integer({ min: 1, max: 12 }), (n, s, ahead) => {
        const left = Math.min(s.left, s.peopleMonths);
        const month = forecast(n, { ...s, left }, ahead)[ahead - 1]!;
        // The chance to stay is a beta's: that of staying so many months, its moment of that order.
        const [a, b] = [PRIOR.stayed + s.peopleMonths - left, PRIOR.left + left];
        const stay = Array.from({ length: ahead }, (_, i) => (a + i) / (a + b + i)).reduce((x, y) => x * y, 1);
        const come = ((PRIOR.joined + s.joined) * ahead) / (PRIOR.months + s.peopleMonths);
        expect(month.mean / (n * (stay + come))).toBeCloseTo(1, 2);
      }),
      { numRuns: 40, examples: [[2000, { peopleMonths: 20_000, left: 220, joined: 1500 }, 12]] },
    );
  });

  it('with nobody late and much seen it is the plain binomial of the share that stays', () => {
    const month = forecast(100, { peopleMonths: 1e6, left: 2e4, joined: 0 }, 3)[2]!;
    expect(month.mean).toBeCloseTo(100 * 0.98 ** 3, 0);
    const spread = Math.sqrt(month.chances.reduce((sum, c, i) => sum + c * (month.from + i - month.mean) ** 2, 0));
    expect(spread).toBeCloseTo(Math.sqrt(100 * 0.98 ** 3 * (1 - 0.98 ** 3)), 0);
  });

  it('more leavers make it less, more late joiners more, and little seen makes it wide', () => {
    const mean = (left: number, joined: number) => forecast(60, { peopleMonths: 300, left, joined }, 4)[3]!.mean;
    expect(mean(10, 0)).toBeLessThan(mean(2, 0));
    expect(mean(2, 10)).toBeGreaterThan(mean(2, 0));
    const width = (peopleMonths: number) => {
      const month = forecast(60, { peopleMonths, left: peopleMonths * 0.015, joined: 0 }, 4)[3]!;
      return enoughFor(month, 0.95) - enoughFor(month, 0.05);
    };
    expect(width(0)).toBeGreaterThan(width(5000));
  });

  it('before anything is seen it says what the prior says', () => {
    const [month] = forecast(100, { peopleMonths: 0, left: 0, joined: 0 }, 1);
    const stays = PRIOR.stayed / (PRIOR.stayed + PRIOR.left);
    expect(month!.mean).toBeCloseTo(100 * (stays + PRIOR.joined / PRIOR.months), 0);
  });

  it('counts what a roster has seen', () => {
    const roster = [
      { state: 'in', joined: '2026-11-01', left: '' },
      { state: 'in', joined: '2027-03-01', left: '' },
      { state: 'left', joined: '2026-11-01', left: '2027-02-01' },
      { state: 'left', joined: '2026-11-01', left: '2026-12-01' },
      { state: 'waiting', joined: '2027-03-02', left: '' },
    ];
    const found = seenSince(roster, '2027-01-01', '2027-04-01');
    expect([found.left, found.joined]).toEqual([1, 1]);
    expect(found.peopleMonths).toBeCloseTo(3 + 1 + 1, 0);
    expect(seenSince(roster, '2027-05-01', '2027-04-01')).toEqual({ peopleMonths: 0, left: 0, joined: 0 });
  });
});

describe('what to buy now', () => {
  const month = forecast(40, { peopleMonths: 200, left: 4, joined: 3 }, 3)[2]!;

  it('costs least on average, of every number that could be bought', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 1, max: 60 }),
        fc.double({ min: 0, max: 0.9, noNaN: true }),
        (short, over, again) => {
          const cost = (n: number) =>
            month.chances.reduce((sum, c, i) => {
              const heads = month.from + i;
              return sum + c * (heads > n ? (heads - n) * short * (1 - again) : (n - heads) * over);
            }, 0);
          const { now } = buyNow(month, { short, over, again });
          const least = Math.min(...Array.from({ length: month.chances.length }, (_, i) => cost(month.from + i)));
          expect(cost(now)).toBeCloseTo(least, 6);
        },
      ),
    );
  });

  it('is more where a print may go, and less where it can be had again', () => {
    const now = (again: number) => buyNow(month, { short: 30, over: 10, again }).now;
    expect(now(0)).toBeGreaterThanOrEqual(now(0.5));
    expect(now(0.5)).toBeGreaterThanOrEqual(now(0.95));
    expect(now(0)).toBeGreaterThan(now(0.95));
  });
});
