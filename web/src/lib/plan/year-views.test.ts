import { parseLength } from '@aggrega/core/measure';
import { handsOut, readProgramme } from '@aggrega/core/programme';
import { describe, expect, it } from 'vitest';
import demo from '../../../../demo/allotment-year.aggrega.json';
import { bundleViews } from './bundle-views';
import { packetViews } from './packet-views';
import { HEADS, costView, figuresView, stockViews } from './year-views';

const reading = readProgramme(demo);
if (!reading.ok) throw new Error('the demonstration programme is unsound');
const { programme } = reading;
const people = Object.fromEntries(programme.participants);

describe('the pages of the year', () => {
  it('survive the way from a worker', () => {
    const views = [
      stockViews(programme, [0], people),
      packetViews(programme, 'dusk', undefined),
      bundleViews(programme, 'dusk', 'double-bed'),
      figuresView(programme, people),
      costView(programme, 'frost'),
    ];
    expect(structuredClone(views)).toEqual(views);
  });

  it('draw bolts that add up, and say what a remainder is good for', () => {
    const shares: number[] = [];
    const stock = stockViews(programme, [0, 1, 2], people, (share) => shares.push(share));
    expect(shares.at(-1)).toBe(1);
    const bolts = stock.flatMap((f) => f.bolts);
    expect(bolts).toHaveLength(programme.shelf.length);
    for (const b of bolts) {
      expect(b.cuts.reduce((n, c) => n + c.qty * c.long, 0) + b.restLong).toBeCloseTo(b.long);
      const state =
        b.cuts.length === 0 ? 'untouched' : b.restLong === 0 ? 'used up' : b.restLong < 9 ? 'too short' : 'saleable';
      expect(b.state).toBe(state);
      expect(b.fatQuarters).toBe(2 * Math.floor(b.restLong / 18));
    }
  });

  it('draw a packet as long as it is bought, and name what is saved with its month', () => {
    for (const size of [undefined, 'double-bed'])
      for (const { fabrics, months } of packetViews(programme, 'frost', size))
        for (const f of fabrics) {
          const cut = f.strips.reduce((n, s) => n + s.repeat * s.tall, 0);
          expect((cut + f.reserveTall) % 4.5).toBeCloseTo(0);
          expect(f.months).toHaveLength(months.length);
          const later = f.strips.flatMap((s) => s.rects.filter((r) => r.later !== undefined)).length;
          expect(later > 0).toBe(f.months.some((m) => m.save.length > 0));
          for (const m of f.months)
            for (const [, size] of m.whole.map((w) => /at least (.+) in × WOF/.exec(w)).filter((w) => w !== null))
              expect(parseLength(size!, 'in').valueOf()).toBeLessThanOrEqual(cut);
        }
  });

  it('leave out packets that hand nothing out, and keep the bundle’s fabric out of them', () => {
    const packets = packetViews(programme, 'dusk', undefined);
    const full = programme.kits.packets.filter((months) => months.some((m) => handsOut(programme, m)));
    expect(packets).toHaveLength(full.length);
    const bare = { ...programme, setting: undefined, sizes: [] };
    expect(packetViews(bare, 'dusk', undefined).length).toBeLessThan(full.length);
    expect(packets.flatMap((p) => p.fabrics.map((f) => f.id))).not.toContain('elderberry');
    expect(packets.some((p) => p.bundled.includes('Elderberry'))).toBe(true);
    const [bundle] = bundleViews(programme, 'dusk', undefined);
    const pieces = bundle!.months.flatMap((m) => m.cuts);
    expect(pieces.length).toBeGreaterThan(0);
    expect(pieces.every((c) => c.x + c.w <= bundle!.wide + 1e-9 && c.y + c.h <= bundle!.tall + 1e-9)).toBe(true);
    expect(bundleViews(programme, 'frost', undefined)).toEqual([]);
  });

  it('count the cloth, the weeks and the cost', () => {
    const figures = figuresView(programme, people);
    for (const m of figures.packets) expect(m.sewn + m.kept + m.scrap).toBeCloseTo(1);
    expect(figures.weeks.flatMap((w) => w.months)).toHaveLength(figures.packets.length);
    expect(costView(programme, 'frost').map((p) => p.people)).toEqual(HEADS);
  });
});
