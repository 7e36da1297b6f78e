import { parseLength } from '@aggrega/core/measure';
import { planContract, planCutting, readProgramme } from '@aggrega/core/programme';
import { describe, expect, it } from 'vitest';
import demo from '../../../../demo/allotment-year.aggrega.json';
import { planMonth, type MonthPlan } from './month-plan';

const reading = readProgramme(demo);
if (!reading.ok) throw new Error('the demonstration programme is unsound');
const { programme } = reading;
const drawn = programme.months.filter((m) => m.blocks.length > 0);

const sum = (numbers: number[]) => numbers.reduce((a, b) => a + b, 0);
const sound = (plan: MonthPlan) => {
  if (!plan.ok) throw new Error(JSON.stringify(plan.problems));
  return plan;
};

describe('a month’s plan for the page', () => {
  it('is what the command line prints, for every month, colourway and basis', () => {
    for (const month of drawn) {
      for (const colourway of programme.colourways) {
        const view = sound(planMonth(programme, month, colourway, 31));
        for (const basis of ['kit', 'batch'] as const) {
          const printed = planContract(
            planCutting(programme, { colourway, months: [month], basis, participants: 31 }),
            programme,
          );
          expect(view[basis].kits).toBe(printed.kits);
          expect(view[basis].fabrics.map((f) => [f.id, f.needed, f.toBuy, f.strips.length])).toEqual(
            printed.fabrics.map((f) =>
              'lengthNeeded' in f
                ? [f.fabric, f.lengthNeeded, f.lengthToBuy, f.strips.length]
                : [f.fabric, String(f.sheetsNeeded), String(f.sheetsNeeded), f.sheets.length],
            ),
          );
        }
      }
    }
  });

  it('survives the way from a worker, and counts what it shows', () => {
    const { batch } = sound(planMonth(programme, drawn[6]!, programme.colourways[0]!, 60));
    expect(structuredClone(batch)).toEqual(batch);
    for (const fabric of batch.fabrics) {
      for (const strip of fabric.strips) {
        const given = strip.subCuts.reduce(
          (n, s) => n + s.times * sum(s.rows.map((r) => r.times * sum(r.pieces.map((p) => p.count)))),
          0,
        );
        expect(given).toBe(strip.rects.length);
        expect(strip.rects.every((r) => r.cut === `potting-shed:${r.name}`)).toBe(true);
      }
      expect(parseLength(fabric.bound, 'in').compare(parseLength(fabric.needed, 'in'))).toBeLessThanOrEqual(0);
    }
    expect(batch.strips).toBe(batch.fabrics.flatMap((f) => f.strips).reduce((n, s) => n + s.repeat, 0));
  });

  it('costs a kit what its cloth costs, and says nothing while a price is missing', () => {
    const { kit } = sound(planMonth(programme, drawn[0]!, programme.colourways[0]!, 1));
    // Three times a quarter of a yard, at 11.50, 12.50 and 12.50.
    expect(kit.costPerKit).toBeCloseTo((11.5 + 12.5 + 12.5) / 4, 10);
    const unpriced = structuredClone(demo) as { fabrics: { pricePerYard?: number }[] };
    delete unpriced.fabrics[0]!.pricePerYard;
    const other = readProgramme(unpriced);
    expect(
      other.ok &&
        sound(planMonth(other.programme, other.programme.months[0]!, other.programme.colourways[0]!, 1)).kit.costPerKit,
    ).toBeUndefined();
  });

  it('gives the problems, with their places, instead of a plan', () => {
    const wide = structuredClone(demo) as { fabrics: { usableWidth: string }[] };
    wide.fabrics[0]!.usableWidth = '5';
    const other = readProgramme(wide);
    const plan = other.ok && planMonth(other.programme, other.programme.months[0]!, other.programme.colourways[0]!, 3);
    expect(plan).toMatchObject({ ok: false, problems: [{ path: '/fabrics/0/usableWidth' }] });
  });

  it('tells the cuts of a month’s several blocks apart', () => {
    const many = structuredClone(demo) as { months: { blocks: object[] }[] };
    many.months[0]!.blocks.push({ block: 'cold-frame', finished: '6' }, { block: 'cloche', finished: '12' });
    const other = readProgramme(many);
    if (!other.ok) throw new Error('unsound');
    const { batch } = sound(planMonth(other.programme, other.programme.months[0]!, other.programme.colourways[0]!, 12));
    for (const fabric of batch.fabrics) {
      const sizes = new Map<string, Set<string>>();
      for (const r of fabric.strips.flatMap((s) => s.rects)) {
        const size = [r.w, r.h].sort().join(' by ');
        sizes.set(r.name, (sizes.get(r.name) ?? new Set()).add(size));
      }
      for (const [name, found] of sizes) expect([name, found.size]).toEqual([name, 1]);
    }
    expect(batch.fabrics[0]!.strips[0]!.rects[0]!.name).toBe('1·A1');
  });
});
