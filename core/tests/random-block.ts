/** Random tilings for the property tests: a grid split by straight cuts, with some cells split on the diagonal. */
import fc from 'fast-check';
import { PER_CELL, type Block, type Patch, type Point } from '../src/block';

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
