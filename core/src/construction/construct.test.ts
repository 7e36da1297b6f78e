import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PER_CELL, mirrorBlock, readBlock, tidy, turnBlock, type Block, type Point } from '../block';
import { randomBlock } from '../../tests/random-block';
import { Exact, ratio } from '../measure';
import { ConstructionError, construct, constructionContract, inchStyle, type Construction, type Tree } from './index';

/** A width that makes every cell 2 in, so that no number hides behind rounding. */
const order = (b: Block, make = 1) => ({
  finished: [Exact.of(2 * b.grid[0]), Exact.of(2 * b.grid[1])] as const,
  make,
  style: inchStyle,
});

/** Unfinished size of a tree sewn bottom-up from its units, seams taken off one by one. */
function sew(tree: Tree, c: Construction): [Exact, Exact] {
  const s2 = Exact.of(c.style.seam).times(2);
  if ('seen' in tree) {
    const { w, h } = c.unitOf.get(tree)!;
    const side: [Exact, Exact] = [w.plus(s2), h.plus(s2)];
    return tree.seen.turn % 180 === 0 ? side : [side[1], side[0]];
  }
  const along = tree.seam === 'h' ? 1 : 0;
  return tree.parts
    .map((part) => sew(part, c))
    .reduce((sewn, part) => {
      expect(sewn[1 - along]!.equals(part[1 - along]!), 'edges that are sewn together are equally long').toBe(true);
      const length = sewn[along]!.plus(part[along]!).minus(s2);
      return along === 1 ? [sewn[0], length] : [length, sewn[1]];
    });
}

/** The picture that the sewn units show, laid out from the tree alone: what each part holds, not where it was drawn. */
function picture(tree: Tree, c: Construction, x = 0, y = 0): { patches: string[]; w: number; h: number } {
  if ('seen' in tree) {
    const unit = c.unitOf.get(tree)!;
    const { turn } = tree.seen;
    const [w, h] = (turn % 180 === 0 ? [unit.w, unit.h] : [unit.h, unit.w]).map((l) => (l.toNumber() / 2) * PER_CELL) as [
      number,
      number,
    ];
    const corners: Point[] = [
      [x, y],
      [x + w, y],
      [x + w, y + h],
      [x, y + h],
    ];
    const at = (i: number) => corners[(i + turn / 90) % 4]!;
    const shapes =
      unit.kind.kind === 'hst'
        ? [
            [at(3), at(0), at(1)],
            [at(1), at(2), at(3)],
          ]
        : [corners];
    return { patches: shapes.map((p, i) => `${unit.roles[i]} ${tidy(p).join(' ')}`), w, h };
  }
  const drawn = { patches: [] as string[], w: 0, h: 0 };
  for (const part of tree.parts) {
    const down = tree.seam === 'h';
    const p = picture(part, c, down ? x : x + drawn.w, down ? y + drawn.h : y);
    drawn.patches.push(...p.patches);
    [drawn.w, drawn.h] = down ? [p.w, drawn.h + p.h] : [drawn.w + p.w, p.h];
  }
  return drawn;
}

const summary = (c: Construction) => ({
  units: c.units.map((u) => `${u.kind.kind} ${u.roles} ${u.w} ${u.h} ×${u.make}`).sort(),
  cuts: c.cuts.map((cut) => `${cut.role} ${cut.w} ${cut.h} ${cut.sub} ×${cut.qty}`).sort(),
});

