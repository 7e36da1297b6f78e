/** Quarter-squares, geese and folded corners sewn on a table, hand by hand: the recipe's squares must open to the unit. */
import { describe, expect, it } from 'vitest';
import { at, beside, boxOf, cut, doubleArea, sewn, square, type Cloth, type Line } from '../../tests/cloth-table';
import { seen } from '../../tests/seen';
import { Exact, ratio } from '../measure';
import { inchStyle, unitKind, type Recipe, type SewingStyle } from './index';

const styles: [string, SewingStyle][] = [
  ['s = 1/4 in', inchStyle],
  ['s = 0.75 cm', { ...inchStyle, unit: 'cm', seam: ratio('0.75'), rounding: ratio('0.1') }],
];
const sizes = Array.from({ length: 24 }, (_, i) => Exact.of(ratio(i + 4, 4)));

function recipe(kind: string, method: string, roles: string[], w: Exact, h: Exact, style: SewingStyle): Recipe {
  return unitKind(kind)
    .methods.find((m) => m.name === method)!
    .recipe({ unit: seen(kind, roles, w, h), style, make: 1, mirrored: 0 });
}
const side = (r: Recipe, role: string) => r.pieces.find((p) => p.role === role)!.w;
const total = (pieces: readonly Cloth[]) => pieces.reduce((sum, p) => sum.plus(doubleArea(p)), Exact.zero);

describe.each(styles)('sewn on the table, %s', (_, style) => {
  const s = Exact.of(style.seam);

  it('a pair of half-square triangles, cut across the seam, opens to a quarter-square of exactly u', () => {
    for (const f of sizes) {
      const r = recipe('qst', 'two-at-a-time', ['A', 'B', 'A', 'B'], f, f, style);
      const c = side(r, 'A');
      // Half-square triangles first: squares on each other, s beside the falling diagonal, cut on it, opened.
      const falling: Line = { a: at(0, 0), b: at(c, c) };
      const hst = sewn(
        [cut(square('A', c), falling, -1)!],
        [cut(square('B', c), falling, -1)!],
        beside(falling, s.times(-1)),
        -1,
      );
      const { x, y, w, h } = boxOf(hst);
      expect(w.equals(h)).toBe(true);
      // Another one on top, fabrics changed about, s beside the rising diagonal, cut on it, opened.
      const other = hst.map((p) => ({ ...p, fabric: p.fabric === 'A' ? 'B' : 'A' }));
      const rising: Line = { a: [x, y.plus(h)], b: [x.plus(w), y] };
      const half = (stack: readonly Cloth[]) => stack.flatMap((p) => cut(p, rising, -1) ?? []);
      const qst = sewn(half(hst), half(other), beside(rising, s.times(-1)), -1);
      const u = f.plus(s.times(2));
      const box = boxOf(qst);
      expect(box.w.equals(u) && box.h.equals(u), `f = ${f}`).toBe(true);
      expect(total(qst).equals(u.times(u).times(2))).toBe(true);
      // Two fabrics, half of the face each.
      expect(total(qst.filter((p) => p.fabric === 'A')).equals(u.times(u))).toBe(true);
      expect(r.yields).toBe(2);
    }
  });

  it('a folded corner covers exactly its leg, and the unit keeps its size', () => {
    for (const h of sizes) {
      const w = h.times(2);
      const r = recipe('geese', 'folded-corner', ['A', 'B', 'C'], w, h, style);
      const u = h.plus(s.times(2));
      expect(side(r, 'B').equals(u)).toBe(true);
      const [width, height] = [w.plus(s.times(2)), u];
      const base: Cloth = { fabric: 'A', outline: [at(0, 0), at(width, 0), at(width, height), at(0, height)] };
      // The left square's line rises from the lower left to its upper right; what lies below it stays, the corner is folded out.
      const left: Line = { a: at(0, height), b: at(u, 0) };
      const once = [cut(base, left, 1)!, ...sewn([], [cut(square('B', u), left, 1)!], left, 1)];
      expect(boxOf(once).w.equals(width) && boxOf(once).h.equals(height)).toBe(true);
      expect(total(once).equals(width.times(height).times(2))).toBe(true);
      // The goose's point lies s below the edge, at half the width: both lines meet there.
      const right: Line = { a: at(width.minus(u), 0), b: at(width, height) };
      const meet = height.minus(w.over(2).plus(s));
      expect(meet.equals(s)).toBe(true);
      const goose = [base].flatMap((p) => cut(p, left, 1) ?? []).flatMap((p) => cut(p, right, 1) ?? []);
      const top = boxOf(goose).y;
      expect(top.equals(s)).toBe(true);
    }
  });

  it('the loose triangles of a goose, seams taken off, are the goose and its sky', () => {
    for (const h of sizes) {
      const w = h.times(2);
      const r = recipe('geese', 'cut-triangles', ['A', 'B', 'B'], w, h, style);
      // A square cut twice: the quarter's long side lies straight; s off all round leaves the finished triangle.
      const quarter = side(r, 'A');
      const long = quarter.minus(Exact.root2.times(2).plus(2).times(s));
      expect(long.equals(w)).toBe(true);
      const leg = side(r, 'B').minus(Exact.root2.plus(2).times(s));
      expect(leg.equals(h)).toBe(true);
      // Four at a time cuts the same squares after sewing instead of before.
      const four = recipe('geese', 'four-at-a-time', ['A', 'B', 'B'], w, h, style);
      expect(side(four, 'A').equals(quarter)).toBe(true);
      expect(side(four, 'B').equals(side(r, 'B'))).toBe(true);
      expect(four.pieces.map((p) => p.needs)).toEqual([1, 4]);
    }
  });

  it('the centre of a square in a square has its corners in the middle of the sides', () => {
    for (const f of sizes) {
      const r = recipe('square-in-square', 'cut-triangles', ['A', 'B', 'B', 'B', 'B'], f, f, style);
      // Its finished diagonal is the unit's finished side.
      const centre = side(r, 'A').minus(s.times(2));
      expect(centre.times(Exact.root2).equals(f)).toBe(true);
      const leg = side(r, 'B').minus(Exact.root2.plus(2).times(s));
      expect(leg.times(2).equals(f)).toBe(true);
    }
  });

  it('two corners’ waste makes bonus triangle squares of the size that is told', () => {
    for (const h of sizes) {
      const u = h.plus(s.times(2));
      const { bonus } = recipe('geese', 'folded-corner', ['A', 'B', 'B'], h.times(2), h, style);
      const corner: Line = { a: at(0, u), b: at(u, 0) };
      // Sewn 2s out from the first seam, and cut between the two.
      const second = beside(corner, s.times(-2));
      const waste = (fabric: string) => cut(square(fabric, u), second, -1);
      const pieces = waste('A') && waste('B') ? sewn([square('A', u)], [square('B', u)], second, -1) : [];
      const finished = pieces.length > 0 ? boxOf(pieces).w.minus(s.times(2)) : Exact.zero;
      expect(finished.equals(h.minus(Exact.root2.times(2).times(s))) || finished.sign() <= 0).toBe(true);
      if (bonus) expect(finished.compare(1)).toBeGreaterThanOrEqual(0);
      else expect(finished.compare(1)).toBeLessThan(0);
    }
  });
});
