/** Squares and rectangles of a grid: laid out, and sewn into rows. */
import { piece, scene, type Ply, type Scene } from '../../hands';

/** The fabrics row by row, and the finished sides of one patch. */
export interface Grid {
  rows: readonly (readonly string[])[];
  w: number;
  h: number;
}

/** All pieces as cut, a little apart. */
export function gridLaid({ rows, w, h }: Grid, seam: number): Scene {
  const gap = Math.min(w, h) / 6;
  const [wide, tall] = [w + 2 * seam, h + 2 * seam];
  return scene(rows.flatMap((row, y) => row.map((role, x) => piece(role, wide, tall, x * (wide + gap), y * (tall + gap)))));
}

/** The rows sewn, not yet joined: inner edges on their seams, outer ones a seam allowance beyond. */
export function gridRows({ rows, w, h }: Grid, seam: number): Scene {
  const gap = h / 5;
  const tall = h + 2 * seam;
  const plies: Ply[] = [];
  rows.forEach((row, y) =>
    row.forEach((role, x) => {
      const left = x === 0 ? 0 : seam + x * w;
      const right = seam + (x + 1) * w + (x === row.length - 1 ? seam : 0);
      plies.push(piece(role, right - left, tall, left, y * (tall + gap)));
    }),
  );
  return scene(plies);
}

/** All of it sewn together, not yet pressed. */
export function gridWhole({ rows, w, h }: Grid, seam: number): Scene {
  const edge = (i: number, n: number, one: number) => (i === 0 ? 0 : seam * (i === n ? 2 : 1) + i * one);
  return scene(
    rows.flatMap((row, y) =>
      row.map((role, x) => {
        const [left, top] = [edge(x, row.length, w), edge(y, rows.length, h)];
        return piece(role, edge(x + 1, row.length, w) - left, edge(y + 1, rows.length, h) - top, left, top);
      }),
    ),
  );
}
