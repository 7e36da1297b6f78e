/**
 * Fabric on the sewing table: pieces as polygons in layers, each with a right and a wrong side up. Hands cut it, lay it face to face, sew
 * along a line and open it; what is drawn of a step is what lies there then. Points in the document's unit, y down.
 */
export type Spot = readonly [x: number, y: number];

/** A straight line with a direction: side 1 is to its right hand, −1 to its left. */
export interface DirectedLine {
  from: Spot;
  to: Spot;
}
export type Side = 1 | -1;

/** One layer of fabric, convex. */
export interface Ply {
  /** Its letter; PAPER for printed paper. */
  role: string;
  outline: readonly Spot[];
  /** Its right side is up. */
  right: boolean;
  /** It lies under another layer of the same shape, edges even: a picture lets its edge be seen. */
  under?: true;
}

/** Layers from the lowest to the uppermost. */
export type Stack = readonly Ply[];

export const PAPER = '';

const EPSILON = 1e-9;

/** How far a point lies to the right of a line, in its unit. */
export function distance({ from, to }: DirectedLine, [x, y]: Spot): number {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  return (dx * (y - from[1]) - dy * (x - from[0])) / Math.hypot(dx, dy);
}

/** A line moved sideways, to its right hand where `by` is positive. */
export function beside({ from, to }: DirectedLine, by: number): DirectedLine {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const long = Math.hypot(dx, dy);
  const move = ([x, y]: Spot): Spot => [x - (dy / long) * by, y + (dx / long) * by];
  return { from: move(from), to: move(to) };
}

/** What of an outline lies on one side of a line; fewer than three points where nothing does. */
export function clipped(outline: readonly Spot[], line: DirectedLine, side: Side): Spot[] {
  const far = outline.map((p) => distance(line, p) * side);
  return outline.flatMap((p, i): Spot[] => {
    const next = (i + 1) % outline.length;
    const [d, e] = [far[i]!, far[next]!];
    const own = d > -EPSILON ? [p] : [];
    if ((d > EPSILON && e < -EPSILON) || (d < -EPSILON && e > EPSILON)) {
      const [q, t] = [outline[next]!, d / (d - e)];
      own.push([p[0] + (q[0] - p[0]) * t, p[1] + (q[1] - p[1]) * t]);
    }
    return own;
  });
}

/** Twice the area of an outline. */
export const doubleArea = (outline: readonly Spot[]): number =>
  Math.abs(
    outline.reduce((sum, [x, y], i) => {
      const [nx, ny] = outline[(i + 1) % outline.length]!;
      return sum + x * ny - y * nx;
    }, 0),
  );

/** The stretch of a line that runs over an outline; undefined where it misses it. */
export function across(outline: readonly Spot[], line: DirectedLine): DirectedLine | undefined {
  const [dx, dy] = [line.to[0] - line.from[0], line.to[1] - line.from[1]];
  const along = (p: Spot) => (p[0] - line.from[0]) * dx + (p[1] - line.from[1]) * dy;
  const meets = outline.flatMap((p, i): Spot[] => {
    const q = outline[(i + 1) % outline.length]!;
    const [d, e] = [distance(line, p), distance(line, q)];
    if (Math.abs(d) < EPSILON) return [p];
    if (Math.abs(e) < EPSILON || d * e > 0) return [];
    const t = d / (d - e);
    return [[p[0] + (q[0] - p[0]) * t, p[1] + (q[1] - p[1]) * t]];
  });
  if (meets.length < 2) return undefined;
  meets.sort((p, q) => along(p) - along(q));
  return { from: meets[0]!, to: meets.at(-1)! };
}

/** What is left of a stack on one side of a cut. */
export const parted = (stack: Stack, line: DirectedLine, side: Side): Ply[] =>
  stack.flatMap((ply) => {
    const outline = clipped(ply.outline, line, side);
    return outline.length > 2 && doubleArea(outline) > EPSILON ? [{ ...ply, outline }] : [];
  });

/** The mirror image of a point over a line. */
function mirrored(p: Spot, line: DirectedLine): Spot {
  const [dx, dy] = [line.to[0] - line.from[0], line.to[1] - line.from[1]];
  const long = Math.hypot(dx, dy);
  const d = distance(line, p);
  return [p[0] + (2 * d * dy) / long, p[1] - (2 * d * dx) / long];
}

