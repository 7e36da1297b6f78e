import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { draw } from '../../tests/draw';
import { randomBlock, randomTiling } from '../../tests/random-block';
import {
  blockDocument,
  drawSeam,
  images,
  joinPatches,
  laidStamp,
  library,
  patchAt,
  plainBlock,
  readBlock,
  readBlockDocument,
  recast,
  refineGrid,
  resizeGrid,
  stamp,
  stamps,
  tilingFaults,
  turnPart,
  type Block,
  type Drafted,
  type Point,
} from './index';

const starters = library.map((file) => readBlock(file, '').block);
const anyBlock = fc.oneof(randomBlock, randomTiling);
const sound = (drafted: Drafted) => 'trouble' in drafted || tilingFaults(drafted.block).length === 0;
const pick = (b: Block, n: number, step = 6): Point => [
  ((n * 7919) % ((b.grid[0] * 12) / step + 1)) * step,
  ((n * 104729) % ((b.grid[1] * 12) / step + 1)) * step,
];
/** A point well inside a patch. */
const inside = (b: Block, i: number): Point => {
  const { points } = b.patches[i % b.patches.length]!;
  return [points.reduce((s, p) => s + p[0], 0) / points.length, points.reduce((s, p) => s + p[1], 0) / points.length];
};

describe('every step of drafting leaves a drawing that tiles, or says why not', () => {
  it.each<[string, (b: Block, n: number, m: number) => Drafted]>([
    ['a seam', (b, n, m) => drawSeam(b, pick(b, n), pick(b, m))],
    ['two patches joined', (b, n, m) => joinPatches(b, inside(b, n), inside(b, m))],
    [
      'a unit laid down',
      (b, n, m) => {
        const { w, h, patches } = laidStamp(stamps[n % stamps.length]!, 1 + (m % 2), ['A', 'B'], m % 4, n % 2 === 1);
        const [x, y] = pick(b, m, 12);
        return stamp(b, { x, y, w, h }, patches);
      },
    ],
    ['a patch turned', (b, n, m) => turnPart(b, new Set([n % b.patches.length, m % b.patches.length]), n % 4, m % 2 === 0)],
    ['another number of cells', (b, n, m) => resizeGrid(b, [1 + (n % 6), 1 + (m % 6)], 'A')],
    ['a finer grid', (b, n) => refineGrid(b, [2, 3, 0.5][n % 3]!)],
  ])('%s', (_, change) => {
    fc.assert(
      fc.property(anyBlock, fc.nat(999), fc.nat(999), (b, n, m) => {
        expect(sound(change(b, n, m))).toBe(true);
      }),
      { numRuns: 300 },
    );
  });
});

it('a drawing made by any run of steps tiles, however its patches came to lie', () => {
  const step = fc.record({ kind: fc.nat(3), n: fc.nat(999), m: fc.nat(999) });
  fc.assert(
    fc.property(fc.constantFrom(3, 4), fc.array(step, { minLength: 4, maxLength: 25 }), (side, steps) => {
      let b = plainBlock('b', 'B', [side, side]);
      for (const { kind, n, m } of steps) {
        const { w, h, patches } = laidStamp(stamps[n % stamps.length]!, 1 + (m % 2), ['A', 'B'], m % 4, n % 2 === 1);
        const [x, y] = pick(b, m, 12);
        const change = [
          () => drawSeam(b, pick(b, n, 12), pick(b, m, 12)),
          // Joined more often than anything else: that is what makes inner corners.
          () => joinPatches(b, inside(b, n), inside(b, m)),
          () => joinPatches(b, inside(b, n), inside(b, n + 1)),
          () => stamp(b, { x, y, w, h }, patches),
        ][kind]!();
        if ('trouble' in change) continue;
        b = change.block;
        expect(tilingFaults(b)).toEqual([]);
      }
      for (const smaller of [2, 3]) expect(sound(resizeGrid(b, [smaller, side], 'C'))).toBe(true);
    }),
    { numRuns: 400 },
  );
});

