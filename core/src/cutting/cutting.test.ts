import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formatLength, ratio } from '../measure';
import { faultsOf, shortestLength } from '../../tests/plan-checker';
import {
  DoesNotFit,
  labourOf,
  lengthToBuy,
  passesOf,
  planFabric,
  planFabricSteps,
  planSheets,
  planAims,
  shareOut,
  subCuts,
  type Piece,
} from './index';

const buying = { allowance: ratio(0), shrinkage: ratio(0), sellingStep: ratio('4.5') };
const eighths = (max: number) => fc.integer({ min: 4, max: max * 8 }).map((n) => ratio(n, 8));

const randomPieces = fc
  .array(fc.record({ w: eighths(13), h: eighths(13), qty: fc.integer({ min: 0, max: 120 }), turnable: fc.boolean() }), {
    minLength: 1,
    maxLength: 9,
  })
  .map((rows): Piece[] => rows.map((row, i) => ({ ...row, label: `m1:b:A${i + 1}` })));

describe('a plan for yardage', () => {
  it('covers its demand, never overlaps, keeps direction, and can be cut edge to edge; each later plan is shorter', () => {
    fc.assert(
      fc.property(randomPieces, fc.constantFrom('42', '40', '17 1/2'), (pieces, width) => {
        let before = Infinity;
        for (const plan of planFabricSteps(pieces, ratio(width), buying)) {
          expect(faultsOf(plan)).toEqual([]);
          expect(plan.surplus).toEqual([]);
          expect(plan.yield).toBeLessThanOrEqual(1);
          expect(plan.lengthNeeded.valueOf()).toBeLessThan(before);
          before = plan.lengthNeeded.valueOf();
        }
      }),
      { numRuns: 40 },
    );
  });

  it('by every reading can be cut; the simplest has no more settings than the others', () => {
    fc.assert(
      fc.property(randomPieces, (pieces) => {
        const plans = planAims.map((reading) => planFabric(pieces, ratio(42), buying, { reading }));
        for (const plan of plans) expect(faultsOf(plan)).toEqual([]);
        const [thriftiest, balanced, simplest] = plans.map((p) => p.settings);
        expect(simplest).toBeLessThanOrEqual(Math.min(thriftiest!, balanced!));
      }),
      { numRuns: 12 },
    );
  });

  it('by the fewest settings lays a few pieces on one strip where that takes fewer than strips of their own', () => {
    const few = (w: number, h: number, qty: number, turnable = true): Piece => ({
      label: `${w}`,
      w: ratio(w),
      h: ratio(h),
      qty,
      turnable,
    });
    const pieces = [few(12.125, 9.125, 3), few(12.75, 1.75, 1), few(7.125, 10.375, 1, false)];
    expect(planFabric(pieces, ratio(42), buying, { reading: 'simplest', first: true }).settings).toBe(6);
    const plan = planFabric(pieces, ratio(42), buying, { reading: 'simplest' });
    expect(faultsOf(plan)).toEqual([]);
    expect(plan.settings).toBe(5);
  });

  it('comes out the same whatever was planned before, and is found again at once', () => {
    const pieces = (n: number): Piece[] =>
      [
        [3.5, 3.5, 8],
        [2, 3.5, 5],
        [4.75, 4.75, 3],
      ].map(([w, h, q], i) => ({ label: `A${i}`, w: ratio(w!), h: ratio(h!), qty: q! * n, turnable: true }));
    const strips = (n: number) => planFabric(pieces(n), ratio(42), buying).strips;
    const [forty, twelve] = [strips(40), strips(12)];
    expect(strips(40)).toEqual(forty);
    expect(strips(12)).toEqual(twelve);
  });

  it('does not depend on the order in which pieces are named', () => {
    fc.assert(
      fc.property(randomPieces, (pieces) => {
        const there = planFabric(pieces, ratio(42), buying);
        const back = planFabric([...pieces].reverse(), ratio(42), buying);
        expect(back.lengthNeeded.equals(there.lengthNeeded)).toBe(true);
      }),
      { numRuns: 10 },
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
    expect(() => planFabric([{ ...border, turnable: false }], ratio(42), buying)).toThrow(DoesNotFit);
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
    expect(plan.lowerBound).toBe(77.5);
    expect(formatLength(plan.lengthNeeded, 'in')).toBe('77 1/2');
  });
});

it('the linear program proves more than the area where the width cannot be filled', () => {
  const square = (side: string, qty: number): Piece => ({ label: side, w: ratio(side), h: ratio(side), qty, turnable: true });
  const plan = planFabric([square('3.5', 136), square('3.875', 8), square('4.75', 2)], ratio(40), buying);
  // Eleven of 3 1/2 leave 1 1/2 in of 40: the area alone would come to 45 7/8.
  expect(plan).toMatchObject({ lowerBound: 47, proof: 'lp' });
  expect(plan.lengthNeeded.valueOf() / plan.lowerBound).toBeLessThan(1.06);
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

describe('cut forms', () => {
  it('are planned on whole sheets, never fewer than can be', () => {
    const sheet = fc.constantFrom(['20 1/2', '17 1/2'], ['42', '17 1/2'], ['20 1/2', '8 1/2'], ['10', '10']);
    const small = fc.array(
      fc.record({ w: eighths(8), h: eighths(8), qty: fc.integer({ min: 0, max: 30 }), turnable: fc.boolean() }),
      {
        minLength: 1,
        maxLength: 6,
      },
    );
    fc.assert(
      fc.property(small, sheet, (rows, [width, length]) => {
        const plan = planSheets(
          rows.map((row, i): Piece => ({ ...row, label: `A${i}` })),
          ratio(width!),
          ratio(length!),
        );
        expect(faultsOf(plan)).toEqual([]);
      }),
      { numRuns: 40 },
    );
  });

  it('refuse what fits them neither way, and take what fits only on its side', () => {
    const piece = (w: string, h: string, turnable: boolean): Piece => ({
      label: 'm1:b:A1',
      w: ratio(w),
      h: ratio(h),
      qty: 2,
      turnable,
    });
    const plan = (p: Piece) => planSheets([p], ratio('20.5'), ratio('17.5'));
    expect(() => plan(piece('21', '3', true))).toThrow(DoesNotFit);
    expect(() => plan(piece('3', '20', false))).toThrow(/m1:b:A1.*turned/);
    expect(faultsOf(plan(piece('3', '20', true)))).toEqual([]);
    expect(plan(piece('20', '9', true)).sheetsNeeded).toBe(2);
    expect(plan(piece('20', '8.75', true)).sheetsNeeded).toBe(1);
  });
});

describe('labour', () => {
  it('counts strokes through stacks, not pieces', () => {
    const plan = (qty: number) =>
      planFabric([{ label: 'A1', w: ratio(6), h: ratio(3), qty, turnable: true }], ratio(42), buying);
    // 14 strips of 3, seven pieces in each: 14 strokes to cut them off, and seven for each stack of four.
    expect(plan(98).strips.reduce((n, s) => n + passesOf(s, 4), 0)).toBe(14 + 4 * 7);
    expect(labourOf(plan(98), 40).passes).toBe(14 + 7);
    expect(labourOf(plan(0), 4)).toEqual({ strips: 0, passes: 0, settings: 0, minutes: 0 });
    expect(labourOf(plan(196), 4).minutes).toBeGreaterThan(labourOf(plan(98), 4).minutes);
  });

  it('is shared out so that nobody has more than a third more than can be helped', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 60 }), { maxLength: 30 }),
        fc.integer({ min: 1, max: 5 }),
        (tasks, hands) => {
          const jobs = tasks.map((minutes, id) => ({ id, minutes }));
          const shares = shareOut(jobs, (j) => j.minutes, hands);
          expect(
            shares
              .flat()
              .map((j) => j.id)
              .sort((a, b) => a - b),
          ).toEqual(jobs.map((j) => j.id));
          const longest = Math.max(...shares.map((s) => s.reduce((n, j) => n + j.minutes, 0)));
          const total = tasks.reduce((a, b) => a + b, 0);
          expect(longest).toBeLessThanOrEqual((4 / 3) * Math.max(total / hands, ...tasks, 0) + Math.max(0, ...tasks) / 3);
        },
      ),
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
            for (const row of sub.rows)
              for (const p of row.pieces) count.set(p.label, (count.get(p.label) ?? 0) + sub.times * row.times * p.count);
          const rects = new Map<string, number>();
          for (const r of strip.rects) rects.set(r.label, (rects.get(r.label) ?? 0) + 1);
          expect([...count].sort()).toEqual([...rects].sort());
        }
      }),
      { numRuns: 10 },
    );
  });

  it('count each setting of the ruler once', () => {
    const plan = planFabric([{ label: 'A1', w: ratio(6), h: ratio(3), qty: 7, turnable: true }], ratio(42), buying);
    expect(plan.settings).toBe(2);
  });
});
