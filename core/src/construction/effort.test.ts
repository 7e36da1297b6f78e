import { describe, expect, it } from 'vitest';
import { library, readBlock, type Block } from '../block';
import { Exact, ratio } from '../measure';
import { draw, squares } from '../../tests/draw';
import { construct, effortOf, gridRemedies, inchStyle, methodChoices, otherReadings, type SewingStyle } from './index';

const make = (b: Block, n = 1, more: Partial<SewingStyle> = {}) =>
  construct(b, { finished: [Exact.of(3 * b.grid[0]), Exact.of(3 * b.grid[1])], make: n, style: { ...inchStyle, ...more } });
const blocks = library.map((file) => readBlock(file, '').block);

describe('effort', () => {
  it('grows with every block, and no block costs more when several are made together', () => {
    for (const b of blocks) {
      const [one, four] = [effortOf(make(b)), effortOf(make(b, 4))];
      expect(four.seams).toBeCloseTo(4 * one.seams, 6);
      expect(four.cuts).toBeLessThanOrEqual(4 * one.cuts + 1e-9);
      expect(four.fabric).toBeLessThanOrEqual(4 * one.fabric * 1.0001 + 1e-9);
      expect(four.points).toBe(4 * one.points);
    }
  });

  it('counts a seam between any two patches that are sewn to each other', () => {
    expect(effortOf(make(squares(1, 1, () => 'A'))).seams).toBe(0);
    expect(effortOf(make(draw([3, 1], ['A 0,0 1,0 1,1 0,1', 'B 1,0 3,0 3,1 1,1']))).seams).toBe(1);
    const goose = draw([2, 1], ['A 1,0 2,1 0,1', 'B 0,0 1,0 0,1', 'B 1,0 2,0 2,1']);
    expect(effortOf(make(goose))).toMatchObject({ seams: 2, cuts: 3, trims: 0, bias: 0 });
    expect(effortOf(make(goose, 1, { methods: { geese: 'cut-triangles' } }))).toMatchObject({ seams: 2, cuts: 5, bias: 2 });
  });

  it('of a trimmed house has trims where an exact one has none', () => {
    const b = draw([1, 1], ['A 0,0 1,0 0,1', 'B 1,0 1,1 0,1']);
    expect(effortOf(make(b, 5)).trims).toBe(0);
    expect(effortOf(make(b, 5, { sizing: 'trim-down' })).trims).toBe(5);
  });
});

describe('choices', () => {
  it('name the method in hand, and leave out what cannot be', () => {
    for (const b of blocks) {
      const c = make(b);
      for (const unit of c.units) {
        const methods = methodChoices(unit, c);
        expect(methods.filter((m) => m.chosen).map((m) => m.name)).toEqual([unit.method.name]);
        for (const m of methods) expect(m.unable === undefined).toBe(m.effort !== undefined);
      }
    }
  });

  it('hold two readings against each other: geese save seams and points, triangle squares save cloth', () => {
    const pair = draw([2, 2], ['A 0,0 1,0 0,1', 'B 1,0 1,1 0,1', 'B 1,0 2,1 1,1', 'A 1,0 2,0 2,1', 'C 0,1 2,1 2,2 0,2']);
    const [reading] = otherReadings(make(pair));
    expect(reading).toMatchObject({
      now: 'parts',
      other: 'whole',
      whole: 'a flying goose of B and A',
      parts: '2 half-square triangles',
    });
    expect(reading!.otherEffort.seams).toBeLessThan(reading!.effort.seams);
    expect(reading!.otherEffort.fabric).toBeGreaterThan(reading!.effort.fabric);
    const sewn = make(pair, 1, { readings: { [reading!.name]: 'whole' } });
    expect(sewn.units.map((u) => `${u.kind.kind} ${u.make}`)).toEqual(['geese 1', 'patch 1']);
    expect(otherReadings(sewn)[0]).toMatchObject({ now: 'whole', other: 'parts' });
  });
});

describe('awkward grids', () => {
  const remedies = (n: number, size: number | string, more: Partial<SewingStyle> = {}) =>
    gridRemedies(
      squares(n, n, (x) => 'ABC'[x % 3]!),
      [Exact.of(ratio(size)), Exact.of(ratio(size))],
      { ...inchStyle, ...more },
    );

  it('need no remedy where every cell is on the ruler', () => {
    for (const [n, size] of [
      [4, 12],
      [3, 12],
      [5, 10],
      [8, 12],
      [12, 9],
    ] as const)
      expect(remedies(n, size)).toEqual([]);
  });

  it('come with sizes whose cells a ruler shows, inches or centimetres', () => {
    for (const n of [3, 5, 6, 7, 9, 11])
      for (const size of [8, 10, 12, 13])
        for (const more of [{}, { unit: 'cm' as const, rounding: ratio('0.1') }]) {
          for (const remedy of remedies(n, size, more)) {
            if (remedy.kind === 'finer') continue;
            const cell = remedy.finished[0].div(n);
            expect(cell.div({ ...inchStyle, ...more }.rounding).d).toBe(1n);
            expect(remedy.finished[0].equals(remedy.finished[1])).toBe(true);
            if (remedy.kind === 'coping') expect(remedy.finished[0].compare(size)).toBeLessThan(0);
          }
        }
  });
});
