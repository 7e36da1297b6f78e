import { describe, expect, it } from 'vitest';
import { Exact, formatLength, ratio, toRuler, type Rational } from '../measure';
import { draw } from '../../tests/draw';
import { seen } from '../../tests/seen';
import { construct, inchStyle, unitKind, type SewingStyle } from './index';
import { sewHalfSquareTriangles } from '../../tests/sewing-table';

const metricStyle: SewingStyle = { ...inchStyle, unit: 'cm', seam: ratio('0.75'), rounding: ratio('0.1') };
const hst = unitKind('hst');

/** Every finished size from 1/2 to 12 by eighths. */
const sizes = Array.from({ length: 93 }, (_, i) => ratio(i + 4, 8));

/** The ways of sewing two whole squares; strips, paper and dies are checked by their own sizes below. */
const made = ['two-at-a-time', 'four-at-a-time', 'eight-at-a-time', 'cut-triangles'];

const square = (method: string, f: Rational, style: SewingStyle) =>
  hst.methods
    .find((m) => m.name === method)!
    .recipe({ unit: seen('hst', ['A', 'B'], Exact.of(f)), style, make: 1, mirrored: 0 });

describe.each([
  ['s = 1/4 in', inchStyle],
  ['s = 0.75 cm', metricStyle],
])('half-square triangles sewn on the table, %s', (_, style) => {
  const s = Exact.of(style.seam);

  it.each(made)('%s: the exact square opens to exactly u', (method) => {
    for (const f of sizes) {
      const recipe = square(method, f, style);
      const u = Exact.of(f).plus(s.times(2));
      const sewn = sewHalfSquareTriangles(method, recipe.pieces[0]!.w, s);
      expect(sewn.units).toBe(recipe.yields);
      expect(sewn.sideSquared.equals(u.times(u)), `${method} f=${f.toFraction(true)}`).toBe(true);
    }
  });

  it.each(made)('%s: the ruler’s square is the smallest that is large enough', (method) => {
    for (const f of sizes) {
      const cut = toRuler(square(method, f, style).pieces[0]!.w, style.rounding);
      const u = Exact.of(f).plus(s.times(2));
      const measured = (c: Rational) => sewHalfSquareTriangles(method, Exact.of(c), s).sideSquared.compare(u.times(u));
      expect(measured(cut)).toBeGreaterThanOrEqual(0);
      expect(measured(cut.sub(style.rounding))).toBe(-1);
    }
  });

  it('trim-down sizing leaves exactly the oversize to trim, whatever the method', () => {
    const trim: SewingStyle = { ...style, sizing: 'trim-down' };
    for (const name of made) {
      const sewn = sewHalfSquareTriangles(name, square(name, ratio(3), trim).pieces[0]!.w, s);
      const u = s.times(2).plus(3).plus(style.oversize.hst!);
      expect(sewn.sideSquared.equals(u.times(u))).toBe(true);
    }
  });
});

describe('the sizes that every chart agrees on', () => {
  it.each([
    ['two-at-a-time', '3', '3 7/8'],
    ['cut-triangles', '2', '2 7/8'],
    ['four-at-a-time', '3', '5 1/2'],
    ['four-at-a-time', '4', '6 7/8'],
    ['eight-at-a-time', '3', '7 3/4'],
  ])('%s, finished %s: cut %s', (method, f, cut) => {
    expect(formatLength(toRuler(square(method, ratio(f), inchStyle).pieces[0]!.w, ratio(1, 8)), 'in')).toBe(cut);
  });
});

/** Cut rows of a one-unit block: 'B 2 7/8 once ×2'. */
const cutsOf = (
  shapes: string[],
  grid: [number, number],
  width: number,
  kind: string,
  method: string,
  more: Partial<SewingStyle> = {},
) => {
  const b = draw(grid, shapes);
  const finished = [Exact.of(width), Exact.of((width * grid[1]) / grid[0])] as const;
  const style = { ...inchStyle, ...more, methods: { [kind]: method } };
  const c = construct(b, { finished, make: 1, style });
  expect(c.units[0]!.kind.kind).toBe(kind);
  const write = (x: Rational) => formatLength(x, style.unit);
  return c.cuts.map(
    ({ role, w, h, sub, qty }) =>
      `${role} ${write(w)}${w.equals(h) ? '' : ` by ${write(h)}`}${sub === 'none' ? '' : ` ${sub}`} ×${qty}`,
  );
};

