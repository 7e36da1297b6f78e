import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { turnBlock, type Block } from '../block';
import { Exact } from '../measure';
import { draw } from '../../tests/draw';
import { randomTiling } from '../../tests/random-block';
import { faultsOf } from '../../tests/sewing-room';
import { joinLines, oddSplit } from './odd-seams';
import { clothOf, type LaidPatch } from './picture';
import { construct, constructionContract, inchStyle, isLeaf, type Tree } from './index';

const make = (b: Block) =>
  construct(b, { finished: [Exact.of(2 * b.grid[0]), Exact.of(2 * b.grid[1])], make: 1, style: inchStyle });
const seams = (tree: Tree): string[] =>
  isLeaf(tree) ? (tree.inside ? seams(tree.inside) : []) : [tree.seam, ...tree.parts.flatMap(seams)];
const anyRank = (parts: LaidPatch[][]) => parts.map((p) => p.length).join();

/** Four arms of a wheel around a middle of any size. */
const wheel = fc
  .record({
    a: fc.integer({ min: 1, max: 3 }),
    b: fc.integer({ min: 1, max: 3 }),
    c: fc.integer({ min: 1, max: 3 }),
    quarters: fc.integer({ min: 0, max: 3 }),
  })
  .map(({ a, b, c, quarters }) => {
    const n = a + b + c;
    return turnBlock(
      draw(
        [n, n],
        [
          `A 0,0 ${a + b},0 ${a + b},${a} 0,${a}`,
          `B ${a + b},0 ${n},0 ${n},${a + b} ${a + b},${a + b}`,
          `A ${a},${a + b} ${n},${a + b} ${n},${n} ${a},${n}`,
          `B 0,${a} ${a},${a} ${a},${n} 0,${n}`,
          `C ${a},${a} ${a + b},${a} ${a + b},${a + b} ${a},${a + b}`,
        ],
      ),
      quarters,
    );
  });

describe('a wheel of four arms', () => {
  it('takes one partial seam, begun between the middle and an arm, and no set-in one', () => {
    fc.assert(
      fc.property(wheel, (b) => {
        const c = make(b);
        expect(seams(c.tree)).toEqual(['partial']);
        expect(faultsOf(c)).toEqual([]);
        const parts = isLeaf(c.tree) ? [] : c.tree.parts.map((p) => p.laid[0]!.role);
        expect(parts.slice(0, 2)).toContain('C');
        expect(c.pressing.openSeams).toBe(0);
      }),
    );
  });

  it('lies inside a larger block as a unit of its own', () => {
    const b = draw(
      [4, 3],
      [
        'D 0,0 1,0 1,3 0,3',
        'A 1,0 3,0 3,1 1,1',
        'B 3,0 4,0 4,2 3,2',
        'A 2,2 4,2 4,3 2,3',
        'B 1,1 2,1 2,3 1,3',
        'C 2,1 3,1 3,2 2,2',
      ],
    );
    const c = make(b);
    expect(c.units.map((u) => u.kind.kind)).toContain('pieced');
    expect(seams(c.tree)).toEqual(['v', 'partial']);
    expect(faultsOf(c)).toEqual([]);
  });
});

describe('a corner that no straight seam reaches', () => {
  it('is set in, the rest being sewn first', () => {
    const b = draw([3, 3], ['A 0,0 2,0 2,2 0,2', 'B 2,0 3,0 3,3 2,2', 'C 0,2 2,2 3,3 0,3']);
    const c = make(b);
    expect(seams(c.tree)).toEqual(['set-in', 'd']);
    expect(isLeaf(c.tree) ? 0 : c.tree.parts.map((p) => p.laid.length)).toEqual([2, 1]);
    expect(constructionContract(c).pressing.openSeams).toBeGreaterThan(0);
  });

  it('of three diamonds is a hexagon with one set-in seam', () => {
    const b = draw([4, 4], ['A 0,0 2,0 4,2 2,2', 'B 0,0 2,2 2,4 0,2', 'C 2,2 4,2 4,4 2,4', 'D 2,0 4,0 4,2', 'D 0,2 2,4 0,4']);
    const c = make(b);
    expect(faultsOf(c)).toEqual([]);
    expect(seams(c.tree).filter((s) => s === 'set-in')).toHaveLength(1);
  });
});

describe('any region', () => {
  it('comes apart without losing or doubling a patch', () => {
    fc.assert(
      fc.property(fc.oneof(randomTiling, wheel), (b) => {
        const { patches } = clothOf(b, [Exact.of(2), Exact.of(2)]);
        fc.pre(patches.length > 1);
        const { parts } = oddSplit(patches, anyRank);
        expect(parts.length).toBeGreaterThan(1);
        expect(
          parts
            .flat()
            .flatMap((p) => [...p.of])
            .sort((x, y) => x - y),
        ).toEqual([...patches.keys()]);
      }),
    );
  });

  it('is sewn along lines that are as long as the edges that its parts share', () => {
    fc.assert(
      fc.property(randomTiling, (b) => {
        const { patches } = clothOf(b, [Exact.of(2), Exact.of(2)]);
        fc.pre(patches.length > 1);
        const length = (p: readonly number[], q: readonly number[]) => Math.hypot(q[0]! - p[0]!, q[1]! - p[1]!);
        const around = patches.reduce(
          (sum, { points }) => sum + points.reduce((n, p, i) => n + length(p, points[(i + 1) % points.length]!), 0),
          0,
        );
        const outside = 2 * 12 * (b.grid[0] + b.grid[1]);
        // Every inner edge belongs to two patches.
        const shared = joinLines(patches.map((p) => [p]))
          .flat()
          .reduce((sum, { from, to }) => sum + length(from, to), 0);
        expect(shared).toBeGreaterThanOrEqual((around - outside) / 2 - 1e-6);
      }),
    );
  });
});
