/** Fabric by the yard and by the metre, in houses of inches and of centimetres. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import demo from '../../../demo/allotment-year.aggrega.json';
import { packetAccounts, costOfAll, boughtIn, readProgramme, type ProgrammeFile } from '../programme';
import { ratio } from './exact';
import { formatLength, parseLength } from './length';
import { oneSold, pricePerYard, priceSold, soldAmount, soldText, stepText, usualStep, type Counter } from './sold';

const counters = (['in', 'cm'] as const).flatMap((unit) => (['yd', 'm'] as const).map((soldBy): Counter => ({ unit, soldBy })));

describe('what is sold by the length', () => {
  it('is said in yards or metres, whatever is measured in', () => {
    expect(soldText(ratio(45), { unit: 'in', soldBy: 'yd' })).toBe('1 1/4 yd');
    expect(soldText(ratio(45), { unit: 'in', soldBy: 'm' })).toBe('1.15 m');
    expect(soldText(ratio(115), { unit: 'cm', soldBy: 'm' })).toBe('1.15 m');
    expect(soldText(ratio('114.3'), { unit: 'cm', soldBy: 'yd' })).toBe('1 1/4 yd');
  });

  it('is never less than what is needed, and less than a step of the counter more', () => {
    for (const counter of counters)
      fc.assert(
        fc.property(fc.integer({ min: 1, max: 40_000 }), (eighths) => {
          const length = ratio(eighths, 8);
          const [whole = '0', part] = soldAmount(length, counter).split(' ');
          const sold = ratio(whole)
            .add(part ? ratio(part) : ratio(0))
            .mul(oneSold(counter));
          const step = oneSold(counter).div(counter.soldBy === 'yd' ? 8 : 100);
          expect(sold.compare(length)).toBeGreaterThanOrEqual(0);
          expect(sold.sub(length).compare(step)).toBeLessThan(0);
        }),
      );
  });

  it('has steps that are written as people of that counter do, and read back as they were', () => {
    expect(counters.map((c) => stepText(parseLength(usualStep(c), c.unit), c))).toEqual(['4 1/2', '10 cm', '4 1/2 in', '10']);
    for (const c of counters) {
      const step = parseLength(usualStep(c), c.unit);
      expect(parseLength(stepText(step, c), c.unit).equals(step)).toBe(true);
    }
    // Ten centimetres are no mark of a ruler in inches: rounded up to one.
    expect(formatLength(parseLength('10 cm', 'in'), 'in')).toBe('3 15/16');
  });

  it('has prices that are the same money either way', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 100_000 }), (cents) => {
        const price = cents / 100;
        expect(priceSold(pricePerYard(price, { soldBy: 'm' }), { soldBy: 'm' })).toBeCloseTo(price, 3);
        expect(pricePerYard(price, { soldBy: 'yd' })).toBe(price);
      }),
    );
  });
});

describe('a house of inches that buys by the metre', () => {
  const read = (house: ProgrammeFile['house']) => {
    const result = readProgramme({ ...demo, house: { ...demo.house, ...house } });
    if (!result.ok) throw new Error(result.errors[0]!.message);
    return result.programme;
  };

  it('cuts the same pieces, and buys as near to what it needs as its counter allows', () => {
    const [yards, metres] = [read({}), read({ soldBy: 'm', sellingStep: '10 cm' })];
    const cost = (programme: typeof yards) =>
      costOfAll(boughtIn(programme, [...packetAccounts(programme, { people: { frost: 3 }, first: true })]), programme);
    const bought = (programme: typeof yards) =>
      boughtIn(programme, [...packetAccounts(programme, { people: { frost: 3 }, first: true })]).filter((b) => b.pieces === 0);
    expect(metres.house.soldBy).toBe('m');
    for (const { fabric, length } of bought(metres)) {
      // Whole steps of ten centimetres, for each length that is cut.
      expect(length.mul(127).div(500).d).toBe(1n);
      const before = bought(yards).find((b) => b.fabric.id === fabric.id)!;
      expect(Math.abs(length.valueOf() - before.length.valueOf())).toBeLessThan(before.length.valueOf());
    }
    const [a, b] = [cost(yards), cost(metres)];
    expect(a === undefined).toBe(b === undefined);
    if (a !== undefined && b !== undefined) expect(b / a).toBeGreaterThan(0.8);
  });

  it('is refused a counter that nobody knows', () => {
    const result = readProgramme({ ...demo, house: { ...demo.house, soldBy: 'ell' } } as never);
    expect(result.ok).toBe(false);
  });
});
