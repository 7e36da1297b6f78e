import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mirrorBlock, turnBlock, type Block } from '../block';
import { draw, squares } from '../../tests/draw';
import { randomBlock, randomTiling } from '../../tests/random-block';
import { faultsOf } from '../../tests/sewing-room';
import { Exact, ratio } from '../measure';
import {
  construct,
  constructionContract,
  gridRemedies,
  inchStyle,
  templateDrawing,
  templateSvg,
  type Construction,
  type SewingStyle,
} from './index';

/** A width that makes every cell 2 in, so that no number hides behind rounding. */
const order = (b: Block, make = 1, style: SewingStyle = inchStyle) => ({
  finished: [Exact.of(2 * b.grid[0]), Exact.of(2 * b.grid[1])] as const,
  make,
  style,
});

const summary = (c: Construction) => ({
  units: c.units.map((u) => `${u.kind.kind} ${[...u.roles].sort()} ${u.w} ${u.h} ×${u.make}`).sort(),
  cuts: c.cuts.map((cut) => `${cut.role} ${cut.w} ${cut.h} ${cut.sub} ×${cut.qty}`).sort(),
});

describe.each([
  ['squares, rectangles and triangles', randomBlock, 300],
  ['patches between straight lines at any slant', randomTiling, 300],
])('any block of %s', (_, blocks, numRuns) => {
  it('sewn back along its tree is the drawing, and no patch is lost', () => {
    fc.assert(
      fc.property(blocks, (b) => {
        expect(faultsOf(construct(b, order(b)))).toEqual([]);
      }),
      { numRuns },
    );
  });

  it('is cut the same however it lies', () => {
    fc.assert(
      fc.property(blocks, fc.integer({ min: 1, max: 3 }), (b, quarters) => {
        const plain = summary(construct(b, order(b)));
        const turned = turnBlock(b, quarters);
        expect(summary(construct(turned, order(turned)))).toEqual(plain);
        expect(summary(construct(mirrorBlock(b), order(b)))).toEqual(plain);
      }),
    );
  });
});

it('two thousand random tilings are each constructed, or named as templates', () => {
  fc.assert(
    fc.property(randomTiling, (b) => {
      const c = construct(b, order(b));
      const laid = [...c.unitOf.keys()].filter((leaf) => !leaf.inside).flatMap((leaf) => leaf.laid.flatMap((p) => p.of));
      expect(laid.sort((x, y) => x - y)).toEqual([...b.patches.keys()]);
      expect(c.cuts.every((cut) => cut.qty > 0)).toBe(true);
    }),
    { numRuns: 2_000 },
  );
});

describe('batches', () => {
  it('are shared between blocks, and none is wasted', () => {
    const methods = fc.constantFrom(
      'two-at-a-time',
      'four-at-a-time',
      'eight-at-a-time',
      'cut-triangles',
      'strip-ruler',
      'printed-paper',
    );
    fc.assert(
      fc.property(randomBlock, fc.integer({ min: 1, max: 7 }), methods, (b, make, hst) => {
        const c = construct(b, order(b, make, { ...inchStyle, methods: { hst } }));
        for (const u of c.units) {
          expect(u.make).toBe(u.perBlock * make);
          expect(u.extra).toBeGreaterThanOrEqual(0);
          expect(u.extra).toBeLessThan(u.yields);
        }
      }),
    );
  });

  const four = (roles: string) =>
    ['0,0 2,0 1,1', '2,0 2,2 1,1', '2,2 0,2 1,1', '0,0 1,1 0,2'].map((points, i) => `${roles[i]} ${points}`);

  it('of four fabrics make as many mirrored quarter-squares', () => {
    const lone = construct(draw([2, 2], four('ABCD')), order(draw([2, 2], four('ABCD'))));
    expect(lone.units).toHaveLength(1);
    expect(lone.units[0]).toMatchObject({ yields: 2, extra: 1, extraMirrored: 2 });
    expect(lone.cuts.map((cut) => cut.qty)).toEqual([1, 1, 1, 1]);
    const beside = four('ADCB').map((line) => line.replace(/(\d),/g, (_, x) => `${Number(x) + 2},`));
    const pair = draw([4, 2], [...four('ABCD'), ...beside]);
    const both = construct(pair, order(pair));
    expect(both.units.map((u) => [u.make, u.extra, u.mirrored])).toEqual([
      [1, 1, false],
      [1, 1, true],
    ]);
    expect(both.cuts.map((cut) => [cut.qty, cut.for])).toEqual(Array.from({ length: 4 }, () => [1, ['U1', 'U2']]));
  });

  it('of an hourglass are two, of three fabrics four, all alike', () => {
    const made = (roles: string) => construct(draw([2, 2], four(roles)), order(draw([2, 2], four(roles)))).units[0]!;
    expect(made('ABAB')).toMatchObject({ yields: 2, extra: 1, extraMirrored: 0 });
    expect(made('ABAC')).toMatchObject({ yields: 4, extra: 3, extraMirrored: 0 });
  });

  it('of loose triangles count what comes over of each square', () => {
    const goose = draw([2, 1], ['A 1,0 2,1 0,1', 'B 0,0 1,0 0,1', 'C 1,0 2,0 2,1']);
    const c = construct(goose, order(goose, 1, { ...inchStyle, methods: { geese: 'cut-triangles' } }));
    expect(c.cuts.map(({ role, sub, qty, over }) => [role, sub, qty, over])).toEqual([
      ['A', 'twice', 1, 3],
      ['B', 'once', 1, 1],
      ['C', 'once', 1, 1],
    ]);
  });
});

