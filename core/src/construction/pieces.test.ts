/** What is cut, derived a second time from the drawing alone: patch by patch, without units, trees or recipes. */
import { describe, expect, it } from 'vitest';
import { PER_CELL, library, readBlock, type Block, type Point } from '../block';
import { Exact, toRuler } from '../measure';
import { construct, inchStyle, type SewingStyle } from './index';

const CELL = 2;
/** Every kind from single pieces, so that each patch of the drawing is one piece of cloth. */
const loose: SewingStyle = {
  ...inchStyle,
  methods: {
    hst: 'cut-triangles',
    qst: 'cut-triangles',
    geese: 'cut-triangles',
    'square-in-square': 'cut-triangles',
    'folded-corner': 'cut-triangles',
    'four-patch': 'squares',
  },
};
const s = Exact.of(inchStyle.seam);
const { root2 } = Exact;
const real = (twelfths: number) => Exact.of(twelfths).times(CELL).over(PER_CELL);
const ruler = (x: Exact) => toRuler(x, inchStyle.rounding).toFraction(true);

/** 'A 2 7/8 once': the cut that a patch comes from; 'A template' for shapes without a formula. */
function pieceOf({ role, points }: Block['patches'][number]): string {
  const sides = points.map((p, i): Point => {
    const q = points[(i + 1) % points.length]!;
    return [q[0] - p[0], q[1] - p[1]];
  });
  const level = ([x, y]: Point) => x === 0 || y === 0;
  const slanting = ([x, y]: Point) => Math.abs(x) === Math.abs(y);
  const length = ([x, y]: Point) => (x === 0 || y === 0 ? real(Math.abs(x + y)) : real(Math.abs(x)).times(root2));
  if (points.length === 3 && sides.every((side) => level(side) || slanting(side))) {
    const legs = sides.filter(level);
    if (legs.length === 2) return `${role} ${ruler(length(legs[0]!).plus(root2.plus(2).times(s)))} once`;
    return `${role} ${ruler(length(sides.find(level)!).plus(root2.times(2).plus(2).times(s)))} twice`;
  }
  const square = sides.every(
    (side, i) => side[0] * sides[(i + 1) % sides.length]![0] + side[1] * sides[(i + 1) % sides.length]![1] === 0,
  );
  if (points.length === 4 && square && (sides.every(level) || sides.every(slanting)))
    return `${role} ${sides
      .slice(0, 2)
      .map((side) => toRuler(length(side).plus(s.times(2)), inchStyle.rounding))
      .sort((a, b) => b.compare(a))
      .map((x) => x.toFraction(true))
      .join(' by ')}`;
  return `${role} template`;
}

const PER = { none: 1, once: 2, twice: 4 };

describe('every patch of a drawing is one piece of cloth', () => {
  it.each(library.map((file) => [file.name, readBlock(file, '').block] as const))('%s', (_, block) => {
    const c = construct(block, {
      finished: [Exact.of(CELL * block.grid[0]), Exact.of(CELL * block.grid[1])],
      make: 1,
      style: loose,
    });
    // What batches of two or four leave over is no patch of the drawing.
    const spare = new Map<string, number>();
    for (const unit of c.units)
      for (const piece of unit.recipe.pieces) {
        const cut = c.cuts.find((row) => row.serves.includes(unit) && row.role === piece.role && row.sub === piece.sub)!;
        spare.set(cut.label, (spare.get(cut.label) ?? 0) + (piece.needs / unit.yields) * unit.extra);
      }
    const cut = new Map<string, number>();
    for (const row of c.cuts) {
      const size =
        row.w.equals(row.h) || row.sub !== 'none'
          ? row.w.toFraction(true)
          : `${row.w.toFraction(true)} by ${row.h.toFraction(true)}`;
      const key = row.template ? `${row.role} template` : `${row.role} ${size}${row.sub === 'none' ? '' : ` ${row.sub}`}`;
      cut.set(key, (cut.get(key) ?? 0) + row.qty * PER[row.sub] - row.over - (spare.get(row.label) ?? 0));
    }
    const drawn = new Map<string, number>();
    for (const patch of block.patches) {
      const key = pieceOf(patch).replace(/^(\S+) (\S+(?: \d+\/\d+)?) by \2$/, '$1 $2');
      drawn.set(key, (drawn.get(key) ?? 0) + 1);
    }
    expect(new Map([...cut].sort())).toEqual(new Map([...drawn].sort()));
  });
});
