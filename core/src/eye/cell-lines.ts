/** The seams that may cross one square of a grid, and the pieces into which all of them together cut it. */
import { PER_CELL, type Point, type Polygon } from '../block';

export interface CellLine {
  from: Point;
  to: Point;
  /** Bits that it takes to say that this seam is there: the rarer in patchwork, the more. */
  bits: number;
}

const HALF = PER_CELL / 2;
const BORDER: readonly Point[] = [
  [0, 0],
  [HALF, 0],
  [PER_CELL, 0],
  [PER_CELL, HALF],
  [PER_CELL, PER_CELL],
  [HALF, PER_CELL],
  [0, PER_CELL],
  [0, HALF],
];

/** Which of the square's sides a point lies on. */
const sides = ([x, y]: Point): boolean[] => [x === 0, y === 0, x === PER_CELL, y === PER_CELL];
const alongSide = (p: Point, q: Point) => sides(p).some((on, k) => on && sides(q)[k]);

/** Between corners and middles of the sides: diagonals, halves, half-diagonals, and the seams of a square on point. */
export const cellLines: readonly CellLine[] = BORDER.flatMap((from, i) =>
  BORDER.slice(i + 1)
    .filter((to) => !alongSide(from, to))
    .map((to) => ({ from, to, bits: bitsOf(from, to) })),
);

function bitsOf(from: Point, to: Point): number {
  const [dx, dy] = [Math.abs(to[0] - from[0]), Math.abs(to[1] - from[1])];
  if (dx === PER_CELL && dy === PER_CELL) return 3;
  if (dx === dy) return 6;
  return dx === 0 || dy === 0 ? 7 : 8;
}

/** On which side of a line a place of the square lies, in twelfths: positive to the right of it as it runs. */
const sideOf = ({ from, to }: CellLine, x: number, y: number) =>
  (to[0] - from[0]) * (y - from[1]) - (to[1] - from[1]) * (x - from[0]);

/** Places to a side of the table that tells which piece a place is of. */
export const FINE = 96;

interface Pieces {
  /** By place of the table, row by row. */
  of: Uint8Array;
  count: number;
  /** By line, by piece: whether it lies to the line's right. */
  right: readonly Uint8Array[];
}

export const pieces: Pieces = (() => {
  const of = new Uint8Array(FINE * FINE);
  const known = new Map<string, number>();
  const marks: boolean[][] = [];
  for (let j = 0; j < FINE; j += 1)
    for (let i = 0; i < FINE; i += 1) {
      const [x, y] = [((i + 0.5) / FINE) * PER_CELL, ((j + 0.5) / FINE) * PER_CELL];
      const mark = cellLines.map((line) => sideOf(line, x, y) > 0);
      const name = mark.map(Number).join('');
      if (!known.has(name)) {
        known.set(name, known.size);
        marks.push(mark);
      }
      of[j * FINE + i] = known.get(name)!;
    }
  return { of, count: known.size, right: cellLines.map((_, l) => Uint8Array.from(marks, (mark) => Number(mark[l]))) };
})();

/** A convex part of a square: the same for every square of every picture, so that what it is parted into is found once. */
export interface CellPart {
  points: Polygon;
  pieces: Uint8Array;
  /** By line; null where a line does not part it, undefined where nobody has asked. */
  parts: ([CellPart, CellPart] | null | undefined)[];
}

export const wholeCell: CellPart = {
  points: [
    [0, 0],
    [PER_CELL, 0],
    [PER_CELL, PER_CELL],
    [0, PER_CELL],
  ],
  pieces: Uint8Array.from({ length: pieces.count }, (_, p) => p),
  parts: [],
};

/** Both sides of a line, the right one first; null where it does not part it. */
export function partsOf(part: CellPart, line: number): [CellPart, CellPart] | null {
  const known = part.parts[line];
  if (known !== undefined) return known;
  const polygons = parted(part.points, cellLines[line]!);
  const side = pieces.right[line]!;
  const made = (points: Polygon, right: number): CellPart => ({
    ...{ points, parts: [] },
    pieces: part.pieces.filter((p) => side[p] === right),
  });
  return (part.parts[line] = polygons ? [made(polygons[0], 1), made(polygons[1], 0)] : null);
}

/**
 * The two parts of a convex polygon on both sides of a line, the one to its right first; undefined where the line does not cut it, or crosses its outline
 * where no point can be (points lie on twelfths).
 */
export function parted(polygon: Polygon, line: CellLine): [Polygon, Polygon] | undefined {
  const [right, left]: [Point[], Point[]] = [[], []];
  for (const [i, p] of polygon.entries()) {
    const q = polygon[(i + 1) % polygon.length]!;
    const [a, b] = [sideOf(line, p[0], p[1]), sideOf(line, q[0], q[1])];
    if (a >= 0) right.push(p);
    if (a <= 0) left.push(p);
    if (a * b >= 0) continue;
    const share = a / (a - b);
    const met: Point = [p[0] + share * (q[0] - p[0]), p[1] + share * (q[1] - p[1])];
    if (met.some((n) => Math.abs(n - Math.round(n)) > 1e-9)) return undefined;
    const point: Point = [Math.round(met[0]), Math.round(met[1])];
    right.push(point);
    left.push(point);
  }
  return right.length > 2 && left.length > 2 ? [right, left] : undefined;
}
