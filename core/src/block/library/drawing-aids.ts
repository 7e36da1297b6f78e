/** A short way to write down blocks: cells row by row, and shapes between grid points. */
import type { BlockFile, PatchFile } from '../block';

type XY = readonly [number | string, number | string];

const patch = (role: string, ...points: XY[]): PatchFile => ({
  role,
  points: points.map(([x, y]): [number | string, number | string] => [x, y]),
});

/** 'A 0,0 2,0 1,1': a role and its corners. */
export function shapes(...lines: string[]): PatchFile[] {
  return lines.map((line) => {
    const [role, ...points] = line.split(' ');
    return patch(role!, ...points.map((p) => p.split(',').map((n) => (n.includes('/') ? n : Number(n))) as unknown as XY));
  });
}

/**
 * Rows of square cells, `size` grid units wide, from (x, y) on: 'A' a square; 'A/B' and 'A\B' half-square triangles, the letters left and
 * right of the seam as it is drawn; 'AxB' an hourglass with A above and below; 'A+B+C+D' a quarter-square clockwise from the top; '.' nothing.
 */
export function cells(rows: readonly string[], { x = 0, y = 0, size = 1 } = {}): PatchFile[] {
  return rows.flatMap((row, j) => row.split(/\s+/).flatMap((cell, i) => oneCell(cell, x + i * size, y + j * size, size)));
}

function oneCell(cell: string, x: number, y: number, s: number): PatchFile[] {
  const [a, b, c, d]: [XY, XY, XY, XY] = [
    [x, y],
    [x + s, y],
    [x + s, y + s],
    [x, y + s],
  ];
  const middle: XY = [x + s / 2, y + s / 2];
  const quarters = (n: string[]) => [
    patch(n[0]!, a, b, middle),
    patch(n[1]!, b, c, middle),
    patch(n[2]!, c, d, middle),
    patch(n[3]!, d, a, middle),
  ];
  if (cell === '.') return [];
  if (cell.includes('+')) return quarters(cell.split('+'));
  if (cell.includes('x')) {
    const [p, q] = cell.split('x') as [string, string];
    return quarters([p, q, p, q]);
  }
  if (cell.includes('/')) {
    const [p, q] = cell.split('/') as [string, string];
    return [patch(p, a, b, d), patch(q, b, c, d)];
  }
  if (cell.includes('\\')) {
    const [p, q] = cell.split('\\') as [string, string];
    return [patch(p, a, c, d), patch(q, a, b, c)];
  }
  return [patch(cell, a, b, c, d)];
}

export type Facing = 'up' | 'right' | 'down' | 'left';

/** A flying goose in a box of 2:1 (or 1:2): the goose, then the sky left and right of its point as it flies. */
export function goose(
  [role, left, right]: readonly [string, string, string],
  facing: Facing,
  x: number,
  y: number,
  long = 2,
): PatchFile[] {
  const half = long / 2;
  // Flying up, in a box as wide as it is long; then turned about the box's corner.
  const turn: Record<Facing, (px: number, py: number) => XY> = {
    up: (px, py) => [x + px, y + py],
    right: (px, py) => [x + half - py, y + px],
    down: (px, py) => [x + long - px, y + half - py],
    left: (px, py) => [x + py, y + long - px],
  };
  const at = turn[facing];
  return [
    patch(role, at(half, 0), at(long, half), at(0, half)),
    patch(left, at(0, 0), at(half, 0), at(0, half)),
    patch(right, at(half, 0), at(long, 0), at(long, half)),
  ];
}

/** A square with a smaller one set on its points. */
export function diamond(centre: string, corner: string, x: number, y: number, size: number): PatchFile[] {
  const m = size / 2;
  return [
    patch(centre, [x + m, y], [x + size, y + m], [x + m, y + size], [x, y + m]),
    patch(corner, [x, y], [x + m, y], [x, y + m]),
    patch(corner, [x + m, y], [x + size, y], [x + size, y + m]),
    patch(corner, [x + size, y + m], [x + size, y + size], [x + m, y + size]),
    patch(corner, [x, y + m], [x + m, y + size], [x, y + size]),
  ];
}

/** The upper left quarter of a square block four times, each turned a quarter further. */
export function turned(grid: number, quarter: readonly PatchFile[]): PatchFile[] {
  const once = (patches: readonly PatchFile[]) =>
    patches.map((p) => ({
      ...p,
      points: p.points.map(([px, py]): [number | string, number | string] => [grid - Number(py), Number(px)]),
    }));
  const [second, third] = [once(quarter), once(once(quarter))];
  return [...quarter, ...second, ...third, ...once(third)];
}

export interface LibraryBlock extends BlockFile {
  name: string;
  /** What it is good for, or what there is to learn from it. */
  note: string;
}

export function block(
  id: string,
  name: string,
  grid: number | [number, number],
  patches: PatchFile[],
  note: string,
): LibraryBlock {
  return { id, name, grid: Array.isArray(grid) ? grid : [grid, grid], patches, note };
}
