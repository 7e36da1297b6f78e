import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { eveningLists, eveningTasks } from './evening';
import { planPacket } from '../packets/packets';
import { readProgramme } from '../reading/read';
import demo from '../../../../demo/allotment-year.aggrega.json';

const reading = readProgramme(demo);
if (!reading.ok) throw new Error('unsound');
const { programme } = reading;

describe('a cutting evening', () => {
  it('cuts exactly the kits that are wanted, and nothing besides', () => {
    const one = eveningTasks(programme, [{ month: 'm1', colourway: 'frost', size: '', kits: 1 }]);
    const frost = programme.colourways[0]!;
    const kit = planPacket(programme, { colourway: frost, months: programme.kits.packets[0]! });
    const cloth = (of: { fabric: { id: string }; length: number }[]) =>
      Object.fromEntries(of.map((t) => [t.fabric.id, t.length]));
    const plain = kit.fabrics.flatMap(({ fabric, plan }) =>
      'sheets' in plan ? [] : [{ fabric, length: plan.lengthToBuy.valueOf() }],
    );
    expect(cloth(one)).toEqual(cloth(plain));
    // A kit of the double bed takes more; of a packet of two months, both.
    const six = (size: string) =>
      eveningTasks(programme, [{ month: 'm1', colourway: 'frost', size, kind: 'pre-cut', kits: 6 }]).reduce(
        (n, t) => n + t.length,
        0,
      );
    expect(six('double-bed')).toBeGreaterThan(six('') * 1.5);
    // Pieces that the shop cuts, for some, beside lengths for others.
    const mixed = eveningTasks(programme, [
      { month: 'm1', colourway: 'frost', size: '', kits: 2 },
      { month: 'm1', colourway: 'frost', size: '', kind: 'pre-cut', kits: 6 },
    ]);
    expect(mixed.reduce((n, t) => n + t.length, 0)).toBeGreaterThan(2 * one.reduce((n, t) => n + t.length, 0));
    expect(mixed[0]!.strips).toBeGreaterThan(2);
    const two = eveningTasks(programme, [{ month: 'm2', colourway: 'dusk', size: '', kits: 2 }]);
    expect(two[0]!.months.map((m) => m.id)).toEqual(['m2', 'm3']);
    expect(eveningTasks(programme, [{ month: 'm3', colourway: 'dusk', size: '', kits: 2 }])).toEqual([]);
  });

  it('is shared among the hands: every task once, and nobody has an hour more than another for want of sharing', () => {
    const tasks = eveningTasks(programme, [
      { month: 'm1', colourway: 'frost', size: '', kits: 3 },
      { month: 'm4', colourway: 'harvest', size: '', kits: 16 },
      { month: 'm4', colourway: 'dusk', size: '', kits: 12 },
    ]);
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 8 }), (hands) => {
        const lists = eveningLists(tasks, hands);
        expect(lists).toHaveLength(hands);
        expect(new Set(lists.flat()).size).toBe(tasks.length);
        expect(lists.flat()).toHaveLength(tasks.length);
        const minutes = lists.map((l) => l.reduce((n, t) => n + t.minutes, 0));
        const largest = Math.max(...tasks.map((t) => t.minutes));
        expect(Math.max(...minutes) - Math.min(...minutes)).toBeLessThanOrEqual(largest + 1e-9);
      }),
    );
  });
});
