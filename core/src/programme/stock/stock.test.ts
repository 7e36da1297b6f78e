import { describe, expect, it } from 'vitest';
import { ratio } from '../../measure';
import demo from '../../../../demo/allotment-year.aggrega.json';
import { kitCount, kitsBySize, planPacket, planStock, readProgramme, type Programme } from '../index';

function read(change: object): Programme {
  const reading = readProgramme({ ...demo, ...change });
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
}
const kits = { kind: 'yardage', packets: [['m1'], ['m2', 'm3']], spares: 0.05, demoSets: 1 };

describe('bolts and orders of a programme', () => {
  it('give everybody their lengths, from the shelf or from what is ordered', () => {
    const programme = read({ kits });
    for (const packets of [[0], [1], [0, 1]]) {
      const stock = planStock(programme, { packets });
      for (const { fabric, wanted, bolts, order, pieces, coming } of stock) {
        if (!bolts) {
          expect(order.pieces).toBe(pieces);
          continue;
        }
        let expected = ratio(0);
        for (const colourway of programme.colourways)
          for (const i of packets)
            for (const { size, kits } of kitsBySize(programme, colourway, programme.participants.get(colourway.id)!)) {
              const packet = planPacket(programme, { colourway, months: programme.kits.packets[i]!, size });
              const own = packet.fabrics.find((f) => f.fabric === fabric);
              if (own && 'lengthToBuy' in own.plan) expected = expected.add(own.plan.lengthToBuy.mul(kits));
            }
        expect(wanted.equals(expected)).toBe(true);
        const cut = bolts.bolts.reduce((sum, b) => sum.add(b.bolt.length.sub(b.rest)), ratio(0));
        const ordered = bolts.order.reduce((sum, o) => sum.add(o.length.mul(o.qty)), ratio(0));
        expect(cut.add(ordered).equals(wanted)).toBe(true);
        expect(order.length.add(coming.length).compare(ordered)).toBeGreaterThanOrEqual(0);
      }
    }
  });

  it('order whole bolts where the fabric comes so, in time', () => {
    const fabrics = demo.fabrics.map((f) => (f.id === 'water-butt' ? { ...f, boltLength: '540', leadDays: 21 } : f));
    const programme = read({ kits, fabrics });
    const butt = planStock(programme, { packets: [0] }).find((f) => f.fabric.id === 'water-butt')!;
    const months = programme.kits.packets[0]!;
    expect(butt.order.length.equals(ratio(540).mul(butt.order.bolts!))).toBe(true);
    const release = new Date(`${months[0]!.release}T00:00:00Z`).getTime();
    expect((release - new Date(`${butt.order.by}T00:00:00Z`).getTime()) / 86_400_000).toBe(21 + programme.calendar.days.house);
  });

  it('count the bundle once, with the first packet', () => {
    const programme = read({ kits: { ...kits, bundle: { elderberry: 2 } } });
    const pieces = (packets: number[]) =>
      planStock(programme, { packets }).find((f) => f.fabric.id === 'elderberry')?.pieces ?? 0;
    expect(pieces([0])).toBe(2 * kitCount(programme, programme.participants.get('dusk')!));
    expect(pieces([1])).toBe(0);
  });

  it('lay the strips of all kits on the bolts where the shop cuts the pieces', () => {
    const programme = read({ kits: { ...kits, kind: 'pre-cut' } });
    const stock = planStock(programme, { packets: [0] });
    expect(stock.some((f) => f.bolts && f.bolts.bolts.some((b) => b.cuts.some((c) => /strip \d+$/.test(c.label))))).toBe(true);
    for (const { bolts } of stock) for (const b of bolts?.bolts ?? []) expect(b.rest.compare(0)).toBeGreaterThanOrEqual(0);
  });

  it('follow head counts that are only tried', () => {
    const programme = read({ kits });
    const wanted = (people: number) =>
      planStock(programme, { packets: [0], people: { frost: people } })
        .find((f) => f.fabric.id === 'water-butt')!
        .wanted.valueOf();
    expect(wanted(48)).toBeGreaterThan(wanted(24));
    expect(wanted(0)).toBe(0);
  });
});
