/** Every room's figure for the same fabric is the same, and what is handed out suffices for what the sheets tell, piece by piece. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ratio, type Rational } from '../measure';
import { tailOf, type Rect } from '../cutting';
import {
  boughtIn,
  costOfAll,
  handsOut,
  kitGroups,
  lengthOfAll,
  monthShares,
  packetAccounts,
  packetFigures,
  packetOfMonth,
  PlanError,
  planPacket,
  planStock,
  readProgramme,
  wayOf,
  type KitGroup,
  type Programme,
} from '../programme';
import { calendarSteps, monthCosts } from '../running';
import { kitContents, monthSheet } from './index';
import { randomYear } from '../../tests/random-year';
import demo from '../../../demo/allotment-year.aggrega.json';

/** A year that can be planned; what cannot (a piece wider than its fabric) is refused in every room alike and is no matter here. */
function planned(file: unknown): { programme: Programme; accounts: ReturnType<typeof all> } | undefined {
  const reading = readProgramme(file);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  try {
    return { programme: reading.programme, accounts: all(reading.programme) };
  } catch (error) {
    if (error instanceof PlanError) return undefined;
    throw error;
  }
}
const all = (programme: Programme) => [...packetAccounts(programme)];

/** What is wrong with following the sheets of all months with what one person is handed: she has no other fabric. */
export function followingFaults(programme: Programme, { colourway, size }: KitGroup, keep: 'cut' | 'whole'): string[] {
  const faults: string[] = [];
  const whose = { colourway, size, keep };
  const lengths = new Map<string, Rational>();
  const sheets = new Map<string, Rect[]>();
  let bags = new Map<string, number>();
  let tails: { key: string; rects: Rect[] }[] = [];
  const sizeKey = (w: Rational, h: Rational) => `${w.toFraction()} ${h.toFraction()}`;
  const add = (to: Map<string, number>, label: string, n: number) => to.set(label, (to.get(label) ?? 0) + n);
  for (const month of programme.months.filter((m) => handsOut(programme, m))) {
    const { months, at, number } = packetOfMonth(programme, month);
    const packet = planPacket(programme, { colourway, size, months });
    if (at === 0)
      for (const { fabric, plan } of packet.fabrics)
        if (!('sheets' in plan)) {
          const { allowance, shrinkage } = programme.house;
          const usable = plan.lengthToBuy.mul(ratio(1).sub(shrinkage)).sub(allowance);
          lengths.set(`${number} ${fabric.id}`, plan.lengthToBuy.equals(0) ? ratio(0) : usable);
        }
    const inHand = new Map<string, number>();
    const stageOf = (label: string) => months.findIndex((m) => label.startsWith(`${m.id}:`));
    const shares = monthShares(programme, month, whose);
    const cutOff = (fabric: string, length: Rational) => {
      const key = `${number} ${fabric}`;
      const left = lengths.get(key)!.sub(length);
      if (left.compare(0) < 0) faults.push(`${month.id}: ${fabric} is used up`);
      lengths.set(key, left);
    };
    const bagged = new Map<string, number>();
    // Parts of the quilt are called alike in several fabrics.
    const take = ({ label }: Rect, times: number, fabric: string) =>
      add(label.startsWith(`${month.id}:`) ? inHand : bagged, `${fabric} ${label}`, times);
    for (const share of shares) {
      for (const k of share.kept) {
        if (k.of === 'length' && lengths.get(`${number} ${share.fabric.id}`)!.compare(k.h) < 0)
          faults.push(`${month.id}: ${share.fabric.id} was not kept whole`);
        if (k.of === 'strip' && tails.filter((t) => t.key === `${share.fabric.id} ${sizeKey(k.w, k.h)}`).length < k.qty)
          faults.push(`${month.id}: the end of a strip of ${share.fabric.id} was not kept`);
      }
      // Pieces of one label may have been cut in several months.
      for (const label of new Set(share.bagged.map((b) => b.label))) {
        const told = share.bagged.filter((b) => b.label === label).reduce((n, b) => n + b.qty, 0);
        const own = `${share.fabric.id} ${label}`;
        if ((bags.get(own) ?? 0) !== told) faults.push(`${month.id}: ${own} was not bagged`);
        add(inHand, own, told);
        bags.delete(own);
      }
      for (const { w, h, rects } of share.opened) {
        const found = tails.findIndex((t) => t.key === `${share.fabric.id} ${sizeKey(w, h)}`);
        if (found < 0) faults.push(`${month.id}: opens a strip that nobody kept`);
        tails = tails.filter((_, i) => i !== found);
        for (const rect of rects) take(rect, 1, share.fabric.id);
      }
      for (const strip of share.strips) {
        cutOff(share.fabric.id, strip.length.mul(strip.repeat));
        const tail = keep === 'whole' ? tailOf(strip, at, stageOf) : undefined;
        const left = new Set(tail?.columns.flatMap((c) => c.rows.flatMap((r) => r.rects)));
        for (const rect of strip.rects) if (!left.has(rect)) take(rect, strip.repeat, share.fabric.id);
        if (tail)
          for (let i = 0; i < strip.repeat; i += 1)
            tails.push({ key: `${share.fabric.id} ${sizeKey(tail.w, tail.h)}`, rects: [...left] });
      }
      for (const { sheet, rects } of share.sheets) {
        const key = `${share.from === 'bundle' ? 'bundle' : number} ${share.fabric.id} ${sheet}`;
        const cut = sheets.get(key) ?? [];
        for (const rect of rects) {
          if (cut.some((c) => overlap(c, rect))) faults.push(`${month.id}: ${rect.label} is cut from fabric that is gone`);
          take(rect, 1, share.fabric.id);
        }
        sheets.set(key, [...cut, ...rects]);
      }
      for (const { label, qty } of share.bag)
        if (bagged.get(`${share.fabric.id} ${label}`) !== qty) faults.push(`${month.id}: ${label} is not bagged as told`);
    }
    // What serves this month alone is cut whole.
    if (months.length === 1)
      for (const { fabric, plan } of packet.fabrics) {
        const strips = 'sheets' in plan ? plan.sheets : plan.strips;
        for (const strip of strips) {
          if (!('sheets' in plan)) cutOff(fabric.id, strip.length.mul(strip.repeat));
          for (const rect of strip.rects) take(rect, strip.repeat, fabric.id);
        }
      }
    for (const [label, n] of bagged) add(bags, label, n);
    const sheet = monthSheet(programme, month, colourway, size);
    // Mirror images that are cut otherwise are counted under names of their own, which the sheet does not write; none occur here.
    for (const { name, cuts } of sheet.fabrics)
      for (const { piece, qty } of cuts) {
        const id = programme.fabrics.find((f) => f.name === name)!.id;
        const has = inHand.get(`${id} ${piece}`) ?? 0;
        if (has < qty) faults.push(`${month.id}: lacks ${qty - has} of ${piece}`);
      }
  }
  bags = new Map([...bags].filter(([, n]) => n > 0));
  if (bags.size > 0) faults.push(`bagged for nothing: ${[...bags.keys()].join()}`);
  if (tails.length > 0) faults.push('a strip was kept for nothing');
  return faults;
}

