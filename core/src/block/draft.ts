/**
 * Drafting: changes to a drawing that keep it tiling. Each gives a new block, or a sentence that says why it cannot be had. Points are
 * twelfths of a grid cell, as everywhere in this room.
 */
import type { Block, Patch } from './block';
import { PER_CELL, clipped, cross, doubleArea, locate, pointText, tidy, type Box, type Point, type Polygon } from './geometry';
import { words } from './words';

export type Drafted = { block: Block } | { trouble: string };

/** Turns a drawing step into its mirror images or turns. */
export type Symmetry = 'none' | 'left-right' | 'top-bottom' | 'both' | 'four-fold';

type Move = (p: Point) => Point;

/** How a point is repeated by a symmetry of the block, itself first. Four-fold needs a square grid; else it is 'both'. */
export function images(block: Block, symmetry: Symmetry): Move[] {
  const [w, h] = [block.grid[0] * PER_CELL, block.grid[1] * PER_CELL];
  const same: Move = (p) => p;
  const across: Move = ([x, y]) => [w - x, y];
  const down: Move = ([x, y]) => [x, h - y];
  const half: Move = ([x, y]) => [w - x, h - y];
  switch (symmetry) {
    case 'none':
      return [same];
    case 'left-right':
      return [same, across];
    case 'top-bottom':
      return [same, down];
    case 'both':
      return [same, across, down, half];
    case 'four-fold':
      return w === h ? [same, ([x, y]) => [w - y, x], half, ([x, y]) => [y, w - x]] : [same, half];
  }
}

/** A plain block of that many cells in one role, one square patch a cell. */
export function plainBlock(id: string, name: string, grid: readonly [number, number], role = 'A'): Block {
  return { id, name, grid, patches: cellsOf(grid, () => true).map((points) => ({ role, points })) };
}

function cellsOf([columns, rows]: readonly [number, number], keep: (x: number, y: number) => boolean): Polygon[] {
  return Array.from({ length: columns * rows }, (_, i) => [i % columns, Math.floor(i / columns)] as const)
    .filter(([x, y]) => keep(x, y))
    .map(([x, y]) => boxPoints({ x: x * PER_CELL, y: y * PER_CELL, w: PER_CELL, h: PER_CELL }));
}

const boxPoints = ({ x, y, w, h }: Box): Polygon => [
  [x, y],
  [x + w, y],
  [x + w, y + h],
  [x, y + h],
];

/** The patch that covers a point, or the first that touches it; −1 outside the block. */
export function patchAt(block: Block, at: Point): number {
  return block.patches.findIndex(({ points }) => locate(at, points) !== 'outside');
}

/** Gives the patches at these points another role. */
export function recast(block: Block, at: readonly Point[], role: string): Block {
  const chosen = new Set(at.map((p) => patchAt(block, p)));
  return { ...block, patches: block.patches.map((p, i) => (chosen.has(i) ? { ...p, role } : p)) };
}

/** Draws a seam from point to point: every patch that it crosses from edge to edge becomes two. */
export function drawSeam(block: Block, from: Point, to: Point): Drafted {
  if (from[0] === to[0] && from[1] === to[1]) return { trouble: words.aSeamNeedsTwoEnds };
  let crossed = 0;
  const patches: Patch[] = [];
  for (const patch of block.patches) {
    const parts = cutPatch(patch.points, from, to);
    if (!parts) {
      patches.push(patch);
      continue;
    }
    const off = parts.flat().find((p) => !onGrid(p));
    if (off)
      return {
        trouble: words.thatSeamMeetsAnotherOneOff,
      };
    crossed += 1;
    for (const points of parts) patches.push({ role: patch.role, points: tidy(points) });
  }
  return crossed > 0 ? { block: { ...block, patches } } : { trouble: words.thatLineCrossesNoPatchFrom };
}

/** Quarters and thirds of a cell are what a drawing can hold. */
const onGrid = ([x, y]: Point) => [x, y].every((n) => Number.isInteger(n) && (n % 3 === 0 || n % 4 === 0));

