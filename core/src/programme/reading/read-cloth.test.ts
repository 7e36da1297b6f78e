import { describe, expect, it } from 'vitest';
import { value } from '../../fabric';
import { boughtIn, demandOf, packetAccount, planStock, readProgramme } from '../index';
import { monthDoubts } from '../../sheet';

const block = {
  id: 'pair',
  grid: [1, 1],
  patches: [
    {
      role: 'A',
      points: [
        [0, 0],
        [1, 0],
        [0, 1],
      ],
    },
    {
      role: 'B',
      points: [
        [1, 0],
        [1, 1],
        [0, 1],
      ],
    },
  ],
};
const document = (colourway: object, more: object = {}) => ({
  format: 'aggrega-programme',
  version: 1,
  fabrics: [
    { id: 'light', colour: '#e8e8e8', pricePerYard: 10 },
    { id: 'pale', colour: '#dcdcdc', pricePerYard: 10 },
    { id: 'dots', colour: '#ffffff', print: { pattern: 'dots', ink: '#000000', repeat: '2' }, pricePerYard: 10 },
    { id: 'measured', colour: '#ffffff', value: 41, volume: 9 },
  ],
  colourways: [{ id: 'one', ...colourway }],
  blocks: [block],
  months: [{ id: 'm1', blocks: [{ block: 'pair', finished: '6', make: 4 }] }],
  participants: { one: 5 },
  ...more,
});
function read(colourway: object, more: object = {}) {
  const reading = readProgramme(document(colourway, more));
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
}

describe('fabrics', () => {
  it('are as light as was measured, else as ground and print are on average', () => {
    const { fabrics } = read({ fabrics: { A: 'light', B: 'dots' } });
    const of = (id: string) => fabrics.find((f) => f.id === id)!;
    expect(of('measured')).toMatchObject({ value: 41, volume: 9 });
    expect(of('light').value).toBe(value('#e8e8e8'));
    expect(of('dots').value).toBeLessThan(100);
    expect(of('dots').volume).toBeGreaterThan(0);
    expect(of('dots').print).toEqual({ pattern: 'dots', ink: '#000000', repeat: 2 });
  });
});

describe('a letter of one’s own choice', () => {
  const programme = read({ fabrics: { A: 'light' }, choices: { B: 'dark' } });
  const [colourway] = programme.colourways;
  const request = { colourway: colourway!, months: programme.months, basis: 'kit' as const, participants: 1 };

  it('is cut and told like any other, but neither ordered nor paid for', () => {
    expect(demandOf(programme, request).map((d) => d.fabric.name)).toEqual(['light', 'Your choice, dark']);
    expect(boughtIn(programme, [packetAccount(programme, 0)]).map((b) => b.fabric.id)).toEqual(['light']);
    expect(planStock(programme, { packets: [0] }).map((s) => s.fabric.id)).toEqual(['light']);
  });

  it('is refused where the letter has a fabric already', () => {
    const reading = readProgramme(document({ fabrics: { A: 'light', B: 'pale' }, choices: { B: 'dark' } }));
    expect(reading.ok ? [] : reading.errors.map((e) => e.path)).toEqual(['/colourways/0/choices/B']);
  });
});

describe('letters that are meant to melt together', () => {
  it('are no doubt any more', () => {
    const doubts = (more: object) => {
      const programme = read({ fabrics: { A: 'light', B: 'pale' } }, more);
      return monthDoubts(programme, programme.months[0]!, programme.colourways[0]!).filter((d) => d.rank === 'ruin');
    };
    expect(doubts({})).toHaveLength(1);
    expect(doubts({ melts: [['B', 'A']] })).toHaveLength(0);
  });
});
