/** Plane perspective: how the corners of a square lie in a photograph, and back. */
export type Corner = readonly [x: number, y: number];
/** Top left, top right, bottom right, bottom left as the block is to stand; in pixels of the photograph. */
export type Corners = readonly [Corner, Corner, Corner, Corner];

/** Row by row, the last number is 1. */
export type Homography = readonly number[];

/** The perspective that takes the corners of the unit square to these corners (Heckbert's closed form); undefined where three of them lie on a line. */
export function fromUnitSquare([a, b, c, d]: Corners): Homography | undefined {
  const [dx1, dx2, dx3] = [b[0] - c[0], d[0] - c[0], a[0] - b[0] + c[0] - d[0]];
  const [dy1, dy2, dy3] = [b[1] - c[1], d[1] - c[1], a[1] - b[1] + c[1] - d[1]];
  const under = dx1 * dy2 - dx2 * dy1;
  if (Math.abs(under) < 1e-9) return undefined;
  const g = (dx3 * dy2 - dx2 * dy3) / under;
  const h = (dx1 * dy3 - dx3 * dy1) / under;
  return [
    ...[b[0] - a[0] + g * b[0], d[0] - a[0] + h * d[0], a[0]],
    ...[b[1] - a[1] + g * b[1], d[1] - a[1] + h * d[1], a[1]],
    ...[g, h, 1],
  ];
}

/** Where a perspective takes a place. */
export function taken(m: Homography, x: number, y: number): [x: number, y: number] {
  const under = m[6]! * x + m[7]! * y + m[8]!;
  return [(m[0]! * x + m[1]! * y + m[2]!) / under, (m[3]! * x + m[4]! * y + m[5]!) / under];
}

/** The perspective back; undefined where there is none. */
export function inverse(m: Homography): Homography | undefined {
  const [a, b, c, d, e, f, g, h, i] = m as [number, number, number, number, number, number, number, number, number];
  const det = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
  if (Math.abs(det) < 1e-12) return undefined;
  return [
    ...[e * i - f * h, c * h - b * i, b * f - c * e],
    ...[f * g - d * i, a * i - c * g, c * d - a * f],
    ...[d * h - e * g, b * g - a * h, a * e - b * d],
  ].map((n) => n / det);
}

/** The corners of one of the blocks that lie so many across and down within these corners, counted from 0; undefined where they make no four-sided shape. */
export function oneOf(
  corners: Corners,
  [across, down]: readonly [number, number],
  [column, row]: readonly [number, number],
): Corners | undefined {
  const there = fromUnitSquare(corners);
  const at = (u: number, v: number): Corner => taken(there!, u / across, v / down);
  return there && [at(column, row), at(column + 1, row), at(column + 1, row + 1), at(column, row + 1)];
}

/** How far a lens is from its picture, in pictures' longer sides: of telephones, about. */
const FOCAL = 0.9;

/** How many times as wide as high the thing is whose corners these are, as a camera sees it that looks at the middle of its picture. */
export function shapeOf(corners: Corners, { width, height }: { width: number; height: number }): number {
  const m = fromUnitSquare(corners);
  if (!m) return 1;
  const focal = FOCAL * Math.max(width, height);
  const side = (k: number) =>
    Math.hypot((m[k]! - (width / 2) * m[6 + k]!) / focal, (m[3 + k]! - (height / 2) * m[6 + k]!) / focal, m[6 + k]!);
  const wide = side(0) / side(1);
  return Number.isFinite(wide) ? wide : 1;
}
