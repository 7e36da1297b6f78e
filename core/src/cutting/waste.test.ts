import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ratio } from '../measure';
import { gramsOf, paceOf, planFabric, planSheets, wasteOf, worthKeeping, type Piece } from './index';

const pieces = fc
  .array(
    fc.record({
      w: fc.integer({ min: 8, max: 90 }),
      h: fc.integer({ min: 8, max: 90 }),
      qty: fc.integer({ min: 1, max: 20 }),
      turnable: fc.boolean(),
    }),
    { minLength: 1, maxLength: 4 },
  )
  .map((list) => list.map(({ w, h, ...p }, i): Piece => ({ ...p, label: `p${i}`, w: ratio(w).div(8), h: ratio(h).div(8) })));

const buying = { allowance: ratio(0), shrinkage: ratio(0), sellingStep: ratio('9/2') };

describe('what comes over', () => {
  it('is all the cloth that is cut and is no piece, kept or weighed', () => {
    fc.assert(
      fc.property(pieces, fc.constantFrom('strips', 'sheets'), (demand, form) => {
        const plan =
          form === 'strips' ? planFabric(demand, ratio(42), buying) : planSheets(demand, ratio('20.5'), ratio('17.5'));
        const { keep, scrap } = wasteOf(plan, 'in');
        const strips = 'sheets' in plan ? plan.sheets : plan.strips;
        const cloth = 'sheets' in plan ? plan.sheetsNeeded * 20.5 * 17.5 : plan.lengthNeeded.valueOf() * 42;
        const cut = strips.reduce((sum, s) => sum + s.repeat * s.rects.reduce((n, r) => n + r.w.mul(r.h).valueOf(), 0), 0);
        const kept = keep.reduce((sum, r) => sum + r.qty * r.w.mul(r.h).valueOf(), 0);
        expect(cut + kept + scrap).toBeCloseTo(cloth, 6);
        for (const r of keep) {
          expect(r.h.compare(worthKeeping.in)).toBeGreaterThanOrEqual(0);
          expect(r.w.compare(r.h)).toBeGreaterThanOrEqual(0);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('weighs the same in either unit', () => {
    expect(gramsOf(1296, 'in')).toBeCloseTo(gramsOf(91.44 ** 2, 'cm'));
    expect(gramsOf(1e4, 'cm')).toBe(145);
  });
});

describe('pace', () => {
  it('is the rule of thumb without a log, and nears the log the more there is of it', () => {
    expect(paceOf([])).toBe(1);
    const evening = { estimated: 60, taken: 90 };
    const paces = [1, 2, 5, 20].map((n) => paceOf(Array.from({ length: n }, () => evening)));
    expect(paces[0]).toBe(1.25);
    expect([...paces].sort((a, b) => a - b)).toEqual(paces);
    expect(paces.at(-1)).toBeLessThan(1.5);
  });
});
