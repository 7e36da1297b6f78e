import { describe, expect, it } from 'vitest';
import demo from '../../../demo/allotment-year.aggrega.json';
import { costCurve, costOfPlan, handsOut, kitCount, loadByWeek, monthFigures, planCutting, readProgramme } from './index';

const reading = readProgramme(demo);
if (!reading.ok) throw new Error('the demonstration is not sound');
const { programme } = reading;
const figures = [...monthFigures(programme)];

describe('the year in figures', () => {
  it('has every month that hands something out, and all its cloth is sewn, kept or scrap', () => {
    expect(figures.map((f) => f.month.id)).toEqual(programme.months.filter((m) => handsOut(programme, m)).map((m) => m.id));
    for (const f of figures) {
      expect(f.sewn + f.kept + f.scrap).toBeCloseTo(1, 9);
      for (const share of [f.sewn, f.kept, f.scrap]) expect(share).toBeGreaterThanOrEqual(-1e-9);
      expect(f.sewn).toBeGreaterThan(0.5);
      expect(f.minutes).toBeGreaterThan(0);
    }
  });

  it('counts the cloth of all colourways, and none for nobody', () => {
    const month = programme.months[1]!;
    const length = programme.colourways
      .map((colourway) => {
        const participants = programme.participants.get(colourway.id)!;
        return planCutting(programme, { colourway, months: [month], basis: 'batch', participants, first: true });
      })
      .flatMap((plan) => plan.fabrics)
      .reduce((n, { plan }) => n + ('sheets' in plan ? plan.sheetsNeeded * 9 : plan.lengthNeeded.valueOf()), 0);
    const own = figures.find((f) => f.month === month)!;
    expect(own.cloth.reduce((n, c) => n + c.length, 0)).toBeCloseTo(length, 9);
    for (const f of monthFigures(programme, { frost: 0, harvest: 0, dusk: 0 }))
      expect(f.cloth.every((c) => c.length === 0)).toBe(true);
  });

  it('loads the week before each release, starting on its Monday, and loses no minute', () => {
    const weeks = loadByWeek(figures);
    const dated = figures.filter((f) => f.month.release);
    expect(weeks.reduce((n, w) => n + w.minutes, 0)).toBeCloseTo(dated.reduce((n, f) => n + f.minutes, 0));
    for (const { monday, months } of weeks) {
      expect(new Date(`${monday}T00:00:00Z`).getUTCDay()).toBe(1);
      for (const { release } of months) {
        const days = (Date.parse(release!) - Date.parse(monday)) / 86_400_000;
        expect(days).toBeGreaterThanOrEqual(7);
        expect(days).toBeLessThan(14);
      }
    }
  });

  it('costs a participant what all cloth costs, shared; together never more than apart', () => {
    const colourway = programme.colourways[0]!;
    const points = [...costCurve(programme, colourway, [1, 6, 24])];
    const months = programme.months.filter((m) => handsOut(programme, m));
    const all = months.map((m) =>
      costOfPlan(planCutting(programme, { colourway, months: [m], basis: 'batch', participants: 24, first: true }), programme),
    );
    expect(points[2]!.together).toBeCloseTo(all.reduce((n: number, c) => n + c!, 0) / 24);
    expect(points[2]!.together).toBeLessThan(points[2]!.apart!);
    expect(points[0]!.together).toBeGreaterThan(points[2]!.together!);
    expect(kitCount(programme, 1)).toBeGreaterThan(1);
  });

  it('has no cost while a fabric has no price', () => {
    const unpriced = {
      ...programme,
      colourways: programme.colourways.map((c) => ({
        ...c,
        fabrics: new Map([...c.fabrics].map(([role, f]) => [role, { ...f, pricePerYard: undefined }])),
      })),
    };
    const [point] = costCurve(unpriced, unpriced.colourways[0]!, [12]);
    expect(point).toEqual({ people: 12, together: undefined, apart: undefined });
  });
});