/** A stack turned over along a line: the uppermost layer is the lowest, and right sides lie down. */
export const turnedOver = (stack: Stack, line: DirectedLine): Ply[] =>
  [...stack]
    .reverse()
    .map(({ role, outline, right }) => ({ role, right: !right, outline: outline.map((p) => mirrored(p, line)).reverse() }));

export const movedBy = (stack: Stack, dx: number, dy: number): Ply[] =>
  stack.map((ply) => ({ ...ply, outline: ply.outline.map(([x, y]): Spot => [x + dx, y + dy]) }));

/** Turned clockwise about the origin, by eighths of a circle. */
export const turned = (stack: Stack, eighths: number): Ply[] =>
  stack.map((ply) => ({ ...ply, outline: ply.outline.map((p) => turnedSpot(p, eighths)) }));

export function turnedSpot([x, y]: Spot, eighths: number): Spot {
  const [cos, sin] = [Math.cos((eighths * Math.PI) / 4), Math.sin((eighths * Math.PI) / 4)];
  return [x * cos - y * sin, x * sin + y * cos];
}

export const turnedLine = ({ from, to }: DirectedLine, eighths: number): DirectedLine => ({
  from: turnedSpot(from, eighths),
  to: turnedSpot(to, eighths),
});

/** Where the allowances of a seam lie: under the layers that stayed, under those that were folded over, or apart. */
export type Towards = 'lower' | 'upper' | 'open';

/**
 * Two stacks that lie right sides together, sewn along a seam and opened: the lower one stays, the upper one is folded over the seam.
 * Both lie on `side` of it, but for their allowances.
 */
export function opened(lower: Stack, upper: Stack, seam: DirectedLine, side: Side, towards: Towards): Ply[] {
  const away = -side as Side;
  const folded = turnedOver(upper, seam);
  const [stays, lowerEdge] = [parted(lower, seam, side), parted(lower, seam, away)];
  const [flips, upperEdge] = [parted(folded, seam, away), parted(folded, seam, side)];
  switch (towards) {
    case 'lower':
      return [...folded, ...turnedOver(lowerEdge, seam), ...stays];
    case 'upper':
      return [...lower, ...turnedOver(upperEdge, seam), ...flips];
    case 'open':
      return [...turnedOver(lowerEdge, seam), ...turnedOver(upperEdge, seam), ...stays, ...flips];
  }
}

/** A convex outline grown on all sides, its corners as sharp as they were: a finished patch with its seam allowance. Clockwise. */
export function grown(outline: readonly Spot[], by: number): Spot[] {
  const way = (p: Spot, q: Spot): Spot => {
    const long = Math.hypot(q[0] - p[0], q[1] - p[1]);
    return [(q[1] - p[1]) / long, (p[0] - q[0]) / long];
  };
  return outline.map((p, i): Spot => {
    const u = way(outline[(i + outline.length - 1) % outline.length]!, p);
    const v = way(p, outline[(i + 1) % outline.length]!);
    const close = 1 + u[0] * v[0] + u[1] * v[1];
    return [p[0] + ((u[0] + v[0]) * by) / close, p[1] + ((u[1] + v[1]) * by) / close];
  });
}

/** A square or rectangle of fabric, right side up, its corner at x, y. */
export const piece = (role: string, w: number, h: number, x = 0, y = 0): Ply => ({
  role,
  right: true,
  outline: [
    [x, y],
    [x + w, y],
    [x + w, y + h],
    [x, y + h],
  ],
});

/** Layers that lie under others of their shape. */
export const beneath = (stack: Stack): Ply[] => stack.map((ply) => ({ ...ply, under: true }));

/** The same, its wrong side up. */
export const facedown = (ply: Ply): Ply => ({ ...ply, right: !ply.right });

/** [x, y, width, height] around a stack. */
export function boxOf(stack: readonly Pick<Ply, 'outline'>[]): readonly [number, number, number, number] {
  const [xs, ys] = [0, 1].map((axis) => stack.flatMap((ply) => ply.outline.map((p) => p[axis]!))) as [number[], number[]];
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  return [x, y, Math.max(...xs) - x, Math.max(...ys) - y];
}
