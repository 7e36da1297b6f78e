/**
 * Takes a block apart: straight seams that cross a whole region without cutting a patch, down to known units.
 * Handbook 4: a regular grid of like units first, then rows of equal height, then equal parts.
 */
import type { Block, Box, Patch, Point, Problem } from '../block';
import { PER_CELL, boxOf, pointText, tidy } from '../block';
import type { Exact } from '../measure';
import { unitKinds } from './units';
import type { Region, Seen } from './units/unit-kind';

/** 'h': level seams between parts stacked from the top; 'v': upright seams between parts from the left. */
export type SeamWay = 'h' | 'v';

export type Tree = Branch | Leaf;

export interface Branch {
  seam: SeamWay;
  box: Box;
  parts: Tree[];
}

export interface Leaf {
  box: Box;
  seen: Seen;
  /** Indices of the block's patches in this unit. */
  patches: number[];
}

/** A part of the drawing that cannot be sewn with the seams and units known so far. */
export class ConstructionError extends Error {
  constructor(readonly problems: Problem[]) {
    super(problems.map((p) => p.message).join('; '));
  }
}

type Placed = Region['patches'][number] & { box: Box };

/**
 * The seam tree of a block that tiles. `cell` is the finished width and height of a grid cell; `directional` names
 * roles that must not be turned. Throws ConstructionError with the patches concerned (paths below the block).
 */
export function seamTree(block: Block, cell: readonly [Exact, Exact], directional: ReadonlySet<string>): Tree {
  const problems: Problem[] = [];
  const all = block.patches.map((patch, index) => ({ index, patch, box: boxOf(patch.points) }));
  const whole = { x: 0, y: 0, w: block.grid[0] * PER_CELL, h: block.grid[1] * PER_CELL };
  const tree = takeApart(whole, all);
  if (problems.length > 0) throw new ConstructionError(problems);
  return tree;

  function takeApart(box: Box, placed: Placed[]): Tree {
    const size = { w: cell[0].times(box.w).over(PER_CELL), h: cell[1].times(box.h).over(PER_CELL) };
    const region: Region = { box, patches: placed, ...size };
    for (const kind of unitKinds) {
      const seen = kind.see(region, directional);
      if (seen) return { box, seen, patches: placed.map((p) => p.index) };
    }
    const part = (p: Part) => takeApart(p.box, p.placed);
    const quarters = likeQuarters(box, placed);
    if (quarters) {
      const half = (left: Part, right: Part): Tree => ({
        seam: 'v',
        box: { ...left.box, w: box.w },
        parts: [part(left), part(right)],
      });
      return { seam: 'h', box, parts: [half(quarters[0], quarters[1]), half(quarters[2], quarters[3])] };
    }
    const split = bestSplit(box, placed);
    if (split) return { seam: split.seam, box, parts: split.parts.map(part) };
    const first = placed[0]!;
    problems.push({ path: `/patches/${first.index}`, message: unknown(box) });
    return {
      box,
      seen: { kind: 'patch', roles: [first.patch.role], ...size, turn: 0, mirrored: false },
      patches: [first.index],
    };
  }
}

function unknown({ x, y, w, h }: Box): string {
  const where = `between ${pointText([x, y])} and ${pointText([x + w, y + h])}`;
  return `the part ${where} is no unit that Aggrega can plan yet (squares, rectangles and half-square triangles), and no straight seam takes it apart`;
}

interface Part {
  box: Box;
  placed: Placed[];
}

function bestSplit(box: Box, placed: Placed[]): { seam: SeamWay; parts: Part[] } | undefined {
  const rows = cutAlong('h', box, placed);
  const columns = cutAlong('v', box, placed);
  if (rows.length === 1 && columns.length === 1) return undefined;
  if (columns.length === 1) return { seam: 'h', parts: rows };
  if (rows.length === 1) return { seam: 'v', parts: columns };

  // Equal parts before unequal ones, then few different ones, then few at all; rows where nothing decides.
  const rank = (parts: Part[]) => [evenness(parts), kinds(parts), parts.length];
  const [r, c] = [rank(rows), rank(columns)];
  const differs = r.findIndex((n, i) => n !== c[i]);
  return differs >= 0 && c[differs]! < r[differs]! ? { seam: 'v', parts: columns } : { seam: 'h', parts: rows };
}