describe('known sizes, unit by unit', () => {
  const hourglass = ['A 0,0 2,0 1,1', 'B 2,0 2,2 1,1', 'A 2,2 0,2 1,1', 'B 0,0 1,1 0,2'];
  const goose = ['A 1,0 2,1 0,1', 'B 0,0 1,0 0,1', 'B 1,0 2,0 2,1'];
  const inSquare = ['A 1,0 2,1 1,2 0,1', 'B 0,0 1,0 0,1', 'B 1,0 2,0 2,1', 'B 2,1 2,2 1,2', 'B 0,1 1,2 0,2'];
  const economy = [
    ...['C 1,1 3,1 3,3 1,3', 'A 1,1 2,0 3,1', 'A 3,1 4,2 3,3', 'A 3,3 2,4 1,3', 'A 1,3 0,2 1,1'],
    ...['B 0,0 2,0 0,2', 'B 2,0 4,0 4,2', 'B 4,2 4,4 2,4', 'B 0,2 2,4 0,4'],
  ];
  const halves = ['A 0,0 1,0 0,1', 'B 1,0 1,1 0,1'];
  const four = ['A 0,0 1,0 1,1 0,1', 'B 1,0 2,0 2,1 1,1', 'B 0,1 1,1 1,2 0,2', 'A 1,1 2,1 2,2 1,2'];
  const trim: Partial<SewingStyle> = { sizing: 'trim-down' };

  it.each<[string, string[], [number, number], number, string, Partial<SewingStyle>, string[]]>([
    ['qst', hourglass, [2, 2], 3, 'two-at-a-time', {}, ['A 4 1/4 ×1', 'B 4 1/4 ×1']],
    ['qst', hourglass, [2, 2], 3, 'two-at-a-time', trim, ['A 4 1/2 ×1', 'B 4 1/2 ×1']],
    ['qst', hourglass, [2, 2], 3, 'cut-triangles', {}, ['A 4 1/4 twice ×1', 'B 4 1/4 twice ×1']],
    ['geese', goose, [2, 1], 6, 'folded-corner', trim, ['A 6 1/2 by 3 1/2 ×1', 'B 3 1/2 ×2']],
    ['geese', goose, [2, 1], 6, 'four-at-a-time', {}, ['A 7 1/4 ×1', 'B 3 7/8 ×4']],
    // 1/8 on the width, half of it on the height.
    ['geese', goose, [2, 1], 6, 'four-at-a-time', trim, ['A 7 3/8 ×1', 'B 4 ×4']],
    ['geese', goose, [2, 1], 6, 'two-squares', trim, ['A 8 ×1', 'B 9 1/2 ×1']],
    ['geese', goose, [2, 1], 6, 'cut-triangles', {}, ['A 7 1/4 twice ×1', 'B 3 7/8 once ×1']],
    ['square-in-square', inSquare, [2, 2], 4, 'cut-triangles', {}, ['A 3 3/8 ×1', 'B 2 7/8 once ×2']],
    ['square-in-square', inSquare, [2, 2], 4, 'folded-corner', {}, ['A 4 1/2 ×1', 'B 2 1/2 ×4']],
    ['economy', economy, [4, 4], 4, 'cut-triangles', {}, ['A 3 1/4 twice ×1', 'B 2 7/8 once ×2', 'C 2 1/2 ×1']],
    ['hst', halves, [1, 1], 3, 'strip-ruler', {}, ['A 4 1/4 by 3 1/2 ×1', 'B 4 1/4 by 3 1/2 ×1']],
    ['hst', halves, [1, 1], 3, 'printed-paper', {}, ['A 4 7/8 ×1', 'B 4 7/8 ×1']],
    ['four-patch', four, [2, 2], 4, 'squares', {}, ['A 2 1/2 ×2', 'B 2 1/2 ×2']],
    ['four-patch', four, [2, 2], 4, 'strip-set', {}, ['A 5 by 2 1/2 ×1', 'B 5 by 2 1/2 ×1']],
  ])('%s', (kind, shapes, grid, width, method, more, expected) => {
    expect(cutsOf(shapes, grid, width, kind, method, more)).toEqual(expected);
  });

  it('a die gives what its owner says, where one is described for the size', () => {
    const dies = [{ kind: 'hst', finished: ratio(3), width: ratio('7.75'), length: ratio(11), units: 8 }];
    expect(cutsOf(halves, [1, 1], 3, 'hst', 'die', { dies })).toEqual(['A 11 by 7 3/4 ×1', 'B 11 by 7 3/4 ×1']);
    const other = construct(draw([1, 1], halves), {
      finished: [Exact.of(2), Exact.of(2)],
      make: 1,
      style: { ...inchStyle, dies, methods: { hst: 'die' } },
    });
    expect(other.units[0]!.method.name).toBe('two-at-a-time');
    expect(other.warnings.map((w) => w.message).join()).toContain('no die is set up for a 2 in finished unit');
  });

  it('every loose triangle inset by the seam is the drawn one', () => {
    const s = ratio(1, 4);
    for (const f of sizes) {
      const legs = (side: Exact) => side.minus(Exact.root2.plus(2).times(s));
      const once = cutsOf(halves, [1, 1], f.valueOf(), 'hst', 'cut-triangles');
      const [, whole, part] = /^A (?:(\d+) ?)?(\d+\/\d+)? once/.exec(once[0]!)!;
      const side = Exact.of(ratio(Number(whole ?? 0)).add(part ? ratio(part) : 0));
      expect(legs(side).compare(f)).toBeGreaterThanOrEqual(0);
      expect(legs(side.minus(ratio(1, 8))).compare(f)).toBe(-1);
    }
  });
});