describe('sections', () => {
  it('of four like quarters are one thing to make four times, each turned on from the one before', () => {
    const quarter = draw([2, 2], ['A 0,0 2,0 2,1 0,1', 'B 0,1 1,1 1,2 0,2', 'C 1,1 2,1 2,2 1,2']);
    const move = (turns: number, dx: number, dy: number) =>
      turnBlock(quarter, turns).patches.map((p) => ({
        ...p,
        points: p.points.map(([x, y]) => [x + dx * 12, y + dy * 12] as const),
      }));
    const b: Block = {
      ...quarter,
      grid: [4, 4],
      patches: [...move(0, 0, 0), ...move(1, 2, 0), ...move(3, 0, 2), ...move(2, 2, 2)],
    };
    const c = construct(b, order(b));
    const [quarters] = c.units.filter((u) => u.kind.kind === 'quarter-block');
    expect(quarters).toMatchObject({ make: 4, kind: { plural: 'quarter-blocks' } });
    expect(quarters!.places.map((place) => place.laid.length)).toEqual([3, 3, 3, 3]);
    expect(quarters!.places.map((place) => place.seen.eighths).sort()).toEqual([0, 2, 4, 6]);
    expect(faultsOf(c)).toEqual([]);
  });
});

describe('directional fabric', () => {
  const bars = draw([2, 2], ['A 0,0 2,0 2,1 0,1', 'A 0,1 1,1 1,2 0,2', 'B 1,1 2,1 2,2 1,2']);
  const tall = turnBlock(bars, 1);

  it('keeps w along x, so that a turned piece is another row', () => {
    const c = construct(tall, { ...order(tall), directional: new Set(['A']) });
    const sizes = c.cuts.filter((cut) => cut.role === 'A').map((cut) => `${cut.w.toFraction(true)}×${cut.h.toFraction(true)}`);
    expect(sizes).toEqual(['2 1/2×4 1/2', '2 1/2×2 1/2']);
    expect(construct(tall, order(tall)).cuts[0]!.w.toFraction(true)).toBe('4 1/2');
  });
});

