/** Units to lay into a drawing: each a picture in its own box, turned and mirrored as wanted. */
import type { Patch } from './block';
import { PER_CELL, tidy, type Point } from './geometry';
import { words } from './words';

export interface Stamp {
  id: string;
  name: string;
  /** Sides of its box, in units of its size. */
  sides: readonly [number, number];
  /** Number of its role and outline of each patch, in a box of those sides. */
  shapes: readonly string[];
}

const grid = (n: number) =>
  Array.from({ length: n * n }, (_, i) => {
    const [x, y] = [i % n, Math.floor(i / n)];
    const role = (i + (n % 2 === 0 ? y : 0)) % 2;
    return `${role} ${x / n},${y / n} ${(x + 1) / n},${y / n} ${(x + 1) / n},${(y + 1) / n} ${x / n},${(y + 1) / n}`;
  });

const square = [1, 1] as const;
const oblong = [2, 1] as const;
const half = (role: number) => [
  `${role} 0,0 0.5,0 0,0.5`,
  `${role} 0.5,0 1,0 1,0.5`,
  `${role} 1,0.5 1,1 0.5,1`,
  `${role} 0,0.5 0.5,1 0,1`,
];

/** In the order of how often they are wanted. */
export const stamps: readonly Stamp[] = [
  {
    id: 'square',
    get name() {
      return words.square;
    },
    sides: square,
    shapes: ['0 0,0 1,0 1,1 0,1'],
  },
  {
    id: 'rectangle',
    get name() {
      return words.rectangle;
    },
    sides: oblong,
    shapes: ['0 0,0 2,0 2,1 0,1'],
  },
  {
    id: 'hst',
    get name() {
      return words.halfSquareTriangle;
    },
    sides: square,
    shapes: ['0 0,0 1,0 0,1', '1 1,0 1,1 0,1'],
  },
  {
    id: 'qst',
    get name() {
      return words.quarterSquareTriangle;
    },
    sides: square,
    shapes: ['0 0,0 1,0 0.5,0.5', '1 1,0 1,1 0.5,0.5', '0 1,1 0,1 0.5,0.5', '1 0,0 0.5,0.5 0,1'],
  },
  {
    id: 'goose',
    get name() {
      return words.flyingGoose;
    },
    sides: oblong,
    shapes: ['0 1,0 2,1 0,1', '1 0,0 1,0 0,1', '1 1,0 2,0 2,1'],
  },
  {
    id: 'square-in-square',
    get name() {
      return words.squareInASquare;
    },
    sides: square,
    shapes: ['0 0.5,0 1,0.5 0.5,1 0,0.5', ...half(1)],
  },
  {
    id: 'folded-corner',
    get name() {
      return words.foldedCorner;
    },
    sides: square,
    shapes: ['0 0.5,0 1,0 1,1 0,1 0,0.5', half(1)[0]!],
  },
  {
    id: 'parallelogram',
    get name() {
      return words.parallelogram;
    },
    sides: oblong,
    shapes: ['0 1,0 2,0 1,1 0,1', '1 0,0 1,0 0,1', '1 2,0 2,1 1,1'],
  },
  { id: 'four-patch', name: 'Four-patch', sides: square, shapes: grid(2) },
  { id: 'nine-patch', name: 'Nine-patch', sides: square, shapes: grid(3) },
  {
    id: 'rails',
    get name() {
      return words.rails;
    },
    sides: square,
    shapes: [0, 1, 2].map((i) => `${i % 2} 0,${i / 3} 1,${i / 3} 1,${(i + 1) / 3} 0,${(i + 1) / 3}`),
  },
  {
    id: 'pieced-triangle',
    get name() {
      return words.piecedTriangle;
    },
    sides: square,
    shapes: ['1 1,0 1,1 0,1', half(0)[0]!, '1 0.5,0 0.5,0.5 0,0.5', '0 0.5,0 1,0 0.5,0.5', '0 0,0.5 0.5,0.5 0,1'],
  },
  {
    id: 'long-triangle',
    get name() {
      return words.longTriangle;
    },
    sides: oblong,
    shapes: ['0 0,0 2,0 0,1', '1 2,0 2,1 0,1'],
  },
];

/** A stamp's patches and box, `size` cells to its side, laid with some quarter turns and mirrored. */
export function laidStamp(
  stamp: Stamp,
  size: number,
  roles: readonly string[],
  quarters = 0,
  mirrored = false,
): { w: number; h: number; patches: Patch[] } {
  const one = size * PER_CELL;
  const [w, h] = [stamp.sides[0] * one, stamp.sides[1] * one];
  const turned = quarters % 2 === 1;
  const lay = ([x, y]: Point): Point => {
    let [px, py, bw, bh] = [mirrored ? w - x * one : x * one, y * one, w, h];
    for (let i = 0; i < quarters % 4; i += 1) [px, py, bw, bh] = [bh - py, px, bh, bw];
    return [round(px), round(py)];
  };
  return {
    w: turned ? h : w,
    h: turned ? w : h,
    patches: stamp.shapes.map((shape) => {
      const [role, ...points] = shape.split(' ');
      return {
        role: roles[Number(role) % roles.length]!,
        points: tidy(points.map((p) => lay(p.split(',').map(Number) as unknown as Point))),
      };
    }),
  };
}

/** Thirds of a side come out of the arithmetic with a float's dust. */
const round = (n: number) => Math.round(n * 1e6) / 1e6;
