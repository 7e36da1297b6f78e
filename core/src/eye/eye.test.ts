import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { chances } from '../../tests/made-pictures/chances';
import { madeFabrics } from '../../tests/made-pictures/fabrics';
import { conditions, madePicture } from '../../tests/made-pictures/picture';
import { compared } from '../../tests/made-pictures/same-drawing';
import { library, readBlock, tilingFaults } from '../block';
import { bendOf } from './bend';
import { clothWithin } from './cloth';
import { likelyCorners } from './corners';
import { gathered } from './colours';
import { fromUnitSquare, inverse, oneOf, shapeOf, taken, type Corners } from './homography';
import { joinedParts } from './joining';
import { evenLight } from './light';
import { flipped } from './mending';
import { Codes } from './codes';
import { convexUnion, shared } from './outlines';
import { readPicture } from './read-picture';
import { writeLab } from './pixels';
import { toLab } from '../ink/colour-spaces';

const block = (name: string) =>
  readBlock(
    library.find((b) => b.name === name)!,
    '',
  ).block;

/** A photograph of a block, and what was photographed. */
function photographed(
  name: string,
  seed: number,
  { hard = 'fair' as 'clean' | 'fair' | 'hard', printed = 0, side = 560 } = {},
) {
  const by = chances(seed);
  const drawn = block(name);
  const fabrics = madeFabrics(by, { many: new Set(drawn.patches.map((p) => p.role)).size, apart: 14, printed });
  const size = [side + 80, side] as const;
  return { drawn, fabrics, made: madePicture(drawn, fabrics, conditions(by, hard, { size, fabrics }), by) };
}

const farthest = (a: Corners, b: Corners) => Math.max(...a.map(([x, y], i) => Math.hypot(x - b[i]![0], y - b[i]![1])));

describe('a block in a photograph', () => {
  it.each([
    ['Shoo Fly', 4],
    ['Ohio Star', 2],
    ['Turnstile', 3],
    ['Snowball', 8],
    ['Cucumber Frame', 10],
  ])('%s is read as it was drawn, at whatever tilt, in a lamp’s light', (name, seed) => {
    const { drawn, fabrics, made } = photographed(name, seed);
    const read = readPicture(made)!;
    expect(farthest(read.corners, made.corners)).toBeLessThan(8);
    expect(compared(read.block, drawn)).toMatchObject({ exact: true });
    expect(read.fabrics).toHaveLength(fabrics.length);
    expect(read.fabrics.map((f) => f.letter).join('')).toBe('ABCDEF'.slice(0, fabrics.length));
  });

  it('is read though its fabrics are printed, with the prints kept together', () => {
    for (const [name, seed] of [
      ['Shoo Fly', 3],
      ['Birds in the Air', 4],
    ] as const) {
      const { drawn, fabrics, made } = photographed(name, seed, { printed: 1, side: 640 });
      expect(fabrics.every((f) => f.pattern !== 'plain')).toBe(true);
      const read = readPicture(made)!;
      expect(read.fabrics).toHaveLength(fabrics.length);
      expect(compared(read.block, drawn)).toMatchObject({ exact: true });
    }
  });

  it('always tiles, whatever the picture shows', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.integer({ min: 1, max: 40 }), (seed, grain) => {
        const by = chances(seed);
        const [width, height] = [96, 80];
        const data = new Uint8ClampedArray(width * height * 4).fill(255);
        const heap = Array.from({ length: 200 }, () => by.whole(0, 255));
        for (let i = 0; i < width * height; i += 1)
          for (let k = 0; k < 3; k += 1)
            data[4 * i + k] = heap[(Math.floor((i % width) / grain) * 7 + Math.floor(i / width / grain) * 13 + k) % 200]!;
        const read = readPicture(
          { width, height, data },
          {
            corners: [
              [5, 4],
              [90, 8],
              [88, 76],
              [3, 70],
            ],
            grid: [by.whole(1, 6), by.whole(1, 6)],
          },
        )!;
        expect(tilingFaults(read.block)).toEqual([]);
      }),
      { numRuns: 5 },
    );
  });

  it('is taken by the corners and the grid that somebody has set', () => {
    const { drawn, made } = photographed('Shoo Fly', 21);
    const read = readPicture(made, { corners: made.corners, grid: [3, 3] })!;
    expect(read.corners).toBe(made.corners);
    expect(read.block.grid).toEqual([3, 3]);
    expect(compared(read.block, drawn).exact).toBe(true);
    const strip: Corners = [
      [0, 10],
      [600, 10],
      [600, 14],
      [0, 14],
    ];
    expect(tilingFaults(readPicture(made, { corners: strip })!.block)).toEqual([]);
    const line: Corners = [
      [0, 0],
      [10, 10],
      [20, 20],
      [30, 30],
    ];
    expect(readPicture(made, { corners: line })).toBeUndefined();
  });

  it('that fills the whole picture has the picture’s corners', () => {
    const data = new Uint8ClampedArray(100 * 80 * 4).fill(120);
    expect(likelyCorners({ width: 100, height: 80, data })).toEqual([
      [0, 0],
      [100, 0],
      [100, 80],
      [0, 80],
    ]);
  });
});

