import { describe, expect, it } from 'vitest';
import { Exact, formatLength, ratio, toRuler, type Rational } from '../measure';
import { inchStyle, unitKind, type SewingStyle } from './index';
import { sewHalfSquareTriangles } from '../../tests/sewing-table';

const metricStyle: SewingStyle = { ...inchStyle, unit: 'cm', seam: ratio('0.75'), rounding: ratio('0.1') };
const hst = unitKind('hst');

/** Every finished size from 1/2 to 12 by eighths. */
const sizes = Array.from({ length: 93 }, (_, i) => ratio(i + 4, 8));

const square = (method: string, f: Rational, style: SewingStyle) => {
  const unit = { kind: 'hst', roles: ['A', 'B'], w: Exact.of(f), h: Exact.of(f), turn: 0 as const, mirrored: false };
  return hst.methods.find((m) => m.name === method)!.recipe(unit, style);
};

describe.each([
  ['s = 1/4 in', inchStyle],
  ['s = 0.75 cm', metricStyle],
])('half-square triangles sewn on the table, %s', (_, style) => {
  const s = Exact.of(style.seam);

  it.each(hst.methods.map((m) => m.name))('%s: the exact square opens to exactly u', (method) => {
    for (const f of sizes) {
      const recipe = square(method, f, style);
      const u = Exact.of(f).plus(s.times(2));
      const sewn = sewHalfSquareTriangles(method, recipe.pieces[0]!.w, s);
      expect(sewn.units).toBe(recipe.yields);
      expect(sewn.sideSquared.equals(u.times(u)), `${method} f=${f.toFraction(true)}`).toBe(true);
    }
  });

  it.each(hst.methods.map((m) => m.name))('%s: the ruler’s square is the smallest that is large enough', (method) => {
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
    for (const { name } of hst.methods) {
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
