/** Units to lay into a drawing: each a picture in its own box, turned and mirrored as wanted. */
import type { Patch } from './block';
import { PER_CELL, tidy, type Point } from './geometry';

export interface Stamp {
  id: string;
  name: string;
  /** Sides of its box, in units of its size. */
  sides: readonly [number, number];
  /** How many roles it asks for. */
  roles: number;
  /** Outlines in a box of those sides, each with the number of its role. */
  shapes: readonly (readonly [role: number, ...points: Point[]])[];
}

const square = (role: number, x: number, y: number, s = 1): readonly [number, ...Point[]] => [
  role,
  [x, y],
  [x + s, y],
  [x + s, y + s],
  [x, y + s],
];
const grid = (n: number) =>
  Array.from({ length: n * n }, (_, i) =>
    square((i + (n % 2 === 0 ? Math.floor(i / n) : 0)) % 2, (i % n) / n, Math.floor(i / n) / n, 1 / n),
  );

/** In the order of how often they are wanted. */
export const stamps: readonly Stamp[] = [
  { id: 'square', name: 'Square', sides: [1, 1], roles: 1, shapes: [square(0, 0, 0)] },
  { id: 'rectangle', name: 'Rectangle', sides: [2, 1], roles: 1, shapes: [[0, [0, 0], [2, 0], [2, 1], [0, 1]]] },
  {
    id: 'hst',
    name: 'Half-square triangle',
    sides: [1, 1],
    roles: 2,
    shapes: [
      [0, [0, 0], [1, 0], [0, 1]],
      [1, [1, 0], [1, 1], [0, 1]],
    ],
  },
  {
    id: 'qst',
    name: 'Quarter-square triangle',
    sides: [1, 1],
    roles: 2,
    shapes: [
      [0, [0, 0], [1, 0], [0.5, 0.5]],
      [1, [1, 0], [1, 1], [0.5, 0.5]],
      [0, [1, 1], [0, 1], [0.5, 0.5]],
      [1, [0, 0], [0.5, 0.5], [0, 1]],
    ],
  },
  {
    id: 'goose',
    name: 'Flying goose',
    sides: [2, 1],
    roles: 2,
    shapes: [
      [0, [1, 0], [2, 1], [0, 1]],
      [1, [0, 0], [1, 0], [0, 1]],
      [1, [1, 0], [2, 0], [2, 1]],
    ],
  },
  {
    id: 'square-in-square',
    name: 'Square in a square',
    sides: [1, 1],
    roles: 2,
    shapes: [
      [0, [0.5, 0], [1, 0.5], [0.5, 1], [0, 0.5]],
      [1, [0, 0], [0.5, 0], [0, 0.5]],
      [1, [0.5, 0], [1, 0], [1, 0.5]],
      [1, [1, 0.5], [1, 1], [0.5, 1]],
      [1, [0, 0.5], [0.5, 1], [0, 1]],
    ],
  },
  {
    id: 'folded-corner',
    name: 'Folded corner',
    sides: [1, 1],
    roles: 2,
    shapes: [
      [0, [0.5, 0], [1, 0], [1, 1], [0, 1], [0, 0.5]],
      [1, [0, 0], [0.5, 0], [0, 0.5]],
    ],
  },
  {
    id: 'parallelogram',
    name: 'Parallelogram',
    sides: [2, 1],
    roles: 2,
    shapes: [
      [0, [1, 0], [2, 0], [1, 1], [0, 1]],
      [1, [0, 0], [1, 0], [0, 1]],
      [1, [2, 0], [2, 1], [1, 1]],
    ],
  },
  { id: 'four-patch', name: 'Four-patch', sides: [1, 1], roles: 2, shapes: grid(2) },
  { id: 'nine-patch', name: 'Nine-patch', sides: [1, 1], roles: 2, shapes: grid(3) },
  {
    id: 'rails',
    name: 'Rails',
    sides: [1, 1],
    roles: 2,
    shapes: [0, 1, 2].map((i) => [i % 2, [0, i / 3], [1, i / 3], [1, (i + 1) / 3], [0, (i + 1) / 3]] as const),
  },
  {
    id: 'pieced-triangle',
    name: 'Pieced triangle',
    sides: [1, 1],
    roles: 2,
    shapes: [
      [1, [1, 0], [1, 1], [0, 1]],
      [0, [0, 0], [0.5, 0], [0, 0.5]],
      [1, [0.5, 0], [0.5, 0.5], [0, 0.5]],
      [0, [0.5, 0], [1, 0], [0.5, 0.5]],
      [0, [0, 0.5], [0.5, 0.5], [0, 1]],
    ],
  },
  {
    id: 'long-triangle',
    name: 'Long triangle',
    sides: [2, 1],
    roles: 2,
    shapes: [
      [0, [0, 0], [2, 0], [0, 1]],
      [1, [2, 0], [2, 1], [0, 1]],
    ],
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
    patches: stamp.shapes.map(([role, ...points]) => ({ role: roles[role % roles.length]!, points: tidy(points.map(lay)) })),
  };
}

/** Thirds of a side come out of the arithmetic with a float's dust. */
const round = (n: number) => Math.round(n * 1e6) / 1e6;
