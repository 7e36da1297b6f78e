/** Random tilings for the property tests: a grid split by straight cuts, with some cells split on the diagonal. */
import fc from 'fast-check';
import { PER_CELL, doubleArea, tidy, type Block, type Patch, type Point } from '../src/block';

const ROLES = ['A', 'B', 'C'];

/** Blocks of up to 5 × 5 cells whose cells are merged into rectangles by random straight cuts. */
export const randomBlock: fc.Arbitrary<Block> = fc
  .record({
    columns: fc.integer({ min: 1, max: 5 }),
    rows: fc.integer({ min: 1, max: 5 }),
    choices: fc.infiniteStream(fc.nat({ max: 999 })),
  })
  .map(({ columns, rows, choices }) => {
    const next = (n: number) => choices.next().value! % n;
    const patches: Patch[] = [];
    split(0, 0, columns, rows);
    return { id: 'random', name: 'Random', grid: [columns, rows], patches };

    function split(x: number, y: number, w: number, h: number): void {
      if (w * h > 1 && next(4) > 0) {
        const across = w > 1 && (h === 1 || next(2) === 0);
        const at = 1 + next((across ? w : h) - 1);
        split(x, y, across ? at : w, across ? h : at);
        split(across ? x + at : x, across ? y : y + at, across ? w - at : w, across ? h : h - at);
        return;
      }
      const corner = (i: number, j: number): Point => [(x + i * w) * PER_CELL, (y + j * h) * PER_CELL];
      const [a, b, c, d] = [corner(0, 0), corner(1, 0), corner(1, 1), corner(0, 1)];
      const role = () => ROLES[next(ROLES.length)]!;
      const kind = w === h ? next(3) : 0;
      const shapes = [
        [[a, b, c, d]],
        [
          [a, b, d],
          [b, c, d],
        ],
        [
          [a, b, c],
          [a, c, d],
        ],
      ][kind]!;
      for (const points of shapes) patches.push({ role: role(), points });
    }
  });

/** Blocks cut up by random straight lines between points of the half-cell grid, at any slant. */
export const randomTiling: fc.Arbitrary<Block> = fc
  .record({
    columns: fc.integer({ min: 1, max: 4 }),
    rows: fc.integer({ min: 1, max: 4 }),
    cuts: fc.integer({ min: 0, max: 14 }),
    choices: fc.infiniteStream(fc.nat({ max: 9999 })),
  })
  .map(({ columns, rows, cuts, choices }) => {
    const next = (n: number) => choices.next().value! % n;
    const [w, h] = [columns * PER_CELL, rows * PER_CELL];
    let shapes: Point[][] = [
      [
        [0, 0],
        [w, 0],
        [w, h],
        [0, h],
      ],
    ];
    for (let i = 0; i < cuts; i += 1) {
      const at = next(shapes.length);
      shapes = [...shapes.slice(0, at), ...cutAcross(shapes[at]!, next), ...shapes.slice(at + 1)];
    }
    const patches = shapes.map((points) => ({ role: ROLES[next(ROLES.length)]!, points: tidy(points) }));
    return { id: 'random', name: 'Random', grid: [columns, rows], patches };
  });

/** A convex shape cut from one grid point of its outline to another; whole when these lie on one edge. */
function cutAcross(shape: Point[], next: (n: number) => number): Point[][] {
  const outline = shape.flatMap((p, i) => {
    const q = shape[(i + 1) % shape.length]!;
    const steps = gcd(Math.abs(q[0] - p[0]), Math.abs(q[1] - p[1])) / 6;
    const on = Number.isInteger(steps) ? steps : 1;
    return Array.from({ length: on }, (_, k): Point => [p[0] + ((q[0] - p[0]) * k) / on, p[1] + ((q[1] - p[1]) * k) / on]);
  });
  const [i, j] = [next(outline.length), next(outline.length)].sort((a, b) => a - b) as [number, number];
  const parts = [outline.slice(i, j + 1), [...outline.slice(j), ...outline.slice(0, i + 1)]];
  return parts.every((part) => part.length > 2 && doubleArea(tidy(part)) > 0) ? parts.map((p) => [...tidy(p)]) : [shape];
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