/** Both sides of a convex or other patch that the segment crosses once, from edge to edge. */
function cutPatch(points: Polygon, from: Point, to: Point): [Point[], Point[]] | undefined {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const sides = points.map((p) => Math.sign(cross(from, to, p)));
  if (!sides.includes(1) || !sides.includes(-1)) return undefined;
  // Where the line enters and leaves: outline points on it, or crossings of edges.
  const outline: { p: Point; side: number }[] = points.flatMap((p, i) => {
    const q = points[(i + 1) % points.length]!;
    const own = { p, side: sides[i]! };
    const next = sides[(i + 1) % points.length]!;
    if (own.side * next >= 0) return [own];
    const [cp, cq] = [cross(from, to, p), cross(from, to, q)];
    const t = cp / (cp - cq);
    return [own, { p: [p[0] + (q[0] - p[0]) * t, p[1] + (q[1] - p[1]) * t] as Point, side: 0 }];
  });
  const on = outline.filter((o) => o.side === 0);
  if (on.length !== 2) return undefined;
  // Both must lie on the drawn piece of the line.
  const length = dx * dx + dy * dy;
  const within = ({ p }: (typeof on)[number]) => {
    const t = (p[0] - from[0]) * dx + (p[1] - from[1]) * dy;
    return t > -1e-6 && t < length + 1e-6;
  };
  if (!on.every(within)) return undefined;
  const half = (side: number) => outline.filter((o) => o.side === side || o.side === 0).map((o) => o.p);
  return [half(1), half(-1)];
}

/** Takes out the seam between the patches at two points: they become one, in the role of the first. */
export function joinPatches(block: Block, first: Point, second: Point): Drafted {
  const [i, j] = [patchAt(block, first), patchAt(block, second)];
  if (i < 0 || j < 0 || i === j) return { trouble: words.chooseTwoPatchesThatLieBeside };
  const [a, b] = [block.patches[i]!, block.patches[j]!];
  const points = joined(a.points, b.points);
  if (!points) return { trouble: words.thesePatchesCantBeMergedThey };
  return {
    block: {
      ...block,
      patches: block.patches.map((p, k) => (k === i ? { role: a.role, points } : p)).filter((_, k) => k !== j),
    },
  };
}

/** Two clockwise outlines with exactly one whole edge in common, as one; undefined for all others. */
export function joined(a: Polygon, b: Polygon): Polygon | undefined {
  for (let i = 0; i < a.length; i += 1)
    for (let j = 0; j < b.length; j += 1) {
      const [p, q] = [a[i]!, a[(i + 1) % a.length]!];
      const [r, s] = [b[j]!, b[(j + 1) % b.length]!];
      if (p[0] !== s[0] || p[1] !== s[1] || q[0] !== r[0] || q[1] !== r[1]) continue;
      const around = (points: Polygon, from: number) => points.map((_, k) => points[(from + k) % points.length]!);
      const points = [...around(a, i + 1), ...around(b, j + 1).slice(1, -1)];
      // A point that comes twice would pinch the outline.
      return new Set(points.map(String)).size === points.length ? tidy(points) : undefined;
    }
  return undefined;
}

/** Lays shapes (in twelfths from the box's corner) over a box of the block; what they cover is cut away along the box. */
export function stamp(block: Block, box: Box, shapes: readonly Patch[]): Drafted {
  const [w, h] = [block.grid[0] * PER_CELL, block.grid[1] * PER_CELL];
  if (box.x < 0 || box.y < 0 || box.x + box.w > w || box.y + box.h > h) return { trouble: words.thereIsNoRoomForIt };
  const kept: Patch[] = [];
  for (const patch of block.patches) {
    const outside = without(patch.points, box);
    const off = outside.flat().find((p) => !onGrid(p));
    if (off)
      return {
        trouble: words.itWouldCutAPatchAt(pointText(off.map(Math.round) as unknown as Point)),
      };
    for (const points of outside) kept.push({ role: patch.role, points });
  }
  const laid = shapes.map(({ role, points }) => ({
    role,
    points: tidy(points.map(([x, y]): Point => [x + box.x, y + box.y])),
  }));
  return { block: { ...block, patches: [...kept, ...laid] } };
}

