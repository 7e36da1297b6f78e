/**
 * Parts of a drawing as pictures: true proportions, laid straight, at the origin. Everything is whole numbers of a tick whose real
 * length is exact, so that a unit is recognised at any size, turned, mirrored or on point without a rounding.
 */
import { PER_CELL, cross, doubleArea, hull, tidy, type Block, type Point, type Polygon } from '../block';
import { Exact } from '../measure';

/** A patch in ticks. `of` names the patches of the block that it shows: one, or several that are sewn as one piece. */
export interface LaidPatch {
  of: readonly number[];
  role: string;
  points: Polygon;
}

/** A block's patches in true proportion. */
export interface TruePatches {
  patches: LaidPatch[];
  /** Real length of a tick. */
  tick: Exact;
  /** Ticks to a twelfth of a cell, across and down. */
  scale: readonly [number, number];
}

/** Patches laid straight with their corner at (0, 0). */
export interface Picture {
  patches: readonly LaidPatch[];
  w: number;
  h: number;
}

/** Lays out a block whose cells finish at `cell` (width and height). */
export function clothOf(block: Block, cell: readonly [Exact, Exact]): TruePatches {
  const across = cell[0].rational.div(cell[1].rational);
  // Cells of 2 by 3 are drawn 2 ticks by 3, so that a tick is as long across as it is down.
  const scale = [Number(across.n), Number(across.d)] as const;
  return {
    patches: block.patches.map(({ role, points }, index) => ({
      of: [index],
      role,
      points: tidy(points.map(([x, y]): Point => [x * scale[0], y * scale[1]])),
    })),
    tick: cell[0].over(PER_CELL * scale[0]),
    scale,
  };
}

/** A turn clockwise by eighths of a circle after an optional mirroring (left to right). */
export interface Turning {
  eighths: number;
  mirrored: boolean;
}

/** The corners around a point list: [x, y, width, height]. */
export function extent(patches: readonly { points: Polygon }[]): readonly [number, number, number, number] {
  let [x0, y0, x1, y1] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const { points } of patches)
    for (const [x, y] of points) {
      if (x < x0) x0 = x;
      if (x > x1) x1 = x;
      if (y < y0) y0 = y;
      if (y > y1) y1 = y;
    }
  return [x0, y0, x1 - x0, y1 - y0];
}

/** The point on which a part would balance: inside it where it is convex, unlike the middle of its box. */
export function balance(patches: readonly { points: Polygon }[]): Point {
  let [sx, sy, area] = [0, 0, 0];
  for (const { points } of patches)
    points.forEach(([x, y], i) => {
      const [nx, ny] = points[(i + 1) % points.length]!;
      const twice = x * ny - y * nx;
      sx += (x + nx) * twice;
      sy += (y + ny) * twice;
      area += twice;
    });
  return [sx / (3 * area), sy / (3 * area)];
}

/** The same patches transformed point by point, moved to the origin. */
function moved(patches: readonly LaidPatch[], map: (p: Point) => Point): Picture {
  const turned = patches.map((p) => ({ of: p.of, role: p.role, points: p.points.map(map) }));
  const [x, y, w, h] = extent(turned);
  for (const p of turned) p.points = fromTheTop(p.points.map(([px, py]): Point => [px - x, py - y]));
  return { patches: turned, w, h };
}

/** A tidy outline after a turn or a mirroring: clockwise again, from its topmost, leftmost point. */
function fromTheTop(points: Point[]): Point[] {
  const [a, b, c] = points as [Point, Point, Point];
  if (points.length === 3 ? cross(a, b, c) < 0 : doubleArea(points) < 0) points.reverse();
  let first = 0;
  for (let i = 1; i < points.length; i += 1) {
    const [p, q] = [points[i]!, points[first]!];
    if (p[1] < q[1] || (p[1] === q[1] && p[0] < q[0])) first = i;
  }
  return first === 0 ? points : [...points.slice(first), ...points.slice(0, first)];
}

/** The picture of some patches as they lie, or turned by an eighth anticlockwise when they lie on point. */
export function pictureOf(patches: readonly LaidPatch[], onPoint = false): Picture {
  return moved(patches, onPoint ? ([x, y]) => [x + y, y - x] : (p) => p);
}

/** Real length of a picture's tick: an eighth of a turn stretches whole-number points by √2. */
export const pictureTick = (tick: Exact, onPoint: boolean) => (onPoint ? tick.over(Exact.root2) : tick);

/** Undoes a quarter turn or mirroring: what the picture looks like when a unit that lies so is laid straight. */
export function straightened(picture: Picture, quarters: number, mirrored: boolean): Picture {
  const back = QUARTERS[(4 - (quarters % 4)) % 4]!;
  return moved(picture.patches, mirrored ? (p) => mirror(back(p)) : back);
}

const mirror = ([x, y]: Point): Point => [-x, y];

/** Turns clockwise on the screen, where y runs down. */
const QUARTERS: readonly ((p: Point) => Point)[] = [
  ([x, y]) => [x, y],
  ([x, y]) => [-y, x],
  ([x, y]) => [-x, -y],
  ([x, y]) => [y, -x],
];

/** The direction of a straight unit's arrow after it was mirrored and turned; lengths grow by √2 where it lies on point. */
export function laidDirection([x, y]: Point, { eighths, mirrored }: Turning): Point {
  const turned = QUARTERS[Math.floor(eighths / 2) % 4]!(mirrored ? [-x, y] : [x, y]);
  return eighths % 2 === 0 ? turned : [turned[0] - turned[1], turned[0] + turned[1]];
}

/** A text that two pictures share when they are the same drawing, whatever their size. */
export function pictureText({ patches, w, h }: Picture): string {
  let unit = greatest(w, h);
  for (const { points } of patches) for (const [x, y] of points) if (unit > 1) unit = greatest(greatest(unit, x), y);
  const shapes = patches.map(({ role, points }) => {
    let text = `${role}:`;
    for (const [x, y] of points) text += `${x / unit},${y / unit} `;
    return text;
  });
  return `${w / unit}x${h / unit} ${shapes.sort().join('|')}`;
}

function greatest(a: number, b: number): number {
  return b === 0 ? Math.abs(a) : greatest(b, a % b);
}

/** Whether the patches together fill their convex hull, so that a line across never leaves them. */
export function isConvex(patches: readonly { points: Polygon }[]): boolean {
  const covered = patches.reduce((sum, p) => sum + Math.abs(doubleArea(p.points)), 0);
  return doubleArea(hull(patches.flatMap((p) => [...p.points]))) === covered;
}
