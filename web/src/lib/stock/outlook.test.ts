/** The outlook by hand counts: who is counted, which months are ahead, and whose fabric is advised. */
import demo from '$demo/allotment-year.aggrega.json';
import { readProgramme } from '@aggrega/core/programme';
import { describe, expect, it } from 'vitest';
import { adviceFor, oddsFor, outlookOf } from './outlook';

const reading = readProgramme(demo);
if (!reading.ok) throw new Error('the demonstration cannot be read');
const { programme } = reading;
const TODAY = '2027-05-20';
const heads = { frost: 25, harvest: 18 };
const taking = (n: number) => Array.from({ length: n }, () => ({ state: 'in', joined: '2026-11-01', left: '' }));
const everybody = [...taking(43), { state: 'left', joined: '2026-11-01', left: '2027-03-02' }];
const outlook = outlookOf(programme, everybody, heads, TODAY);

describe('the outlook', () => {
  it('counts who takes part and who left, and has the months that are still to come', () => {
    expect(outlook).toMatchObject({ people: 43, seen: { left: 1, joined: 0 } });
    expect(outlook.ahead.map((m) => m.id)).toEqual(programme.months.filter((m) => m.release! > TODAY).map((m) => m.id));
    // Before the second of March one more took part.
    expect(outlook.past.map((p) => `${p.month.id} ${p.people}`)).toEqual(['m1 44', 'm2 44', 'm3 43', 'm4 43', 'm5 43']);
    // As many months of odds as the last of them is away.
    expect(outlook.odds).toHaveLength(7);
  });

  it('expects fewer people the later it is, and has odds for each day ahead', () => {
    const means = outlook.ahead.map((month) => oddsFor(outlook, month, TODAY)!.mean);
    expect(means.every((mean, i) => i === 0 || mean <= means[i - 1]!)).toBe(true);
    expect(means[0]).toBeLessThan(43);
  });

  it('is nothing where nobody takes part', () => {
    const nobody = outlookOf(programme, [], {}, TODAY);
    expect([nobody.people, nobody.odds]).toEqual([0, []]);
    expect(oddsFor(nobody, outlook.ahead[0]!, TODAY)).toBeUndefined();
  });
});

describe('the advice', () => {
  const month = outlook.ahead.at(-1)!;
  const fabric = programme.fabrics[0]!.id;
  const packet = (id: string) => ({ id, cloth: { frost: { [fabric]: 25 } } });
  const advice = (...ids: string[]) =>
    adviceFor(programme, outlook, heads, { packets: ids.map(packet), month, today: TODAY }).filter(
      (a) => a.fabric.id === fabric,
    );

  it('is for the packets ahead alone: what is cut already is bought', () => {
    const [past, next, last] = ['m1', outlook.ahead[0]!.id, month.id];
    expect(advice(past)).toEqual([]);
    const [one] = advice(past, next);
    const [two] = advice(past, next, last);
    expect(one).toMatchObject({ colourway: { id: 'frost' } });
    expect(two!.wanted / two!.buy.now).toBeCloseTo((2 * one!.wanted) / one!.buy.now, 9);
  });
});