describe('any block of squares, rectangles and half-square triangles', () => {
  it('sewn back along its tree is the drawing, at the stated size', () => {
    fc.assert(
      fc.property(randomBlock, (b) => {
        const c = construct(b, order(b));
        const [w, h] = sew(c.tree, c);
        expect(w.equals(c.unfinished[0]) && h.equals(c.unfinished[1])).toBe(true);
        expect(picture(c.tree, c).patches.sort()).toEqual(b.patches.map((p) => `${p.role} ${tidy(p.points).join(' ')}`).sort());
      }),
      { numRuns: 300 },
    );
  });

  it('is cut the same however it lies', () => {
    fc.assert(
      fc.property(randomBlock, fc.integer({ min: 1, max: 3 }), (b, quarters) => {
        const plain = summary(construct(b, order(b)));
        const turned = turnBlock(b, quarters);
        expect(summary(construct(turned, order(turned)))).toEqual(plain);
        expect(summary(construct(mirrorBlock(b), order(b)))).toEqual(plain);
      }),
    );
  });

  it('shares batches between blocks: pieces follow from units and yields, and no batch is wasted', () => {
    fc.assert(
      fc.property(
        randomBlock,
        fc.integer({ min: 1, max: 7 }),
        fc.constantFrom('two-at-a-time', 'four-at-a-time', 'eight-at-a-time', 'cut-triangles'),
        (b, make, hst) => {
          const style = { ...inchStyle, methods: { hst } };
          const c = construct(b, { ...order(b, make), style });
          for (const u of c.units) {
            expect(u.make).toBe(u.perBlock * make);
            expect(u.extra).toBeGreaterThanOrEqual(0);
            expect(u.extra).toBeLessThan(u.recipe.yields);
          }
          const pieces = c.units.reduce((n, u) => n + u.recipe.pieces.length * Math.ceil(u.make / u.recipe.yields), 0);
          expect(c.cuts.reduce((n, cut) => n + cut.qty, 0)).toBe(pieces);
        },
      ),
    );
  });

  it('never reports a nest that is none', () => {
    fc.assert(
      fc.property(randomBlock, (b) => {
        const c = construct(b, order(b));
        // Count anew from the drawn directions alone.
        const seams: { way: string; at: number; from: number; to: number; press: string }[] = [];
        const walk = (tree: Tree) => {
          if ('seen' in tree) return;
          tree.parts.slice(1).forEach((part, i) => {
            const down = tree.seam === 'h';
            seams.push({
              way: tree.seam,
              at: down ? part.box.y : part.box.x,
              from: down ? tree.box.x : tree.box.y,
              to: down ? tree.box.x + tree.box.w : tree.box.y + tree.box.h,
              press: c.pressing.ways.get(tree)![i]!,
            });
          });
          tree.parts.forEach(walk);
        };
        walk(c.tree);
        const meeting = seams.flatMap((s) =>
          seams.filter((t) => t.way === s.way && t.at === s.at && t.from === s.to).map((t) => [s, t] as const),
        );
        expect(c.pressing.crossings).toBe(meeting.length);
        expect(c.pressing.nested).toBe(meeting.filter(([s, t]) => s.press !== t.press).length);
      }),
    );
  });
});

const grid = (columns: number, rows: number, role: (x: number, y: number) => string): Block =>
  readBlock(
    {
      id: 'g',
      grid: [columns, rows],
      patches: Array.from({ length: columns * rows }, (_, i) => {
        const [x, y] = [i % columns, Math.floor(i / columns)];
        return {
          role: role(x, y),
          points: [
            [x, y],
            [x + 1, y],
            [x + 1, y + 1],
            [x, y + 1],
          ],
        };
      }),
    },
    '',
  ).block;

describe('a checkerboard', () => {
  const c = construct(
    grid(4, 4, (x, y) => ((x + y) % 2 ? 'A' : 'B')),
    order(grid(4, 4, () => 'A')),
  );

  it('nests at every crossing', () => {
    expect(c.pressing).toMatchObject({ crossings: 9, nested: 9 });
  });

  it('prints as contracted', () => {
    const printed = constructionContract(c);
    expect(printed.unfinished).toEqual(['8 1/2', '8 1/2']);
    expect(printed.cuts).toEqual([
      { role: 'A', w: '2 1/2', h: '2 1/2', qty: 8, sub: 'none', label: 'A1', for: ['U2'] },
      { role: 'B', w: '2 1/2', h: '2 1/2', qty: 8, sub: 'none', label: 'B1', for: ['U1'] },
    ]);
  });
});

