/** Batches are shared by the blocks of a month, and by later months that say so. */
import { describe, expect, it } from 'vitest';
import { constructMonthBlock, demandOf, readProgramme, usefulLeftovers, type Programme, type ProgrammeFile } from '../index';

/** A block with so many hourglasses in a row of squares; drawn on its own grid. */
const block = (id: string, hourglasses: number, scale: number) => {
  const at = (n: number) => n * scale;
  const glass = (x: number) => [
    {
      role: 'A',
      points: [
        [at(x), 0],
        [at(x + 1), 0],
        [at(x) + scale / 2, scale / 2],
      ],
    },
    {
      role: 'B',
      points: [
        [at(x + 1), 0],
        [at(x + 1), scale],
        [at(x) + scale / 2, scale / 2],
      ],
    },
    {
      role: 'A',
      points: [
        [at(x + 1), scale],
        [at(x), scale],
        [at(x) + scale / 2, scale / 2],
      ],
    },
    {
      role: 'B',
      points: [
        [at(x), 0],
        [at(x) + scale / 2, scale / 2],
        [at(x), scale],
      ],
    },
  ];
  const plain = [
    [at(hourglasses), 0],
    [at(hourglasses + 1), 0],
    [at(hourglasses + 1), scale],
    [at(hourglasses), scale],
  ];
  return {
    ...{ id, name: id, grid: [at(hourglasses + 1), scale] },
    patches: [...Array.from({ length: hourglasses }, (_, i) => glass(i)).flat(), { role: 'C', points: plain }],
  };
};
const read = (months: object[]): Programme => {
  const reading = readProgramme({
    ...{ format: 'aggrega-programme', version: 1, fabrics: [{ id: 'f' }], months },
    colourways: [{ id: 'one', fabrics: { A: 'f', B: 'f', C: 'f' } }],
    blocks: [block('one', 1, 2), block('other', 1, 4), block('three', 3, 2)],
  } as unknown as ProgrammeFile);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
};
const pieces = (programme: Programme, months = programme.months) =>
  demandOf(programme, { colourway: programme.colourways[0]!, months, basis: 'kit', participants: 1 })
    .flatMap((d) => d.pieces)
    .filter((p) => /:[AB]\d/.test(p.label))
    .reduce((n, p) => n + p.qty, 0);

describe('units that are left over', () => {
  it('are the first of the month’s next block, whatever grid it is drawn on; another size takes none', () => {
    // Two hourglasses come from one square of each fabric.
    const apart = read([
      { id: 'm1', blocks: [{ block: 'one', finished: '6' }] },
      { id: 'm2', blocks: [{ block: 'other', finished: '6' }] },
    ]);
    const together = read([
      {
        id: 'm1',
        blocks: [
          { block: 'one', finished: '6' },
          { block: 'other', finished: '6' },
        ],
      },
    ]);
    const sizes = read([
      {
        id: 'm1',
        blocks: [
          { block: 'one', finished: '6' },
          { block: 'other', finished: '8' },
        ],
      },
    ]);
    expect([pieces(apart), pieces(together), pieces(sizes)]).toEqual([4, 2, 4]);
    const [first, second] = together.months[0]!.blocks.map((e) => constructMonthBlock(together, e));
    const glass = (c: typeof first) => c!.units.find((u) => u.kind.kind === 'qst')!;
    expect([
      glass(first).extra,
      glass(second).given,
      glass(second).batches,
      second!.cuts.every((cut) => cut.role === 'C'),
    ]).toEqual([1, 1, 0, true]);
  });

  it('go to the later months that name them, once', () => {
    const months = (uses: string[][]) =>
      ['one', 'other', 'other'].map((b, i) => ({
        id: `m${i + 1}`,
        blocks: [{ block: b, finished: '6' }],
        ...(uses[i]!.length > 0 && { uses: uses[i] }),
      }));
    expect(pieces(read(months([[], [], []])))).toBe(6);
    expect(pieces(read(months([[], ['m1'], []])))).toBe(4);
    // The second has used it: the third finds nothing, and makes its own.
    expect(pieces(read(months([[], ['m1'], ['m1']])))).toBe(4);
    expect(pieces(read(months([[], [], ['m2', 'm1']])))).toBe(4);
    const programme = read(months([[], [], []]));
    expect(usefulLeftovers(programme, programme.months[2]!).map((l) => [l.month.id, l.units])).toEqual([
      ['m1', 1],
      ['m2', 1],
    ]);
    expect(
      readProgramme({
        ...{ format: 'aggrega-programme', version: 1, blocks: [] },
        months: [{ id: 'm1', uses: ['m2'] }, { id: 'm2' }],
      }).ok,
    ).toBe(false);
  });

  it('cover a need partly, and what is still sewn comes in whole batches', () => {
    const programme = read([
      {
        id: 'm1',
        blocks: [
          { block: 'one', finished: '6' },
          { block: 'three', finished: '12' },
        ],
      },
    ]);
    const [, second] = programme.months[0]!.blocks.map((e) => constructMonthBlock(programme, e));
    const glass = second!.units.find((u) => u.kind.kind === 'qst')!;
    expect([glass.make, glass.given, glass.batches, glass.extra]).toEqual([3, 1, 1, 0]);
  });
});
