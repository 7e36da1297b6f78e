import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { library, readBlock, turnBlock, type Block } from '../block';
import { asSeen, averageColour, bandOf, judge, mends, printPatterns, roleSeams, value, views, volumeOf } from './index';

const colour = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);
const plain = (v: number, c = '#808080') => ({ value: v, volume: 0, colour: c });

describe('a seam', () => {
  it.each([
    [80, 55, 'clear'],
    [80, 55.1, 'weak'],
    [80, 65, 'weak'],
    [80, 65.1, 'lost'],
    [30, 80, 'clear'],
  ])('between L* %d and %d is %s', (a, b, verdict) => {
    expect(judge(plain(a), plain(b)).verdict).toBe(verdict);
    expect(judge(plain(b), plain(a)).verdict).toBe(verdict);
  });

  it('is no better than weak where a print holds both values', () => {
    expect(judge({ value: 80, volume: 18 }, { value: 50, volume: 12 }).verdict).toBe('weak');
    expect(judge({ value: 80, volume: 10 }, { value: 50, volume: 5 }).verdict).toBe('clear');
  });
});

describe('the seams of a block', () => {
  const block: Block = {
    ...{ id: 'b', name: 'b', grid: [2, 2] },
    patches: [
      {
        role: 'A',
        points: [
          [0, 0],
          [12, 0],
          [12, 24],
          [0, 24],
        ],
      },
      {
        role: 'B',
        points: [
          [12, 0],
          [24, 0],
          [24, 12],
          [12, 12],
        ],
      },
      {
        role: 'C',
        points: [
          [12, 12],
          [24, 12],
          [24, 24],
          [12, 24],
        ],
      },
    ],
  };

  it('are measured along the edges that patches share, whole or in part', () => {
    expect(roleSeams(block)).toEqual([
      { roles: ['A', 'B'], length: 1 },
      { roles: ['A', 'C'], length: 1 },
      { roles: ['B', 'C'], length: 1 },
    ]);
  });

  it('stay the same however the block is turned', () => {
    const sorted = (b: Block) =>
      roleSeams(b)
        .map((s) => `${s.roles} ${s.length.toFixed(6)}`)
        .sort();
    for (const b of library.map((entry) => readBlock(entry, '').block)) expect(sorted(turnBlock(b, 1))).toEqual(sorted(b));
  });

  it('mend from the shelf: clear then, and no other seam worse', () => {
    const cast = new Map([
      ['A', plain(80, '#cccccc')],
      ['B', plain(72, '#bbbbbb')],
      ['C', plain(30, '#444444')],
    ]);
    const seams = roleSeams(block);
    const shelf = [plain(10, '#111111'), plain(50, '#777777'), plain(54, '#7d7d7d'), plain(35, '#555555')];
    const found = mends(['A', 'B'], cast, { shelf, seams, locked: new Set(['A']) });
    // Only B may change; 10 and 35 would be lost in C, 50 would be weak against it; 54 is clear of A by 26 but weak against C.
    expect(found.every((m) => m.role === 'B')).toBe(true);
    for (const { role, fabric } of found) {
      const after = new Map(cast).set(role, fabric);
      for (const { roles } of seams) {
        const [before, now] = [cast, after].map((c) => judge(c.get(roles[0])!, c.get(roles[1])!).difference);
        expect(now! >= 25 || now! >= before!).toBe(true);
      }
    }
    expect(mends(['A', 'B'], cast, { shelf: [plain(56, '#808080')], seams, locked: new Set(['A', 'B']) })).toEqual([]);
    // 55 is clear of 80 and of 30.
    expect(mends(['A', 'B'], cast, { shelf: [plain(55, '#808080')], seams, locked: new Set() })).toEqual([
      { role: 'B', fabric: plain(55, '#808080') },
    ]);
  });
});

describe('views and prints', () => {
  it('in grey a colour keeps its value and loses all else', () => {
    fc.assert(
      fc.property(colour, (c) => {
        const grey = asSeen(c, 'grey');
        expect(Math.abs(value(grey) - value(c))).toBeLessThan(1);
        const [r, g, b] = [1, 3, 5].map((i) => parseInt(grey.slice(i, i + 2), 16)) as [number, number, number];
        expect(Math.max(r, g, b) - Math.min(r, g, b)).toBeLessThanOrEqual(2);
      }),
    );
  });

  it('every view shows a colour, and greys stay grey in all', () => {
    for (const view of views) {
      expect(asSeen('#c65d3b', view)).toMatch(/^#[0-9a-f]{6}$/);
      expect(Math.abs(value(asSeen('#777777', view)) - value('#777777'))).toBeLessThan(3);
    }
    // Red and green of like value come close to each other without the red or green cones.
    const apart = (view: (typeof views)[number]) => {
      const [a, b] = ['#b05030', '#6b7a2a'].map((c) => asSeen(c, view)) as [string, string];
      return [1, 3, 5].reduce((n, i) => n + Math.abs(parseInt(a.slice(i, i + 2), 16) - parseInt(b.slice(i, i + 2), 16)), 0);
    };
    expect(apart('no-green')).toBeLessThan(apart('colour'));
  });

  it('a print averages between its ground and its ink, and is louder the larger it repeats', () => {
    fc.assert(
      fc.property(colour, colour, fc.constantFrom(...printPatterns), (ground, ink, pattern) => {
        const average = value(averageColour(ground, { pattern, ink, repeat: 1 }));
        const [low, high] = [value(ground), value(ink)].sort((a, b) => a - b) as [number, number];
        // Mixed colours may lie outside of what a screen shows, and are brought back to it.
        expect(average).toBeGreaterThan(low - 4);
        expect(average).toBeLessThan(high + 4);
        const volumes = [0.25, 1, 4].map((repeat) => volumeOf(ground, { pattern, ink, repeat }, 'in'));
        expect(volumes).toEqual([...volumes].sort((a, b) => a - b));
      }),
    );
    expect(volumeOf('#ffffff', undefined, 'in')).toBe(0);
  });

  it('sorts into lights, mediums and darks', () => {
    expect([80, 50, 20].map(bandOf)).toEqual(['light', 'medium', 'dark']);
  });
});
