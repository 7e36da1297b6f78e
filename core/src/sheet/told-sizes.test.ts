/** Every size that a sheet tells to measure or to trim to, held against an exact sewing of the unit. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Exact, checkpoint, formatLength, ratio, trimTo, type Rational } from '../measure';
import { construct, inchStyle, unitKind, unitMeasure, type SewingStyle } from '../construction';
import { library, readBlock } from '../block';
import { at, boxOf, sewn, type Cloth, type Line } from '../../tests/cloth-table';
import { draw } from '../../tests/draw';
import { seen } from '../../tests/seen';
import { toldSize } from '../../tests/told-size';
import { joinSteps } from './joining';

const { root2 } = Exact;
const s = Exact.of(ratio(1, 4));
const sizes = Array.from({ length: 40 }, (_, i) => ratio(i + 8, 4));

describe('a size to measure', () => {
  const exact = fc
    .tuple(fc.integer({ min: 40, max: 4000 }), fc.integer({ min: 0, max: 600 }), fc.constantFrom(8, 10, 12, 16, 24))
    .map(([a, b, d]) => Exact.of(ratio(a, d * 4), ratio(b, d * 4)));

  it('is the true one at the nearest mark, over where the true one is larger and under where it is smaller', () => {
    fc.assert(
      fc.property(exact, fc.constantFrom('in' as const, 'cm' as const), fc.constantFrom('1/8', '1/16'), (size, unit, step) => {
        const told = toldSize(checkpoint(size, unit === 'in' ? ratio(step) : ratio(1, 10), unit), unit);
        const off = size.toNumber() - told.value;
        const half = unit === 'in' ? 1 / 16 : 0.05;
        if (told.off === 'over') expect(off).toBeGreaterThan(0.01);
        else if (told.off === 'under') expect(off).toBeLessThan(-0.01);
        else if (told.off === '') expect(Math.abs(off)).toBeLessThan(0.0121);
        else expect(Math.abs(off)).toBeLessThan(half / 2);
        expect(Math.abs(off)).toBeLessThanOrEqual(half + 1e-9);
      }),
      { numRuns: 400 },
    );
  });

  it('to trim to is never larger than what there is', () => {
    fc.assert(
      fc.property(exact, (size) => {
        const to = Exact.of(trimTo(size, ratio(1, 8)));
        expect(to.compare(size)).toBeLessThanOrEqual(0);
        expect(to.plus(ratio(1, 8)).compare(size)).toBe(1);
      }),
      { numRuns: 300 },
    );
  });
});

/** A triangle with its long edge along the top, sewn to the lower edge of a piece: how far its point reaches below the seam. */
function reach(long: Exact): Exact {
  const half = long.over(2);
  const zero = Exact.zero;
  // The table: a piece of fabric above the line y = 0, the triangle on it face down, its long edge even with the piece's edge at y = s.
  const piece: Cloth = {
    fabric: 'A',
    outline: [at(half.times(-1), long.times(-1)), at(half, long.times(-1)), at(half, s), at(half.times(-1), s)],
  };
  const triangle: Cloth = { fabric: 'B', outline: [at(half.times(-1), s), at(zero, s.minus(half)), at(half, s)] };
  const seam: Line = { a: at(half.times(-1), zero), b: at(half, zero) };
  const shown = ([1, -1] as const).map(
    (sign) => boxOf(sewn([piece], [triangle], seam, sign).filter((p) => p.fabric === 'B')).h,
  );
  // One side of the seam is the front, the other the allowance.
  return shown[0]!.compare(shown[1]!) > 0 ? shown[0]! : shown[1]!;
}

const method = (kind: string, name: string) => unitKind(kind).methods.find((m) => m.name === name)!;
const recipe = (kind: string, name: string, roles: string[], f: Rational, style: SewingStyle = inchStyle) =>
  method(kind, name).recipe({ unit: seen(kind, roles, Exact.of(f)), style, make: 1, mirrored: 0 });

