import { describe, expect, it } from 'vitest';
import { chances } from '../../tests/made-pictures/chances';
import { madeFabrics } from '../../tests/made-pictures/fabrics';
import { conditions, madePicture } from '../../tests/made-pictures/picture';
import { compared } from '../../tests/made-pictures/same-drawing';
import { doubleArea, insideOf, library, locate, readBlock, tilingFaults, type Polygon } from '../block';
import { laidStraight } from './long-lines';
import { anyUnion } from './outlines';
import { readPicture } from './read-picture';

describe('patches with a corner turned in', () => {
  const arrow: Polygon = [
    [0, 0],
    [36, 0],
    [36, 36],
    [24, 12],
  ];

  it('are joined of parts that meet along one stretch, of no others', () => {
    const [upper, lower]: Polygon[] = [
      [
        [0, 0],
        [36, 0],
        [24, 12],
      ],
      [
        [24, 12],
        [36, 0],
        [36, 36],
      ],
    ];
    const union = anyUnion(upper!, lower!)!;
    expect(union).toHaveLength(4);
    expect(new Set(union.map(String))).toEqual(new Set(arrow.map(String)));
    expect(doubleArea(union)).toBe(doubleArea(upper!) + doubleArea(lower!));
    // At a corner alone, or not at all.
    const square = (x: number, y: number): Polygon => [
      [x, y],
      [x + 12, y],
      [x + 12, y + 12],
      [x, y + 12],
    ];
    expect(anyUnion(square(0, 0), square(12, 12))).toBeUndefined();
    expect(anyUnion(square(0, 0), square(24, 0))).toBeUndefined();
    // A step beside a step: side parts lie on one line, and only a stretch of it is shared.
    expect(doubleArea(anyUnion(square(0, 0), square(12, 6))!)).toBe(2 * 2 * 144);
  });

  it('have a place inside, where the mean of their corners lies on their edge', () => {
    expect(locate([24, 12], arrow)).not.toBe('inside');
    expect(locate(insideOf(arrow), arrow)).toBe('inside');
  });
});

describe('a line through several squares', () => {
  /** A gable that was told square by square: steps on both sides of the line from (36, 0) to (0, 48). */
  const told = (left: Polygon, right: Polygon) => [
    { points: left, counts: Float64Array.from([9, 0]) },
    { points: right, counts: Float64Array.from([0, 9]) },
  ];
  const steps: Polygon = [
    [36, 0],
    [24, 12],
    [18, 24],
    [6, 36],
    [0, 48],
  ];
  const parts = told([[0, 0], ...steps], [[36, 0], [36, 48], [0, 48], ...[...steps].slice(1, -1).reverse()]);
  const ofLine = ([x, y]: readonly [number, number]) => Number(48 * x + 36 * y > 36 * 48);

  it('is laid straight where the picture shows it straight', () => {
    const straight = laidStraight(parts, (point, label) => ofLine(point) === label)!;
    expect(straight.map(({ points }) => points)).toEqual([
      [
        [0, 0],
        [36, 0],
        [0, 48],
      ],
      [
        [36, 0],
        [36, 48],
        [0, 48],
      ],
    ]);
  });

  it('stays in steps where the picture shows steps', () => {
    const ofSteps = (point: readonly [number, number]) => Number(locate(point, parts[0]!.points) !== 'inside');
    expect(laidStraight(parts, (point, label) => ofSteps(point) === label)).toBeUndefined();
  });
});

describe('photographs of blocks with rare seams', () => {
  it.each(['Gable', 'Kite Tail'])('are read exactly: %s', (name) => {
    const { block } = readBlock(
      library.find((b) => b.name === name)!,
      '',
    );
    const by = chances(1);
    const fabrics = madeFabrics(by, { many: new Set(block.patches.map((p) => p.role)).size, apart: 18, printed: 0 });
    const made = madePicture(block, fabrics, conditions(by, 'fair', { size: [800, 700], fabrics }), by);
    const read = readPicture(made)!;
    expect(tilingFaults(read.block)).toEqual([]);
    expect(compared(read.block, block)).toMatchObject({ exact: true });
  });
});