/** What is left of a patch outside a box: pieces beside, above and below it, joined again where they belong together. */
function without(points: Polygon, { x, y, w, h }: Box): Polygon[] {
  const inner = [
    [0, x, 1],
    [0, x + w, -1],
    [1, y, 1],
    [1, y + h, -1],
  ] as const;
  const outside: Polygon[] = [];
  let rest: Polygon[] = [points];
  for (const [axis, at, sign] of inner) {
    outside.push(...rest.flatMap((part) => clipped(part, axis, at, -sign as 1 | -1)));
    rest = rest.flatMap((part) => clipped(part, axis, at, sign));
    if (rest.length === 0) return [points];
  }
  for (let again = true; again;) {
    again = false;
    for (let i = 0; i < outside.length && !again; i += 1)
      for (let j = i + 1; j < outside.length && !again; j += 1) {
        const one = joined(outside[i]!, outside[j]!);
        if (!one) continue;
        outside.splice(j, 1);
        outside[i] = one;
        again = true;
      }
  }
  return outside;
}

/** Turns (clockwise, by quarters) and mirrors some patches within their own box; a turn by a quarter needs a square box. */
export function turnPart(block: Block, chosen: ReadonlySet<number>, quarters: number, mirrored: boolean): Drafted {
  const part = block.patches.filter((_, i) => chosen.has(i));
  const xs = part.flatMap((p) => p.points.map((q) => q[0]));
  const ys = part.flatMap((p) => p.points.map((q) => q[1]));
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  const [w, h] = [Math.max(...xs) - x, Math.max(...ys) - y];
  const filled = part.reduce((sum, p) => sum + doubleArea(p.points), 0) === 2 * w * h;
  if (!filled) return { trouble: words.onlyASquareOrRectangleCan };
  const n = w === h ? quarters % 4 : (quarters % 2) * 2;
  const move = (p: Point): Point => {
    let [px, py] = [p[0] - x, p[1] - y];
    if (mirrored) px = w - px;
    for (let i = 0; i < n; i += 1) [px, py] = n === 2 ? (i === 0 ? [w - px, h - py] : [px, py]) : [w - py, px];
    return [px + x, py + y];
  };
  const patches = block.patches.map((p, i) => (chosen.has(i) ? { ...p, points: tidy(p.points.map(move)) } : p));
  return { block: { ...block, patches } };
}

/** Another number of cells: new ones are plain squares, others are cut off at the right and the bottom. */
export function resizeGrid(block: Block, grid: readonly [number, number], role: string): Drafted {
  const [w, h] = [grid[0] * PER_CELL, grid[1] * PER_CELL];
  const patches = block.patches.flatMap((p): Patch[] => {
    const inside = clipped(p.points, 0, w, -1).flatMap((part) => clipped(part, 1, h, -1));
    return inside.map((points) => ({ ...p, points }));
  });
  if (patches.some((p) => !p.points.every(onGrid))) return { trouble: words.theEdgeWouldCutAPatch };
  const more = cellsOf(grid, (x, y) => x >= block.grid[0] || y >= block.grid[1]).map((points) => ({ role, points }));
  return { block: { ...block, grid, patches: [...patches, ...more] } };
}

/** The same drawing on a grid with more cells, or with fewer where every point still lies on it. */
export function refineGrid(block: Block, factor: number): Drafted {
  const grid = [block.grid[0] * factor, block.grid[1] * factor] as const;
  const patches = block.patches.map((p) => ({ ...p, points: p.points.map(([x, y]): Point => [x * factor, y * factor]) }));
  const whole = grid.every((n) => Number.isInteger(n) && n >= 1) && patches.every((p) => p.points.every(onGrid));
  return whole ? { block: { ...block, grid, patches } } : { trouble: words.theDrawingDoesNotFitA };
}