describe('units sewn on the table', () => {
  const large: SewingStyle = {
    ...inchStyle,
    sizing: 'trim-down',
    oversize: { ...inchStyle.oversize, 'square-in-square': ratio(1, 4), economy: ratio(1, 4) },
  };

  it('a square in a square is as large as its checkpoint says, and cut large it is larger by the oversize; its centre stays', () => {
    for (const f of sizes) {
      const side = (style: SewingStyle) => {
        const [centre, corner] = recipe('square-in-square', 'cut-triangles', ['A', 'B', 'B', 'B', 'B'], f, style).pieces;
        // A square cut once: its long side is √2 times its side. From the middle to a corner of the unit: half the centre, and the point's reach.
        const toCorner = centre!.w
          .minus(s.times(2))
          .over(2)
          .plus(reach(corner!.w.times(root2)));
        return { side: toCorner.times(root2), centre: centre!.w };
      };
      const [exact, grown] = [side(inchStyle), side(large)];
      expect(exact.side.equals(Exact.of(f).plus(s.times(2)))).toBe(true);
      expect(grown.side.minus(exact.side).equals(ratio(1, 4))).toBe(true);
      expect(grown.centre.equals(exact.centre)).toBe(true);
    }
  });

  it('an economy unit measures after each round what its steps say, and cut large each round is larger by the oversize', () => {
    const roles = ['C', 'A', 'A', 'A', 'A', 'B', 'B', 'B', 'B'];
    for (const f of sizes) {
      const rounds = (style: SewingStyle) => {
        const { pieces, steps: told } = recipe('economy', 'cut-triangles', roles, f, style);
        const steps = told.map((step) => step.text);
        const [centre, first, second] = pieces;
        const inner = centre!.w.minus(s.times(2)).over(2).plus(reach(first!.w)).times(root2);
        // Trimmed to √2 × a + 2s, the second round goes on.
        const exactly = Exact.of(f).over(2).times(root2);
        return {
          steps,
          inner,
          outer: exactly
            .over(2)
            .plus(reach(second!.w.times(root2)))
            .times(root2),
        };
      };
      const [exact, grown] = [rounds(inchStyle), rounds(large)];
      expect(exact.outer.equals(Exact.of(f).plus(s.times(2)))).toBe(true);
      expect(grown.inner.minus(exact.inner).equals(ratio(1, 4)) && grown.outer.minus(exact.outer).equals(ratio(1, 4))).toBe(
        true,
      );
      const [, told] = /Measure: (.+?) square/.exec(exact.steps.join('\n'))!;
      expect(told!.replace(' in', '')).toBe(checkpoint(exact.inner, ratio(1, 8), 'in'));
      const trimmed = [...grown.steps.join('\n').matchAll(/Trim to (.+?) square/g)].map(
        ([, size]) => toldSize(size!.replace(' in', ''), 'in').value,
      );
      expect(trimmed[0]!).toBeCloseTo(exact.inner.toNumber(), 1);
      expect(trimmed[1]).toBe(f.valueOf() + 0.5);
    }
    // A finished 8 measures 6.157 on its way, not 6 1/4.
    expect(
      recipe('economy', 'cut-triangles', roles, ratio(8))
        .steps.map((s) => s.text)
        .join(),
    ).toContain('Measure: 6 1/8 in (a thread over) square');
  });

  it('a bonus triangle is told no larger than the waste gives: 2 3/4 of a 6 by 3 goose', () => {
    for (const f of sizes) {
      const { bonus } = recipe('square-in-square', 'folded-corner', ['A', 'B', 'B', 'B', 'B'], f);
      const leg = Exact.of(f).over(2);
      // The corner square's waste is half of it; a seam 2s out opens to a square of twice what lies beyond it.
      const beyond = leg.plus(s.times(2)).over(root2).minus(s.times(2));
      const gives = beyond.times(root2);
      if (!bonus) continue;
      const told = toldSize(/trim it to (.+) in square\.$/.exec(bonus)![1]!, 'in').value;
      expect(told).toBeLessThanOrEqual(gives.toNumber());
      expect(told + 0.125).toBeGreaterThan(gives.toNumber());
    }
    const goose = construct(draw([2, 1], ['A 1,0 2,1 0,1', 'B 0,0 1,0 0,1', 'B 1,0 2,0 2,1']), {
      ...{ finished: [Exact.of(6), Exact.of(3)] as const, make: 1 },
      style: { ...inchStyle, methods: { geese: 'folded-corner' } },
    });
    expect(goose.units[0]!.recipe.bonus).toContain('trim it to 2 3/4 in square.');
  });

  it('a pieced triangle is measured along its legs, tip and all', () => {
    const shapes = ['A 0,0 1,0 0,1', 'B 1,0 1,1 0,1', 'A 1,0 2,0 1,1', 'A 0,1 1,1 0,2', 'C 2,0 2,2 0,2'];
    const c = construct(draw([2, 2], shapes), { finished: [Exact.of(4), Exact.of(4)], make: 1, style: inchStyle });
    const unit = c.units.find((u) => u.kind.kind === 'pieced-triangle')!;
    const { w, what } = unitMeasure(unit, inchStyle);
    // A plain triangle of that size is cut from a square of 4 + (2 + √2)/4 in: 4 7/8, a thread under.
    expect([formatLength(Exact.of(w).ceilTo(ratio(1, 8)), 'in'), what]).toEqual([
      '4 7/8',
      expect.stringContaining('both short edges'),
    ]);
  });
});

describe('every checkpoint of the library', () => {
  it('is the size that its part is sewn to, at most half a mark away', () => {
    for (const block of library.map((file) => readBlock(file, '').block))
      for (const finished of [ratio(12), ratio(9), ratio('10')]) {
        const h = Exact.of(finished.div(block.grid[0]).mul(block.grid[1]));
        const c = construct(block, { finished: [Exact.of(finished), h], make: 1, style: inchStyle });
        const last = joinSteps(c).at(-1);
        const told = last?.name === 'The block' ? last.size.map((side) => toldSize(side, 'in').value) : [];
        told.forEach((size, i) => expect(Math.abs(size - c.unfinished[i]!.toNumber())).toBeLessThanOrEqual(1 / 16 + 1e-9));
      }
  });
});