describe('drafting', () => {
  const four = plainBlock('b', 'B', [2, 2]);
  const drafted = (d: Drafted) => {
    if ('trouble' in d) throw new Error(d.trouble);
    return d.block;
  };

  it('splits every patch that a seam crosses, and joins them again', () => {
    const split = drafted(drawSeam(four, [0, 0], [24, 24]));
    expect(split.patches).toHaveLength(6);
    const back = drafted(joinPatches(split, [2, 6], [6, 2]));
    expect(back.patches).toHaveLength(5);
    expect(drawSeam(four, [0, 0], [6, 6])).toEqual({ trouble: 'that line crosses no patch from edge to edge' });
  });

  it('repeats a step by the symmetry, so that the drawing stays symmetrical', () => {
    for (const symmetry of ['left-right', 'top-bottom', 'both', 'four-fold'] as const) {
      const moves = images(four, symmetry);
      const made = moves.reduce((b, move) => drafted(drawSeam(b, move([0, 12]), move([12, 0]))), four);
      const outlines = (b: Block, move: (p: Point) => Point = (p) => p) =>
        b.patches.map(({ points }) => points.map(move).map(String).sort().join(' ')).sort();
      for (const move of moves) expect(outlines(made, move)).toEqual(outlines(made));
    }
  });

  it('cuts a patch with an inner corner into as many patches as it comes apart into', () => {
    // A bow of two triangles that meet right of a unit, and come apart where the unit's side goes through their common corner.
    const bow = draw([4, 4], ['A 2,0 4,0 2,2 4,4 2,4 0,2', 'B 2,2 4,2 4,4', 'B 4,0 4,2 2,2', 'B 0,2 2,4 0,4', 'B 0,0 2,0 0,2']);
    const { w, h, patches } = laidStamp(
      stamps.find((s) => s.id === 'hst')!,
      1,
      ['C', 'D'],
      0,
      false,
    );
    const laid = drafted(stamp(bow, { x: 12, y: 0, w, h }, patches));
    expect(tilingFaults(laid)).toEqual([]);
    expect(laid.patches.filter((p) => p.role === 'A')).toHaveLength(3);
    // A comb that loses its back at the edge of a smaller grid keeps its teeth.
    const comb = draw([4, 3], ['A 0,0 4,0 4,3 0,3 0,2 2,2 2,1 0,1', 'B 0,1 2,1 2,2 0,2']);
    const smaller = drafted(resizeGrid(comb, [2, 3], 'C'));
    expect(smaller.patches.map((p) => p.role)).toEqual(['A', 'A', 'B']);
    expect(tilingFaults(smaller)).toEqual([]);
  });

  it('gives the patch under a point its role, and no other', () => {
    const cast = recast(four, [[18, 6]], 'C');
    expect(cast.patches.map((p) => p.role)).toEqual(['A', 'C', 'A', 'A']);
    expect(patchAt(cast, [-3, 2])).toBe(-1);
  });

  it('turns a unit in its place, and refuses what fills no box', () => {
    const b = draw([1, 1], ['A 0,0 1,0 0,1', 'B 1,0 1,1 0,1']);
    const turned = drafted(turnPart(b, new Set([0, 1]), 1, false));
    expect(turned.patches[0]!.points).toEqual([
      [0, 0],
      [12, 0],
      [12, 12],
    ]);
    expect(turnPart(b, new Set([0]), 1, false)).toHaveProperty('trouble');
  });
});

describe('a block’s own file and its drawing', () => {
  it('give the block back', () => {
    fc.assert(
      fc.property(fc.oneof(anyBlock, fc.constantFrom(...starters)), (b) => {
        expect(readBlockDocument(JSON.parse(JSON.stringify(blockDocument(b))))).toEqual({ block: b });
      }),
    );
  });

  it.each<[unknown, string]>([
    [null, ''],
    [{ format: 'other' }, '/format'],
    [{ format: 'aggrega-block', version: 1, grid: [0, 2], patches: [] }, '/grid'],
    [{ format: 'aggrega-block', version: 1, grid: [1, 1], patches: [{ role: 'a', points: [] }] }, '/patches/0/role'],
    [
      {
        format: 'aggrega-block',
        version: 1,
        grid: [1, 1],
        patches: [
          {
            role: 'A',
            points: [
              [0, 0],
              [1, 0],
            ],
          },
        ],
      },
      '/patches/0/points',
    ],
    [
      {
        format: 'aggrega-block',
        version: 1,
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
        ],
      },
      '/patches',
    ],
  ])('are refused with their place: %j', (data, path) => {
    const read = readBlockDocument(data);
    expect('problems' in read && read.problems[0]!.path).toBe(path);
  });
});
