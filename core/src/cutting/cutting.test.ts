import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formatLength, ratio } from '../measure';
import { faultsOf, shortestLength } from '../../tests/plan-checker';
import { TooWide, lengthToBuy, planFabric, rulerSettings, subCuts, type Piece } from './index';

const buying = { allowance: ratio(0), shrinkage: ratio(0), sellingStep: ratio('4.5') };
const eighths = (max: number) => fc.integer({ min: 4, max: max * 8 }).map((n) => ratio(n, 8));

const randomPieces = fc
  .array(fc.record({ w: eighths(13), h: eighths(13), qty: fc.integer({ min: 0, max: 120 }), turnable: fc.boolean() }), {
    minLength: 1,
    maxLength: 9,
  })
  .map((rows): Piece[] => rows.map((row, i) => ({ ...row, label: `m1:b:A${i + 1}` })));

describe('a plan for yardage', () => {
  it('covers its demand, never overlaps, keeps direction, and can be cut edge to edge', () => {
    fc.assert(
      fc.property(randomPieces, fc.constantFrom('42', '40', '17 1/2', '106'), (pieces, width) => {
        const plan = planFabric(pieces, ratio(width), buying);
        expect(faultsOf(plan)).toEqual([]);
        expect(plan.lowerBound).toBeLessThanOrEqual(plan.lengthNeeded.valueOf());
        expect(plan.yield).toBeLessThanOrEqual(1);
      }),
      { numRuns: 400 },
    );
  });

  it('does not depend on the order in which pieces are named', () => {
    fc.assert(
      fc.property(randomPieces, (pieces) => {
        const there = planFabric(pieces, ratio(42), buying);
        const back = planFabric([...pieces].reverse(), ratio(42), buying);
        expect(back.lengthNeeded.equals(there.lengthNeeded)).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  it('wastes nothing where nothing need be wasted', () => {
    const plan = planFabric([{ label: 'A1', w: ratio('3.5'), h: ratio('3.5'), qty: 24, turnable: true }], ratio(42), buying);
    expect(formatLength(plan.lengthNeeded, 'in')).toBe('7');
    expect(plan).toMatchObject({ yield: 1, lowerBound: 7 });
  });

  it('lays a piece that is too long across along the bolt, unless its print forbids it', () => {
    const border: Piece = { label: 'quilt:border', w: ratio('60'), h: ratio('4.5'), qty: 2, turnable: true };
    const plan = planFabric([border], ratio(42), buying);
    expect(formatLength(plan.lengthNeeded, 'in')).toBe('60');
    expect(() => planFabric([{ ...border, turnable: false }], ratio(42), buying)).toThrow(TooWide);
    expect(() => planFabric([{ ...border, w: ratio(50), h: ratio(43) }], ratio(42), buying)).toThrow(/quilt:border.*wider/);
  });

  it('asks for nothing when nothing is wanted', () => {
    const plan = planFabric([{ label: 'A1', w: ratio(3), h: ratio(3), qty: 0, turnable: true }], ratio(42), buying);
    expect(plan.strips).toEqual([]);
    expect(plan.lengthToBuy.equals(0)).toBe(true);
  });
});

describe('odd numbers', () => {
  it('in the width or the rounding cost no more than plain ones, and lose nothing', () => {
    const step = ratio('0.123456789');
    const sides = [31, 63, 20].map((n) => step.mul(n));
    const pieces = sides.map((side, i): Piece => ({
      label: `A${i}`,
      w: side,
      h: sides[(i + 1) % 3]!,
      qty: 40,
      turnable: true,
    }));
    const plan = planFabric(pieces, ratio('41.98765432101'), buying);
    expect(faultsOf(plan)).toEqual([]);
    expect(plan.yield).toBeGreaterThan(0.8);
    expect(plan.lowerBound).toBeLessThanOrEqual(plan.lengthNeeded.valueOf());
  });
});

describe('the lower bound', () => {
  it('is never above the true optimum, which every possible layout was tried for', () => {
    const side = fc.integer({ min: 1, max: 4 });
    const few = fc.array(fc.record({ w: side, h: side, turnable: fc.boolean() }), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(few, fc.integer({ min: 4, max: 6 }), (pieces, width) => {
        const demand = pieces.map((p, i): Piece => ({
          label: `A${i}`,
          w: ratio(p.w),
          h: ratio(p.h),
          qty: 1,
          turnable: p.turnable,
        }));
        const plan = planFabric(demand, ratio(width), buying);
        const optimum = shortestLength(pieces, width);
        expect(plan.lowerBound).toBeLessThanOrEqual(optimum);
        expect(plan.lengthNeeded.valueOf()).toBeGreaterThanOrEqual(optimum);
      }),
      { numRuns: 400 },
    );
  });

  it('knows that five squares of 7 3/4 fill 42 in, however much is left beside them', () => {
    const plan = planFabric([{ label: 'A1', w: ratio('7.75'), h: ratio('7.75'), qty: 50, turnable: true }], ratio(42), buying);
    expect(plan).toMatchObject({ lowerBound: 77.5, proof: 'lp' });
    expect(formatLength(plan.lengthNeeded, 'in')).toBe('77 1/2');
  });
});

describe('lengths to buy', () => {
  it('are enough after washing and squaring, and the smallest such multiple of the selling step', () => {
    fc.assert(
      fc.property(eighths(400), eighths(3), fc.integer({ min: 0, max: 10 }), (needed, allowance, percent) => {
        const shrinkage = ratio(percent, 100);
        const rules = { allowance, shrinkage, sellingStep: ratio('4.5') };
        const left = (bought: typeof needed) => bought.mul(ratio(1).sub(shrinkage)).sub(allowance).sub(needed);
        const bought = lengthToBuy(needed, rules);
        expect(bought.div(rules.sellingStep).d).toBe(1n);
        expect(left(bought).compare(0)).toBeGreaterThanOrEqual(0);
        expect(left(bought.sub(rules.sellingStep)).compare(0)).toBeLessThan(0);
      }),
    );
  });
});

describe('sub-cuts', () => {
  it('say the same pieces as the strip, one ruler setting at a time', () => {
    fc.assert(
      fc.property(randomPieces, (pieces) => {
        const plan = planFabric(pieces, ratio(42), buying);
        for (const strip of plan.strips) {
          const count = new Map<string, number>();
          for (const sub of subCuts(strip))
            for (const p of sub.pieces) count.set(p.label, (count.get(p.label) ?? 0) + sub.times * p.count);
          const rects = new Map<string, number>();
          for (const r of strip.rects) rects.set(r.label, (rects.get(r.label) ?? 0) + 1);
          expect([...count].sort()).toEqual([...rects].sort());
        }
      }),
      { numRuns: 60 },
    );
  });

  it('count each setting of the ruler once', () => {
    const plan = planFabric([{ label: 'A1', w: ratio(6), h: ratio(3), qty: 7, turnable: true }], ratio(42), buying);
    expect(rulerSettings(plan.strips)).toBe(2);
  });
});