describe('patches without a ruler formula', () => {
  it('are mirrored with the section that they are sewn into: its mirror image takes the same paper, turned over', () => {
    const b = draw(
      [1, 3],
      [
        ...['C 0,1 1,2 1,3', 'B 0,1 1,3 0,3', 'A 0.5,1.5 1,1.5 1,2', 'C 1,0.5 1,1.5 0.5,1.5', 'A 1,0 1,0.5 0.5,1.5'],
        ...['A 0.5,0 1,0 0.5,1.5', 'A 0.5,0.5 0.5,1.5 0,1', 'C 0.5,0 0.5,0.5 0,1', 'C 0,0 0.5,0 0,1'],
      ],
    );
    expect(summary(construct(mirrorBlock(b), order(b)))).toEqual(summary(construct(b, order(b))));
  });

  const halves = draw([1, 1], ['A 0,0 1,0 0,1', 'B 1,0 1,1 0,1']);

  it('become templates where cells are not square, and their mirror images are cut with the paper turned', () => {
    expect(construct(halves, order(halves)).units.map((u) => u.kind.kind)).toEqual(['hst']);
    const c = construct(halves, { ...order(halves), finished: [Exact.of(3), Exact.of(2)] });
    expect(c.units.map((u) => u.kind.kind)).toEqual(['template', 'template']);
    const peak = draw([2, 2], ['A 0,0 1,0 0,2', 'B 1,0 2,2 0,2', 'A 1,0 2,0 2,2']);
    const rows = construct(peak, order(peak)).cuts.filter((cut) => cut.role === 'A');
    expect(rows.map((cut) => !!cut.reversed).sort()).toEqual([false, true]);
  });

  it('are drawn at true scale, with a square to check the printer by', () => {
    const peak = draw([2, 2], ['A 0,0 1,0 0,2', 'B 1,0 2,2 0,2', 'A 1,0 2,0 2,2']);
    for (const cut of construct(peak, order(peak)).cuts) {
      const svg = templateSvg(cut, 'Gable & roof', 'in');
      const [, width, height] = /width="([\d.]+)in" height="([\d.]+)in"/.exec(svg)!;
      const [, w, h] = /viewBox="0 0 ([\d.]+) ([\d.]+)"/.exec(svg)!;
      expect([width, height]).toEqual([w, h]);
      expect(svg).toContain('width="1" height="1"');
      expect(svg).toContain('Gable &#38; roof');
      const drawing = templateDrawing(cut)!;
      for (const [x, y] of drawing.cut) {
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x).toBeLessThanOrEqual(cut.w.valueOf() + 1e-6);
        expect(y).toBeLessThanOrEqual(Math.max(cut.w.valueOf(), cut.h.valueOf()) + 1e-6);
      }
    }
  });

  it('have seam allowance on every side, and tips that end at the seam allowance', () => {
    const peak = draw([2, 2], ['A 0,0 1,0 0,2', 'B 1,0 2,2 0,2', 'A 1,0 2,0 2,2']);
    for (const { template } of construct(peak, order(peak)).cuts) {
      const { sew, cut } = template!;
      const distance = (p: readonly number[], q: readonly number[], r: readonly number[]) =>
        ((q[0]! - p[0]!) * (r[1]! - p[1]!) - (q[1]! - p[1]!) * (r[0]! - p[0]!)) / Math.hypot(q[0]! - p[0]!, q[1]! - p[1]!);
      sew.forEach((p, i) => {
        const q = sew[(i + 1) % sew.length]!;
        const beyond = Math.min(...cut.map((r) => distance(p, q, r)));
        expect(beyond).toBeCloseTo(-0.25, 4);
      });
      const reach = Math.max(...cut.map((r) => Math.min(...sew.map((p) => Math.hypot(r[0] - p[0], r[1] - p[1])))));
      expect(reach).toBeLessThan(0.25 * 2);
    }
  });
});

describe('as printed', () => {
  it('a checkerboard nests at every crossing', () => {
    const b = squares(4, 4, (x, y) => ((x + y) % 2 ? 'A' : 'B'));
    const printed = constructionContract(construct(b, order(b)));
    expect(printed.pressing).toMatchObject({ crossings: 9, nested: 9, openSeams: 0 });
    expect(printed.unfinished).toEqual(['8 1/2', '8 1/2']);
    expect(printed.cuts).toEqual([
      { role: 'A', w: '2 1/2', h: '2 1/2', qty: 8, sub: 'none', label: 'A1', for: ['U1'] },
      { role: 'B', w: '2 1/2', h: '2 1/2', qty: 8, sub: 'none', label: 'B1', for: ['U1'] },
    ]);
  });

  it('a loose triangle is a leaf with its cut, its square cut as its grain asks', () => {
    // Long side on the grid: cut twice. Short sides on the grid: once.
    const b = draw([2, 2], ['A 2,0 2,2 0,2', 'B 0,0 2,0 1,1', 'C 0,0 1,1 0,2']);
    const printed = constructionContract(construct(b, order(b)));
    expect(printed.cuts.map(({ role, sub, w }) => [role, sub, w])).toEqual([
      ['A', 'once', '4 7/8'],
      ['B', 'twice', '5 1/4'],
      ['C', 'twice', '5 1/4'],
    ]);
    expect(JSON.stringify(printed.assembly)).toContain('{"cut":"A1"');
  });

  it('says what a ruler cannot show, and three ways out of it', () => {
    const b = squares(5, 5, (x) => 'ABC'[x % 3]!);
    const finished = [Exact.of(12), Exact.of(12)] as const;
    const c = construct(b, { finished, make: 1, style: inchStyle });
    expect(c.warnings[0]!.message).toContain('2 2/5');
    expect(constructionContract(c).units.find((u) => u.kind === 'patch')!.finished).toEqual(['2 2/5', '2 2/5']);
    expect(c.cuts[0]!.w.equals(ratio(3))).toBe(true);
    // docs/craft.md, Awkward grids: 10, 12 1/2 or 15; cells of 2 3/8 in a block of 11 7/8 with a coping frame; or sixteenths.
    const remedies = gridRemedies(b, finished, inchStyle);
    expect(remedies.map((r) => `${r.kind} ${r.finished[0].toFraction(true)}`)).toEqual([
      'size 10',
      'size 12 1/2',
      'size 15',
      'coping 11 7/8',
      'finer 12',
    ]);
  });
});
