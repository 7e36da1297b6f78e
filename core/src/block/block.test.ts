import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PER_CELL, doubleArea, mirrorBlock, readBlock, tilingFaults, tilingProblems, turnBlock, type Block } from './index';
import { randomBlock } from '../../tests/random-block';

const square = (role: string, x: number, y: number, s = 1): [string, [number, number][]] => [
  role,
  [
    [x, y],
    [x + s, y],
    [x + s, y + s],
    [x, y + s],
  ],
];

function block(grid: [number, number], patches: [string, [number | string, number | string][]][]): Block {
  const read = readBlock({ id: 'b', grid, patches: patches.map(([role, points]) => ({ role, points })) }, '/blocks/0');
  expect(read.problems).toEqual([]);
  return read.block;
}

describe('reading', () => {
  it('takes quarters and thirds, and names the place of anything else', () => {
    const { problems } = readBlock(
      {
        id: 'b',
        grid: [1, 1],
        patches: [
          {
            role: 'A',
            points: [
              [0, 0],
              ['1/3', 1.25],
              ['2/3', 0.1],
              [1, 'x'],
            ],
          },
        ],
      },
      '/blocks/2',
    );
    expect(problems.map((p) => p.path)).toEqual(['/blocks/2/patches/0/points/2', '/blocks/2/patches/0/points/3']);
  });
});

describe('the tiling check', () => {
  it('accepts every random tiling, in any turn and mirror', () => {
    fc.assert(
      fc.property(randomBlock, fc.integer({ min: -4, max: 4 }), (b, quarters) => {
        expect(tilingFaults(b)).toEqual([]);
        expect(tilingFaults(turnBlock(b, quarters))).toEqual([]);
        expect(tilingFaults(mirrorBlock(b))).toEqual([]);
      }),
    );
  });

  it('finds exactly the space of a patch that was taken out', () => {
    fc.assert(
      fc.property(randomBlock, fc.nat(), (b, n) => {
        const missing = b.patches[n % b.patches.length]!;
        const faults = tilingFaults({ ...b, patches: b.patches.filter((p) => p !== missing) });
        expect(faults.every((f) => f.kind === 'gap')).toBe(true);
        expect(faults.reduce((sum, f) => sum + doubleArea(f.place), 0)).toBe(doubleArea(missing.points));
      }),
    );
  });

  it('finds an overlap when a patch is laid twice', () => {
    fc.assert(
      fc.property(randomBlock, fc.nat(), (b, n) => {
        const twice = b.patches[n % b.patches.length]!;
        const faults = tilingFaults({ ...b, patches: [...b.patches, { ...twice, role: 'Z' }] });
        expect(faults.some((f) => f.kind === 'overlap' && f.patches.includes(b.patches.length))).toBe(true);
      }),
    );
  });

  it('sees overlaps that only an edge in the middle gives away', () => {
    // A wide bar over a tall bar: no corner of either lies in the other.
    const crossing = block(
      [3, 3],
      [
        [
          'A',
          [
            [0, 1],
            [3, 1],
            [3, 2],
            [0, 2],
          ],
        ],
        [
          'B',
          [
            [1, 0],
            [2, 0],
            [2, 3],
            [1, 3],
          ],
        ],
      ],
    );
    expect(tilingFaults(crossing)[0]).toMatchObject({ kind: 'overlap', patches: [0, 1] });
    // One patch wholly inside another.
    const nested = block([3, 3], [square('A', 0, 0, 3), square('B', 1, 1)]);
    expect(tilingFaults(nested)[0]).toMatchObject({ kind: 'overlap' });
  });

  it('names gaps, outsiders and impossible outlines with their places', () => {
    const gap = block([2, 2], [square('A', 0, 0), square('B', 1, 0), square('A', 0, 1)]);
    expect(tilingProblems(gap, '/blocks/0')).toEqual([
      { path: '/blocks/0/patches', message: 'there’s a gap in the block between (1, 1) and (2, 2)' },
    ]);
    const out = block([1, 1], [square('A', 0, 0), square('B', 0.25, 0.25)]);
    expect(tilingProblems(out, '/blocks/4')[0]).toEqual({
      path: '/blocks/4/patches/1',
      message: 'the patch reaches outside the block at (1 1/4, 1/4)',
    });
    const bow = block(
      [2, 2],
      [
        [
          'A',
          [
            [0, 0],
            [2, 2],
            [2, 0],
            [0, 1],
          ],
        ],
      ],
    );
    expect(tilingProblems(bow, '')[0]!.message).toContain('crosses itself');
    const flat = block(
      [2, 2],
      [
        [
          'A',
          [
            [0, 0],
            [1, 1],
            [2, 2],
          ],
        ],
      ],
    );
    expect(tilingProblems(flat, '')[0]!.message).toContain('no area');
  });

  it('reads a frame with a hole as a gap in the middle', () => {
    const frame = block(
      [3, 3],
      [
        [
          'A',
          [
            [0, 0],
            [3, 0],
            [3, 1],
            [1, 1],
            [1, 3],
            [0, 3],
          ],
        ],
        [
          'B',
          [
            [3, 1],
            [3, 3],
            [1, 3],
            [1, 2],
            [2, 2],
            [2, 1],
          ],
        ],
      ],
    );
    const faults = tilingFaults(frame);
    expect(faults).toHaveLength(1);
    expect(faults[0]!.place).toEqual([
      [12, 12],
      [24, 12],
      [24, 24],
      [12, 24],
    ]);
  });
});

describe('turning', () => {
  it('four turns, or two mirrors, give the block back', () => {
    fc.assert(
      fc.property(randomBlock, (b) => {
        const tidied = turnBlock(b, 4);
        expect(turnBlock(turnBlock(b, 1), 3)).toEqual(turnBlock(turnBlock(b, 3), 1));
        expect(turnBlock(turnBlock(b, 1), -1).grid).toEqual(tidied.grid);
        expect(mirrorBlock(mirrorBlock(b)).patches).toEqual(turnBlock(turnBlock(b, 2), 2).patches);
      }),
    );
  });

  it('turns clockwise: what was at the top left comes to the top right', () => {
    const b = block([2, 1], [square('A', 0, 0), square('B', 1, 0)]);
    const turned = turnBlock(b, 1);
    expect(turned.grid).toEqual([1, 2]);
    expect(turned.patches.find((p) => p.role === 'A')!.points[0]).toEqual([0, 0]);
    expect(turned.patches.find((p) => p.role === 'B')!.points[0]).toEqual([0, PER_CELL]);
  });
});