const overlap = (a: Rect, b: Rect) =>
  a.x.compare(b.x.add(b.w)) < 0 &&
  b.x.compare(a.x.add(a.w)) < 0 &&
  a.y.compare(b.y.add(b.h)) < 0 &&
  b.y.compare(a.y.add(a.h)) < 0;

/** Whole years are planned: however slow the machine, what decides is the figures. */
const PATIENCE = 900_000;

describe('the account of fabric', () => {
  it(
    'is what bolts, figures, money, calendar and labels say',
    () => {
      fc.assert(
        fc.property(randomYear, (file) => {
          const year = planned(file);
          if (!year) return;
          const { programme, accounts } = year;
          const packets = programme.kits.packets.map((_, i) => i);
          const bought = boughtIn(programme, accounts);
          // Bolts: what is cut off them, or ordered, is what is bought; and it is wanted of nothing else.
          const stock = planStock(programme, { packets });
          expect(stock.map((s) => [s.fabric.id, s.wanted.toFraction(), s.pieces ?? 0])).toEqual(
            bought.map((b) => [b.fabric.id, b.length.toFraction(), b.pieces]),
          );
          for (const { bolts, wanted, order } of stock)
            if (bolts) expect(order.length.compare(wanted)).toBeGreaterThanOrEqual(0);
          // Figures and money.
          const figures = [...packetFigures(programme)];
          const cloth = (id: string) =>
            figures.flatMap((f) => f.cloth).reduce((n, c) => (c.fabric.id === id ? n + c.length : n), 0);
          for (const b of bought) expect(cloth(b.fabric.id)).toBeCloseTo(lengthOfAll(b, programme.unit), 6);
          const money = monthCosts(figures, 1).reduce((n, m) => n + (m.cloth ?? NaN), 0);
          expect(money).toBeCloseTo(costOfAll(bought, programme)!, 6);
          for (const f of figures)
            expect(f.sewn + f.kept + f.scrap).toBeCloseTo(bought.length > 0 && f.cloth.length > 0 ? 1 : 0, 6);
          // The calendar's day to order is the first of the bolts' days.
          const days = accounts.flatMap((a) =>
            planStock(programme, { packets: [a.number - 1] }).flatMap((s) =>
              s.order.by && (s.wanted.compare(0) > 0 || s.pieces) ? [s.order.by] : [],
            ),
          );
          const steps = calendarSteps(programme)
            .filter((s) => s.kind === 'order')
            .map((s) => s.day);
          expect([...new Set(steps)].sort()[0]).toBe(days.sort()[0]);
          // Who is handed lengths finds them on the label; who brings her own has none.
          for (const { handed, months } of accounts)
            for (const { group } of handed) {
              const says = kitContents(programme, { months, ...group });
              if (wayOf[group.kind] === 'list') expect([says, group.kits]).toEqual([[], 0]);
            }
        }),
        { numRuns: 8, endOnFailure: true },
      );
    },
    PATIENCE,
  );

  it(
    'hands everybody what the sheets of all months tell to cut, in their order',
    () => {
      fc.assert(
        fc.property(randomYear, fc.constantFrom('cut' as const, 'whole' as const), (file, keep) => {
          const year = planned(file);
          if (!year) return;
          const { programme } = year;
          for (const colourway of programme.colourways)
            for (const group of kitGroups(programme, colourway))
              if (wayOf[group.kind] === 'lengths') expect(followingFaults(programme, group, keep)).toEqual([]);
        }),
        { numRuns: 8, endOnFailure: true },
      );
    },
    PATIENCE,
  );

  it('counts everybody by the kit they have, and nobody twice', () => {
    fc.assert(
      fc.property(randomYear, fc.integer({ min: 0, max: 60 }), (file, people) => {
        const reading = readProgramme(file);
        if (!reading.ok) throw new Error('unsound');
        for (const colourway of reading.programme.colourways) {
          const groups = kitGroups(reading.programme, colourway, people);
          expect(groups.reduce((n, g) => n + g.people, 0)).toBe(people);
          for (const g of groups) if (g.kind !== 'list') expect(g.kits).toBeGreaterThanOrEqual(g.people);
        }
      }),
      { numRuns: 60, endOnFailure: true },
    );
  });

  it('counts a number that is tried as it will count those who enrol', () => {
    const { programme } = planned(demo)!;
    const dusk = programme.colourways.find((c) => c.id === 'dusk')!;
    for (const people of [0, 1, 12, 13, 14, 60]) {
      const enrolled = { ...programme, participants: new Map([...programme.participants, ['dusk', people]]) };
      expect(kitGroups(programme, dusk, people)).toEqual(kitGroups(enrolled, dusk));
      expect(kitGroups(programme, dusk, people).find((g) => g.kind === 'list')?.people ?? 0).toBe(Math.min(1, people));
    }
  });

  it('holds for the demonstration, both ways of keeping', () => {
    const { programme } = planned(demo)!;
    for (const colourway of programme.colourways)
      for (const group of kitGroups(programme, colourway))
        for (const keep of ['cut', 'whole'] as const) expect(followingFaults(programme, group, keep)).toEqual([]);
  });
});
