import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { netPrice, yearMoney } from './money';
import { kitCount, readProgramme, type ProgrammeFile } from '../programme';
import { frozen } from '../programme/document/frozen';
import allotment from '../../../demo/allotment-year.aggrega.json';

/** Frozen, so that its drawings are read and constructed once. */
const demo = frozen(structuredClone(allotment) as unknown as ProgrammeFile);

const amount = fc.integer({ min: 0, max: 500 }).map((n) => n / 10);
const programmeWith = (money: ProgrammeFile['money'], people: Record<string, number>) => {
  const reading = readProgramme({ ...demo, money, participants: people, sizes: [], kits: { ...demo.kits, otherKinds: [] } });
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
};

describe('the money of a year', () => {
  it('adds up, month by month, and what remains is what came in less what went out', () => {
    const money = fc.record({
      price: amount,
      print: amount,
      packing: amount,
      postage: amount,
      rate: amount,
      packMinutes: amount,
      fixed: amount,
      tax: fc.integer({ min: 0, max: 25 }),
    });
    fc.assert(
      fc.property(money, fc.integer({ min: 0, max: 60 }), amount, fc.integer({ min: 0, max: 600 }), (m, n, cloth, minutes) => {
        const programme = programmeWith(m, { frost: n, harvest: 2 });
        const year = yearMoney(
          programme,
          programme.months.map((month) => ({ month, cloth, minutes })),
          { posted: 3 },
        );
        const of = (key: 'cloth' | 'paper' | 'postage' | 'labour' | 'income') =>
          year.months.reduce((sum, x) => sum + x[key]!, 0);
        expect(year.cost!).toBeCloseTo(of('cloth') + of('paper') + of('postage') + of('labour') + m.fixed, 6);
        expect(year.margin!).toBeCloseTo(of('income') - year.cost!, 6);
        expect(year.kits).toBe(kitCount(programme, n) + kitCount(programme, 2));
        expect(year.people).toBe(n + 2);
        expect(netPrice(m)! * (1 + m.tax / 100)).toBeCloseTo(m.price, 9);
        // With so many people it pays, with one fewer it does not.
        if (year.breakEven !== undefined && year.breakEven > 0) {
          const each = (year.income! - (year.cost! - m.fixed)) / year.people;
          expect(each * year.breakEven).toBeGreaterThanOrEqual(m.fixed - 1e-6);
          expect(each * (year.breakEven - 1)).toBeLessThan(m.fixed);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('says nothing that it does not know', () => {
    const programme = programmeWith({ price: 20 }, { frost: 10 });
    const unpriced = yearMoney(programme, [{ month: programme.months[0]!, minutes: 10 }], { posted: 0 });
    expect([unpriced.cost, unpriced.margin, unpriced.breakEven, unpriced.perKit]).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
    ]);
    const free = programmeWith({}, { frost: 10 });
    expect(yearMoney(free, [{ month: free.months[0]!, cloth: 5, minutes: 0 }], { posted: 0 })).not.toHaveProperty('income');
    // A price that does not cover the cloth never pays, however many come.
    const loss = programmeWith({ price: 1, fixed: 10 }, { frost: 10 });
    expect(yearMoney(loss, [{ month: loss.months[0]!, cloth: 500, minutes: 0 }], { posted: 0 }).breakEven).toBeUndefined();
  });

  it('packs and posts what is handed out together once', () => {
    const programme = programmeWith({ packing: 2, postage: 5, print: 1 }, { frost: 10 });
    const costs = programme.months.slice(0, 3).map((month) => ({ month, cloth: 0, minutes: 0 }));
    // March comes in February's packet.
    expect(yearMoney(programme, costs, { posted: 4 }).months.map((m) => [m.paper, m.postage])).toEqual([
      [10 + 2 * kitCount(programme, 10), 20],
      [10 + 2 * kitCount(programme, 10), 20],
      [10, 0],
    ]);
  });
});