/** The four quarters, row by row, when they are alike but for turning: sections that can be chain-sewn. */
function likeQuarters(box: Box, placed: Placed[]): [Part, Part, Part, Part] | undefined {
  const [x, y] = [box.x + box.w / 2, box.y + box.h / 2];
  const crosses = ({ box: b }: Placed) => (b.x < x && b.x + b.w > x) || (b.y < y && b.y + b.h > y);
  if (placed.some(crosses)) return undefined;
  const quarter = (left: boolean, upper: boolean): Part => ({
    box: { x: left ? box.x : x, y: upper ? box.y : y, w: box.w / 2, h: box.h / 2 },
    placed: placed.filter((p) => p.box.x < x === left && p.box.y < y === upper),
  });
  const quarters = [quarter(true, true), quarter(false, true), quarter(true, false), quarter(false, false)] as const;
  // Quarters of a single unit each are an ordinary two by two grid.
  return quarters[0].placed.length > 2 && kinds([...quarters]) === 1 ? [...quarters] : undefined;
}

/** All parts between the straight seams of one direction; a single part when there is no such seam. */
function cutAlong(seam: SeamWay, box: Box, placed: Placed[]): Part[] {
  const [start, length] = seam === 'h' ? [box.y, box.h] : [box.x, box.w];
  const span = (b: Box) => (seam === 'h' ? [b.y, b.y + b.h] : [b.x, b.x + b.w]) as [number, number];
  // Sweep the patches in order of their near edge: a seam lies wherever all earlier ones have ended.
  const parts: Part[] = [];
  let current: Placed[] = [];
  let [from, reach] = [start, start];
  for (const p of [...placed].sort((a, b) => span(a.box)[0] - span(b.box)[0])) {
    const [near, far] = span(p.box);
    if (current.length > 0 && near >= reach) {
      parts.push(between(from, reach));
      [from, current] = [reach, []];
    }
    current.push(p);
    reach = Math.max(reach, far);
  }
  parts.push(between(from, start + length));
  return parts;

  function between(a: number, b: number): Part {
    return { box: seam === 'h' ? { ...box, y: a, h: b - a } : { ...box, x: a, w: b - a }, placed: current };
  }
}

/** 0 for parts of equal size, 1 otherwise. */
function evenness(parts: Part[]): number {
  const first = parts[0]!.box;
  return parts.every((p) => p.box.w === first.w && p.box.h === first.h) ? 0 : 1;
}

/** How many different parts there are when turned ones count as like. */
function kinds(parts: Part[]): number {
  return new Set(parts.map((p) => pictureKey(p.box, p.placed))).size;
}

/** A text that is the same for the same picture in any of its four turns. */
function pictureKey(box: Box, placed: Placed[]): string {
  const turns: ((p: Point) => Point)[] = [
    ([x, y]) => [x - box.x, y - box.y],
    ([x, y]) => [box.y + box.h - y, x - box.x],
    ([x, y]) => [box.x + box.w - x, box.y + box.h - y],
    ([x, y]) => [y - box.y, box.x + box.w - x],
  ];
  const picture = (turn: (p: Point) => Point) =>
    placed
      .map(({ patch }: { patch: Patch }) => `${patch.role}:${tidy(patch.points.map(turn)).join(' ')}`)
      .sort()
      .join('|');
  return turns.map(picture).sort()[0]!;
}

/** Every leaf of a tree, in reading order. */
export function leaves(tree: Tree): Leaf[] {
  return 'seen' in tree ? [tree] : tree.parts.flatMap(leaves);
}