describe('four like quarters', () => {
  it('are sewn as sections, not as rows through all of them', () => {
    // Each quarter is the one before it, turned.
    const roles = ['AB', 'CA'];
    const quarter = (turns: number) => {
      const small = grid(2, 2, (x, y) => roles[y]![x]!);
      return turnBlock(small, turns).patches;
    };
    const move = (turns: number, dx: number, dy: number) =>
      quarter(turns).map((p) => ({ ...p, points: p.points.map(([x, y]): Point => [x + dx * PER_CELL, y + dy * PER_CELL]) }));
    const b: Block = {
      ...grid(4, 4, () => 'A'),
      patches: [...move(0, 0, 0), ...move(1, 2, 0), ...move(3, 0, 2), ...move(2, 2, 2)],
    };
    const { tree } = construct(b, order(b));
    expect(tree).toMatchObject({ seam: 'h', parts: [{ seam: 'v', parts: [{ box: { w: 24, h: 24 } }, {}] }, { seam: 'v' }] });
  });
});

describe('directional fabric', () => {
  const bars = readBlock(
    {
      id: 'bars',
      grid: [2, 2],
      patches: [
        {
          role: 'A',
          points: [
            [0, 0],
            [2, 0],
            [2, 1],
            [0, 1],
          ],
        },
        {
          role: 'A',
          points: [
            [0, 1],
            [1, 1],
            [1, 2],
            [0, 2],
          ],
        },
        {
          role: 'B',
          points: [
            [1, 1],
            [2, 1],
            [2, 2],
            [1, 2],
          ],
        },
      ],
    },
    '',
  ).block;
  const tall = turnBlock(bars, 1);

  it('keeps w along x, so that a turned piece is another row', () => {
    const c = construct(tall, { ...order(tall), directional: new Set(['A']) });
    expect(
      c.cuts.filter((cut) => cut.role === 'A').map((cut) => `${cut.w.toFraction(true)}×${cut.h.toFraction(true)}`),
    ).toEqual(['2 1/2×4 1/2', '2 1/2×2 1/2']);
    const free = construct(tall, order(tall));
    expect(free.cuts[0]!.w.toFraction(true)).toBe('4 1/2');
  });
});

describe('what cannot be planned', () => {
  const wheel = readBlock(
    {
      id: 'wheel',
      grid: [3, 3],
      patches: [
        {
          role: 'A',
          points: [
            [0, 0],
            [2, 0],
            [2, 1],
            [0, 1],
          ],
        },
        {
          role: 'B',
          points: [
            [2, 0],
            [3, 0],
            [3, 2],
            [2, 2],
          ],
        },
        {
          role: 'A',
          points: [
            [1, 2],
            [3, 2],
            [3, 3],
            [1, 3],
          ],
        },
        {
          role: 'B',
          points: [
            [0, 1],
            [1, 1],
            [1, 3],
            [0, 3],
          ],
        },
        {
          role: 'C',
          points: [
            [1, 1],
            [2, 1],
            [2, 2],
            [1, 2],
          ],
        },
      ],
    },
    '',
  ).block;

  it('is refused with its place, never guessed', () => {
    expect(() => construct(wheel, order(wheel))).toThrow(ConstructionError);
    // Cells that are not square make half-rectangles of the triangles.
    const b = readBlock(
      {
        id: 'h',
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
          {
            role: 'B',
            points: [
              [1, 0],
              [1, 1],
              [0, 1],
            ],
          },
        ],
      },
      '',
    ).block;
    expect(() => construct(b, { ...order(b), finished: [Exact.of(3), Exact.of(2)] })).toThrow(
      /no unit that Aggrega can plan yet/,
    );
    expect(construct(b, order(b)).units).toHaveLength(1);
    expect(() => construct(b, { ...order(b), style: { ...inchStyle, methods: { hst: 'strip-ruler' } } })).toThrow(
      /strip-ruler/,
    );
  });
});

it('warns of leftovers and of cells that no ruler shows', () => {
  const b = grid(5, 5, () => 'A');
  const c = construct(b, { finished: [Exact.of(12), Exact.of(12)], make: 1, style: inchStyle });
  expect(c.warnings[0]!.message).toContain('2 2/5');
  expect(constructionContract(c).units[0]!.finished).toEqual(['2 2/5', '2 2/5']);
  expect(c.cuts[0]!.w.equals(ratio(3))).toBe(true);
});