describe('what the eye stands on', () => {
  const corner = fc.tuple(fc.double({ min: -20, max: 20, noNaN: true }), fc.double({ min: -20, max: 20, noNaN: true }));

  it('a perspective takes the square’s corners where it is told, and back', () => {
    fc.assert(
      fc.property(corner, corner, corner, corner, (a, b, c, d) => {
        const corners: Corners = [a, [100 + b[0], b[1]], [100 + c[0], 100 + c[1]], [d[0], 100 + d[1]]];
        const there = fromUnitSquare(corners)!;
        const back = inverse(there)!;
        for (const [k, [x, y]] of (
          [
            [0, 0],
            [1, 0],
            [1, 1],
            [0, 1],
          ] as const
        ).entries()) {
          const [u, v] = taken(there, x, y);
          expect(Math.hypot(u - corners[k]![0], v - corners[k]![1])).toBeLessThan(1e-6);
          const [s, t] = taken(back, u, v);
          expect(Math.hypot(s - x, t - y)).toBeLessThan(1e-6);
        }
      }),
    );
  });

  it('knows a block that is wider than high from a square one that is tilted', () => {
    const tilted = photographed('Shoo Fly', 31).made;
    expect(Math.abs(Math.log(shapeOf(tilted.corners, tilted)))).toBeLessThan(0.14);
    const wide = photographed('Cucumber Frame', 32).made;
    expect(shapeOf(wide.corners, wide) / 1.5).toBeCloseTo(1, 0);
  });

  it('reckons colours as the colour library does', () => {
    const lab = new Float32Array(3);
    for (const [r, g, b] of [
      [0, 0, 0],
      [255, 255, 255],
      [200, 30, 90],
      [12, 140, 61],
    ] as const) {
      writeLab(lab, 0, r, g, b);
      const d50 = toLab({ mode: 'rgb', r: r / 255, g: g / 255, b: b / 255 });
      expect(Math.abs(lab[0]! - d50.l)).toBeLessThan(1.5);
    }
  });

  it('lays a picture on its grid: a lens, a margin and a slant are taken back to within two places', () => {
    const by = chances(3);
    const [size, cells] = [240, 4];
    const bends = Array.from({ length: 4 }, () => by.between(-0.012, 0.012));
    // Where the block's place x, y lies in the picture: a margin, a shift, and a lens.
    const there = ([x, y]: readonly [number, number]): [number, number] => {
      const [u, v] = [2 * x - 1, 2 * y - 1];
      const lens = 0.94 + bends[0]! * (u * u + v * v);
      return [(1 + u * lens) / 2 + bends[1]! + bends[3]! * v, (1 + v * lens) / 2 + bends[2]!];
    };
    const back = (place: readonly [number, number]) => {
      let at = place;
      for (let k = 0; k < 20; k += 1) {
        const [x, y] = there(at);
        at = [at[0] + place[0] - x, at[1] + place[1] - y];
      }
      return at;
    };
    const colours = [
      [30, 0, 0],
      [80, 0, 0],
    ] as const;
    const lab = new Float32Array(size * size * 3);
    for (let y = 0; y < size; y += 1)
      for (let x = 0; x < size; x += 1) {
        const [u, v] = back([(x + 0.5) / size, (y + 0.5) / size]).map((n) =>
          Math.max(0, Math.min(cells - 1, Math.floor(n * cells))),
        );
        lab[(y * size + x) * 3] = colours[(u! + v!) % 2]![0];
      }
    const leaves = Array.from({ length: cells * cells }, (_, i) => {
      const [x, y] = [12 * (i % cells), 12 * Math.floor(i / cells)];
      const points = [
        [x, y],
        [x + 12, y],
        [x + 12, y + 12],
        [x, y + 12],
      ] as const;
      return { points, counts: Float64Array.from((x + y) % 24 === 0 ? [9, 0] : [0, 9]) };
    });
    const picture = { width: size, height: size, lab };
    const bend = bendOf(picture, { columns: cells, rows: cells, margin: 0.02 }, leaves, colours);
    for (const place of [
      [0.25, 0.25],
      [0.5, 0.75],
      [0.75, 0.5],
      [0.1, 0.9],
    ] as const) {
      const [a, b] = [there(place), bend(place)];
      expect(size * Math.hypot(a[0] - b[0], a[1] - b[1])).toBeLessThan(2);
    }
    // Without edges it is left as it lies.
    const flat = { ...picture, lab: new Float32Array(lab.length).fill(50) };
    expect(bendOf(flat, { columns: cells, rows: cells, margin: 0.02 }, leaves, colours)([0.5, 0])).toEqual([0.5, 0.02]);
  });

  it('takes a seam out and draws it again, so that the block is as it was', () => {
    const drawn = block('Shoo Fly');
    for (const from of [
      [12, 0],
      [12, 12],
    ] as const) {
      const doubt = { from, to: [from[0], from[1] + 12] as const, drawn: true };
      const out = flipped(drawn, doubt);
      if ('trouble' in out) continue;
      expect(out.block.patches).toHaveLength(drawn.patches.length - 1);
      const again = flipped(out.block, { ...doubt, drawn: false });
      expect('block' in again && tilingFaults(again.block)).toEqual([]);
      expect('block' in again && again.block.patches).toHaveLength(drawn.patches.length);
    }
    const triangle = flipped(drawn, { from: [0, 12], to: [12, 0], drawn: true });
    expect('block' in triangle && triangle.block.patches).toHaveLength(drawn.patches.length - 1);
  });

  it('gathers colours that are apart, and none of a single odd place', () => {
    const by = chances(1);
    const near = (l: number, a: number) => Array.from({ length: 300 }, () => [l + by.normal(), a + by.normal(), 0] as const);
    const found = gathered([...near(30, 0), ...near(70, 0), ...near(50, 40), [99, -90, 90]], { most: 8, apart: 8 });
    expect(found.map(([l, a]) => `${Math.round(l / 10)} ${Math.round(a / 10)}`).sort()).toEqual(['3 0', '5 4', '7 0']);
  });

  it('joins two patches only where they are one convex patch, and finds where they meet', () => {
    const square = [
      [0, 0],
      [12, 0],
      [12, 12],
      [0, 12],
    ] as const;
    const beside = [
      [12, 0],
      [24, 0],
      [24, 12],
      [12, 12],
    ] as const;
    const lower = [
      [12, 4],
      [24, 4],
      [24, 16],
      [12, 16],
    ] as const;
    expect(convexUnion(square, beside)!).toHaveLength(4);
    expect(convexUnion(square, lower)).toBeUndefined();
    const met = shared(square, lower)!;
    expect([met.from, met.to].map(String).sort()).toEqual(['12,12', '12,4']);
    expect(
      shared(square, [
        [13, 0],
        [24, 0],
        [24, 12],
      ]),
    ).toBeUndefined();
  });

  it('leaves apart what the picture shows a seam between, and joins what it does not', () => {
    const codes = new Codes(2, 4000);
    const leaf = (x: number, label: number) => ({
      points: [
        [x, 0],
        [x + 12, 0],
        [x + 12, 12],
        [x, 12],
      ] as const,
      counts: Float64Array.from([label === 0 ? 400 : 0, label === 1 ? 400 : 0]),
    });
    const leaves = [leaf(0, 0), leaf(12, 0), leaf(24, 1)];
    const at = (bits: number) => joinedParts(leaves, codes, () => bits);
    expect(at(-5)).toMatchObject({ parts: { length: 2 }, joined: [{ bits: -5 }] });
    expect(at(30).parts).toHaveLength(3);
    // Two fabrics stay apart whatever a valley says.
    expect(at(-8).apart.map((m) => m.parts.length)).toEqual([2]);
  });
});

