import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { readProgramme, type ProgrammeFile } from '../programme';
import { clothToBuy, type ClothAdvice } from './buying';

const demo = JSON.parse(
  readFileSync(new URL('../../../demo/allotment-year.aggrega.json', import.meta.url), 'utf8'),
) as ProgrammeFile;
const QUESTION = {
  seen: { peopleMonths: 300, left: 4, joined: 6 },
  people: { frost: 20, harvest: 10, dusk: 0 },
  cloth: Object.fromEntries(
    demo.colourways!.map((c) => [c.id, Object.fromEntries(Object.values(c.fabrics).map((id) => [id, 24]))]),
  ),
  ...{ releases: 6, ahead: 5 },
};

function advice(file: ProgrammeFile): ClothAdvice[] {
  const reading = readProgramme(file);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return clothToBuy(reading.programme, QUESTION);
}

it('what is to hand is dealt out once and never more than is wanted; the rest is bought', () => {
  const all = advice({ ...demo, orders: [] });
  expect(all.length).toBeGreaterThan(5);
  expect(all.every((a) => a.colourway.id !== 'dusk')).toBe(true);
  for (const fabric of new Set(all.map((a) => a.fabric))) {
    const own = all.filter((a) => a.fabric === fabric);
    const lying = demo.shelf!.filter((s) => s.fabric === fabric.id).length;
    const given = own.reduce((sum, a) => sum + a.hand, 0);
    if (lying === 0) expect(given).toBe(0);
    for (const a of own) {
      expect(a.hand + a.lacking).toBeCloseTo(a.wanted, 9);
      expect(a.lacking).toBeGreaterThanOrEqual(0);
    }
  }
  expect(all.some((a) => a.hand > 0)).toBe(true);
});

it('without a shelf everything is bought, and as many kits as with one', () => {
  const bare = advice({ ...demo, orders: [], shelf: [] });
  expect(bare.every((a) => a.hand === 0 && a.lacking === a.wanted)).toBe(true);
  expect(bare.map((a) => a.buy.now)).toEqual(advice(demo).map((a) => a.buy.now));
});

it('what is ordered and has not come counts as to hand', () => {
  const { fabric } = advice({ ...demo, orders: [], shelf: [] })[0]!;
  const order = { id: 'o1', supplier: 'Any', placed: '2027-01-02', lines: [{ fabric: fabric.id, length: '36' }] };
  const [first] = advice({ ...demo, shelf: [], orders: [order] });
  expect(first!.hand).toBeCloseTo(Math.min(1, first!.wanted), 9);
});

it('the likelier a print is gone, the more is bought now', () => {
  const { fabric } = advice(demo)[0]!;
  const kits = (gone: number) =>
    advice({ ...demo, fabrics: demo.fabrics!.map((f) => (f.id === fabric.id ? { ...f, gone } : f)) })[0]!.buy.now;
  expect(kits(0.9)).toBeGreaterThan(kits(0.01));
});
