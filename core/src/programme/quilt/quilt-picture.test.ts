import { describe, expect, it } from 'vitest';
import { PER_CELL, mirrorBlock, turnBlock } from '../../block';
import { quiltOf, quiltPicture, quiltSvg, readProgramme, type Programme, type SettingFile } from '../index';

/** A block without any symmetry: an L of dark in its upper left. */
const block = {
  id: 'ell',
  grid: [2, 2],
  patches: [
    {
      role: 'A',
      points: [
        [0, 0],
        [1, 0],
        [1, 1],
        [0, 1],
      ],
    },
    {
      role: 'B',
      points: [
        [1, 0],
        [2, 0],
        [2, 1],
        [1, 1],
      ],
    },
    {
      role: 'C',
      points: [
        [0, 1],
        [2, 1],
        [2, 2],
        [0, 2],
      ],
    },
  ],
};

function read(setting: SettingFile): Programme {
  const months = [
    { id: 'm1', release: '2027-01-09', blocks: [{ block: 'ell', finished: '12', make: 4 }] },
    { id: 'm2', name: 'Secret', release: '2027-02-13', blocks: [{ block: 'ell', finished: '12', make: 4 }] },
  ];
  const reading = readProgramme({ format: 'aggrega-programme', version: 1, blocks: [block], months, setting });
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
}

describe('the picture of a quilt', () => {
  it('turns and mirrors a block in its place exactly as the block itself is turned', () => {
    for (const turn of [0, 1, 2, 3] as const)
      for (const mirrored of [false, true]) {
        const programme = read({ across: 4, down: 2, places: { '2,1': { turn, mirrored } } });
        const place = quiltPicture(quiltOf(programme)!, programme).places.find((p) => p.at === '2,1')!;
        const [a, b, c, d, e, f] = place.matrix;
        const own = place.block!;
        const expected = turnBlock(mirrored ? mirrorBlock(own) : own, turn);
        own.patches.forEach((patch, i) => {
          const placed = patch.points.map(([x, y]) => `${a * x + c * y + e - 12} ${b * x + d * y + f}`).sort();
          const scale = 12 / (2 * PER_CELL);
          expect(placed).toEqual(expected.patches[i]!.points.map(([x, y]) => `${x * scale} ${y * scale}`).sort());
        });
      }
  });

  it('on point, a block fills its own square and no more', () => {
    const programme = read({ kind: 'on-point', across: 2, down: 2, triangles: { role: 'A' } });
    for (const { matrix, outline } of quiltPicture(quiltOf(programme)!, programme).places) {
      const far = 2 * PER_CELL;
      const corners = [
        [0, 0],
        [far, 0],
        [far, far],
        [0, far],
      ].map(([x, y]) => [matrix[0] * x! + matrix[2] * y! + matrix[4], matrix[1] * x! + matrix[3] * y! + matrix[5]]);
      corners.forEach(([x, y], i) => {
        expect(x).toBeCloseTo(outline[i]![0], 9);
        expect(y).toBeCloseTo(outline[i]![1], 9);
      });
    }
  });

  it('holds nothing of a covered month: neither its blocks nor what it hands out', () => {
    const programme = read({ across: 4, down: 2, borders: [{ finished: '4', role: 'B' }], months: { borders: 'm2' } });
    const picture = quiltPicture(quiltOf(programme)!, programme, (m) => m.id === 'm2');
    expect(picture.places.filter((p) => p.covered)).toHaveLength(4);
    expect(picture.parts.every((p) => p.covered)).toBe(true);
    const svg = quiltSvg(picture, programme.colourways[0]!, 'in', 'A <quilt>');
    // Four seen blocks of three patches, four covers and four border strips.
    expect(svg.match(/<polygon/g)).toHaveLength(12 + 4 + 4);
    expect(svg).toContain('width="56in" height="32in"');
    expect(svg).toContain('A &#60;quilt&#62;');
  });
});
