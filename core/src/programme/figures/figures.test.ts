import { describe, expect, it } from 'vitest';
import demo from '../../../../demo/allotment-year.aggrega.json';
import {
  boughtIn,
  costCurve,
  costOfAll,
  handsOut,
  kitCount,
  loadByWeek,
  packetAccounts,
  packetFigures,
  readProgramme,
  type Programme,
} from '../index';

const read = (change: object = {}): Programme => {
  const reading = readProgramme({ ...demo, ...change });
  if (!reading.ok) throw new Error('the demonstration is not sound');
  return reading.programme;
};
const programme = read();
const figures = [...packetFigures(programme)];

describe('the year in figures', () => {
  it('has every packet that hands something out, and all its fabric is sewn, kept or scrap', () => {
    const months = programme.months.filter((m) => handsOut(programme, m)).map((m) => m.id);
    expect(figures.flatMap((f) => f.months.map((m) => m.id))).toEqual(months);
    for (const f of figures) {
      expect(f.sewn + f.kept + f.scrap).toBeCloseTo(1, 9);
      for (const share of [f.sewn, f.kept, f.scrap]) expect(share).toBeGreaterThanOrEqual(-1e-9);
      expect(f.minutes).toBeGreaterThan(0);
    }
    // The last month hands out the backs: most of the year's fabric.
    expect(figures.at(-1)!.cost!).toBeGreaterThan(2 * figures[0]!.cost!);
  });

  it('asks for nothing where nobody takes part', () => {
    for (const f of packetFigures(programme, { frost: 0, harvest: 0, dusk: 0 }))
      expect([f.cloth, f.cost, f.minutes]).toEqual([[], 0, 0]);
  });

  it('loads the week before each release, starting on its Monday, and loses no minute', () => {
    const weeks = loadByWeek(figures);
    expect(weeks.reduce((n, w) => n + w.minutes, 0)).toBeCloseTo(figures.reduce((n, f) => n + f.minutes, 0));
    for (const { monday, months } of weeks) {
      expect(new Date(`${monday}T00:00:00Z`).getUTCDay()).toBe(1);
      for (const { release } of months) {
        const days = (Date.parse(release!) - Date.parse(monday)) / 86_400_000;
        expect(days).toBeGreaterThanOrEqual(7);
        expect(days).toBeLessThan(14);
      }
    }
  });

  it('costs a participant what all her colourway’s fabric costs, shared; pieces cut together never more than lengths', () => {
    const colourway = programme.colourways[0]!;
    const [, , many] = [...costCurve(programme, colourway, [1, 6, 24])];
    const alone = { harvest: 0, dusk: 0 };
    const cost = (of: Programme) => costOfAll(boughtIn(of, [...packetAccounts(of, { people: alone, first: true })]), of)!;
    expect(many!.apart! * 24).toBeCloseTo(cost(programme), 6);
    expect(many!.together! * 24).toBeCloseTo(cost(read({ kits: { ...demo.kits, kind: 'pre-cut' } })), 6);
    expect(many!.together!).toBeLessThan(many!.apart!);
    const [one, , more] = [...costCurve(programme, colourway, [1, 6, 24])];
    expect(one!.together!).toBeGreaterThan(more!.together!);
    expect(kitCount(programme, 1)).toBeGreaterThan(1);
  });

  it('has no cost while a fabric has no price', () => {
    const unpriced = read({ fabrics: demo.fabrics.map((f) => ({ ...f, pricePerYard: undefined })) });
    const [point] = costCurve(unpriced, unpriced.colourways[0]!, [12]);
    expect(point).toEqual({ people: 12, together: undefined, apart: undefined });
    expect([...packetFigures(unpriced)].every((f) => f.cost === undefined)).toBe(true);
  });
});