describe('several blocks on one photograph', () => {
  it('each have their corners, which together are those of all', () => {
    const all: Corners = [
      [100, 60],
      [900, 130],
      [840, 700],
      [60, 560],
    ];
    const at = (column: number, row: number) => oneOf(all, [4, 3], [column, row])!;
    expect(at(0, 0)[0]).toEqual(all[0]);
    expect([at(3, 0)[1], at(3, 2)[2], at(0, 2)[3]]).toEqual(all.slice(1).map((c) => c.map((n) => expect.closeTo(n, 6))));
    // Neighbours share their corners.
    expect(at(1, 1)[1]).toEqual(at(2, 1)[0]);
    expect(at(1, 1)[2]).toEqual(at(1, 2)[1]);
    expect(oneOf([all[0], all[0], all[0], all[0]], [2, 2], [0, 0])).toBeUndefined();
  });
});

describe('cloth in uneven light', () => {
  it('is of one colour throughout afterwards, as bright as it was; in even light it stays as it is', () => {
    const side = 120;
    const cloth = (light: (u: number, v: number) => number) => {
      const data = new Uint8ClampedArray(side * side * 4).fill(255);
      for (let y = 0; y < side; y += 1)
        for (let x = 0; x < side; x += 1)
          [150, 70, 90].forEach((n, k) => (data[(y * side + x) * 4 + k] = n * light(x / side, y / side) ** (1 / 2.2)));
      return { width: side, height: side, data };
    };
    const at = ({ data }: { data: Uint8ClampedArray }, x: number, y: number) => [
      ...data.slice((y * side + x) * 4, (y * side + x) * 4 + 3),
    ];
    const off = (a: number[], b: number[]) => Math.max(...a.map((n, k) => Math.abs(n - b[k]!)));
    const uneven = cloth((u, v) => 0.7 + 0.6 * u - 0.1 * v);
    const even = evenLight(uneven);
    expect(off(at(uneven, 5, 60), at(uneven, 115, 60))).toBeGreaterThan(30);
    for (const [x, y] of [
      [5, 5],
      [115, 5],
      [5, 115],
      [115, 115],
    ] as const)
      expect(off(at(even, x, y), at(even, 60, 60))).toBeLessThan(6);
    expect(off(at(even, 60, 60), at(uneven, 60, 60))).toBeLessThan(8);
    const plain = cloth(() => 1);
    expect(off([...evenLight(plain).data], [...plain.data])).toBeLessThan(3);
  });

  it('is taken from the middle of its piece, as wide as high, however long the piece is', () => {
    // Forty stripes along a piece that is twice as wide as high.
    const [width, height] = [800, 400];
    const data = new Uint8ClampedArray(width * height * 4).fill(255);
    for (let y = 0; y < height; y += 1)
      for (let x = 0; x < width; x += 1)
        for (let k = 0; k < 3; k += 1) data[(y * width + x) * 4 + k] = Math.floor(x / 20) % 2 === 0 ? 60 : 200;
    const corners = [
      [0, 0],
      [width, 0],
      [width, height],
      [0, height],
    ] as const;
    const { data: cloth } = clothWithin({ width, height, data }, corners, 200)!;
    const middle = Array.from({ length: 200 }, (_, x) => Number(cloth[(100 * 200 + x) * 4]! > 130));
    // Twenty stripes of ten pixels each: half of the forty that the piece has.
    expect(middle.filter((n, x) => x > 0 && n !== middle[x - 1])).toHaveLength(19);
    expect(clothWithin({ width, height, data }, [corners[0], corners[0], corners[0], corners[0]], 200)).toBeUndefined();
  });
});
