import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { draw, squares } from '../../../tests/draw';
import { randomBlock, randomTiling } from '../../../tests/random-block';
import type { Block, Point } from '../../block';
import { Exact } from '../../measure';
import { construct, inchStyle, neighbourPressing, type Construction, type PressedSeam } from '../index';

const make = (b: Block, pressing: 'nest' | 'open' = 'nest') =>
  construct(b, {
    finished: [Exact.of(2 * b.grid[0]), Exact.of(2 * b.grid[1])],
    make: 1,
    style: { ...inchStyle, pressing },
    lightness: new Map([
      ['A', 80],
      ['B', 20],
      ['C', 50],
    ]),
  });

/** Pairs of seams that meet end to end at a point that some other seam runs through: counted from the drawn lines alone. */
function meetings(seams: readonly PressedSeam[]): [number, number][] {
  const cross = (a: Point, b: Point, c: Point) => (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
  const inside = (p: Point, { from, to }: PressedSeam) =>
    cross(from, to, p) === 0 && (p[0] - from[0]) * (p[0] - to[0]) + (p[1] - from[1]) * (p[1] - to[1]) < 0;
  return seams.flatMap((s, i) =>
    seams.flatMap((t, j): [number, number][] => {
      if (j <= i || cross(s.from, s.to, t.from) !== 0 || cross(s.from, s.to, t.to) !== 0) return [];
      const shared = [s.from, s.to].find((p) => [t.from, t.to].some((q) => p[0] === q[0] && p[1] === q[1]));
      // Square across: a slanting seam that passes by makes no four-way crossing.
      const square = (r: PressedSeam) =>
        (r.to[0] - r.from[0]) * (s.to[0] - s.from[0]) + (r.to[1] - r.from[1]) * (s.to[1] - s.from[1]) === 0;
      const through = shared && seams.some((r) => inside(shared, r) && square(r));
      return through ? [[i, j]] : [];
    }),
  );
}

/** Which side of its line a seam's allowance lies on, seen along the first seam of a pair. */
const side = (along: PressedSeam, towards: Point) =>
  Math.sign((along.to[0] - along.from[0]) * towards[1] - (along.to[1] - along.from[1]) * towards[0]);

describe('the pressing plan', () => {
  it('never reports a nest that is none', () => {
    fc.assert(
      fc.property(fc.oneof(randomBlock, randomTiling), (b) => {
        const { seams, nested, crossings } = make(b).pressing;
        const pairs = meetings(seams);
        expect(crossings).toBe(pairs.length);
        const nests = pairs.filter(([i, j]) => {
          const [s, t] = [seams[i]!, seams[j]!];
          return s.towards && t.towards && side(s, s.towards) === -side(s, t.towards);
        });
        expect(nested).toBe(nests.length);
      }),
    );
  });

  it('names the fabrics on both sides of a seam as they are drawn', () => {
    const holds = (points: readonly Point[], [x, y]: Point) =>
      points.every((p, i) => {
        const q = points[(i + 1) % points.length]!;
        return (q[0] - p[0]) * (y - p[1]) - (q[1] - p[1]) * (x - p[0]) > -1e-9;
      });
    fc.assert(
      fc.property(fc.oneof(randomBlock, randomTiling), (b) => {
        const { pressing, cloth } = make(b);
        for (const { from, to, after, before, beyond } of pressing.seams) {
          const length = Math.hypot(...after);
          const beside = (sign: number): Point => [
            (from[0] + to[0]) / 2 + (sign * after[0] * 0.001) / length,
            (from[1] + to[1]) / 2 + (sign * after[1] * 0.001) / length,
          ];
          const at = (p: Point) => cloth.patches.find(({ points }) => holds(points, p))!.role;
          if (beyond) expect(at(beside(1))).toBe(beyond);
          if (before) expect(at(beside(-1))).toBe(before);
        }
      }),
    );
  });

  it('is as good as the best of all plans, tried one by one', () => {
    fc.assert(
      fc.property(randomBlock, (b) => {
        const c = make(b);
        fc.pre(c.pressing.seams.length > 0 && c.pressing.seams.length <= 11);
        expect(worth(c, (s, i) => sideTaken(c.pressing.seams[i]!))).toEqual(bestWorth(c));
      }),
    );
  });

  it('spins the centre of a four-patch, and opens every seam where the house asks for that', () => {
    const b = squares(2, 2, (x, y) => ((x + y) % 2 ? 'A' : 'B'));
    expect(make(b).pressing.at).toEqual([{ at: [12, 12], nested: true, spun: true }]);
    expect(make(b, 'open').pressing).toMatchObject({ openSeams: 3, nested: 0, crossings: 1 });
  });

  it('presses to the darker fabric where nothing else decides', () => {
    const b = draw([1, 1], ['A 0,0 1,0 0,1', 'B 1,0 1,1 0,1']);
    expect([...make(b).pressing.units.values()]).toEqual([[[{ towards: 'B', count: 1 }]]]);
  });
});

describe('neighbours', () => {
  it('of rows nest when every second block is turned', () => {
    // Two level seams end on both sides; copies side by side press them the same way.
    const b = draw([2, 3], ['A 0,0 2,0 2,1 0,1', 'C 0,1 2,1 2,2 0,2', 'B 0,2 2,2 2,3 0,3']);
    const { asDrawn, turned } = neighbourPressing(make(b));
    expect(asDrawn).toEqual({ crossings: 4, nested: 0 });
    expect(turned).toEqual({ crossings: 4, nested: 4, quarters: 2 });
  });
});

const sideTaken = (s: PressedSeam) => (s.towards![0] * s.after[0] + s.towards![1] * s.after[1] > 0 ? 1 : -1);

/** What a plan is worth by the wishes in their order: lost nests, unlike units, seams on the fuller part, seams on the lighter fabric. */
function worth(c: Construction, choose: (s: PressedSeam, i: number) => 1 | -1): number[] {
  const { seams } = c.pressing;
  const taken = seams.map(choose);
  const lost = meetings(seams).filter(([i, j]) => {
    const [s, t] = [seams[i]!, seams[j]!];
    return side(s, s.after) * taken[i]! === side(s, t.after) * taken[j]!;
  }).length;
  const groups = new Map<string, number[]>();
  seams.forEach((s, i) => s.group && groups.set(s.group, [...(groups.get(s.group) ?? []), taken[i]!]));
  const unlike = [...groups.values()].reduce(
    (n, g) => n + Math.min(g.filter((x) => x > 0).length, g.filter((x) => x < 0).length),
    0,
  );
  const light = { A: 80, B: 20, C: 50 } as Record<string, number>;
  const gain = (of: (s: PressedSeam) => number) => seams.reduce((n, s, i) => n - Math.sign(of(s)) * taken[i]!, 0);
  return [lost, unlike, gain((s) => s.plainer), gain((s) => (s.before && s.beyond ? light[s.before]! - light[s.beyond]! : 0))];
}

function bestWorth(c: Construction): number[] {
  const n = c.pressing.seams.length;
  let best: number[] | undefined;
  for (let plan = 0; plan < 2 ** n; plan += 1) {
    const w = worth(c, (_, i) => ((plan >> i) & 1 ? 1 : -1));
    const at = best ? w.findIndex((x, i) => x !== best![i]) : 0;
    if (!best || (at >= 0 && w[at]! < best[at]!)) best = w;
  }
  return best!;
}
