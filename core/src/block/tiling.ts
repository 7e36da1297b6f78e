/** Whether the patches of a block tile its rectangle, and if not, where the gap or the overlap is. */
import type { Block, Problem } from './block';
import {
  PER_CELL,
  boxOf,
  crossProperly,
  doubleArea,
  locate,
  onSegment,
  pointText,
  tidy,
  type Box,
  type Point,
  type Polygon,
} from './geometry';
import { words } from './words';

export interface TilingFault {
  kind: 'shape' | 'outside' | 'overlap' | 'gap';
  /** Indices of the patches concerned; none for a gap. */
  patches: number[];
  message: string;
  /** Outline of a gap, or the point of an overlap, in twelfths: something to draw. */
  place: Polygon;
}

/** Every fault of the drawing; an empty list means that the patches tile the block exactly. */
export function tilingFaults(block: Block): TilingFault[] {
  const [width, height] = [block.grid[0] * PER_CELL, block.grid[1] * PER_CELL];
  const faults: TilingFault[] = [];
  const sound: { index: number; points: Polygon; box: Box }[] = [];

  block.patches.forEach(({ points }, index) => {
    const fault = shapeFault(points) ?? outsideFault(points, width, height);
    if (fault) faults.push({ ...fault, patches: [index] });
    else sound.push({ index, points, box: boxOf(points) });
  });

  for (let i = 0; i < sound.length; i += 1) {
    for (let j = i + 1; j < sound.length; j += 1) {
      const place = boxesOverlap(sound[i]!.box, sound[j]!.box) && overlapAt(sound[i]!.points, sound[j]!.points);
      if (!place) continue;
      const [a, b] = [sound[i]!.index, sound[j]!.index];
      faults.push({
        kind: 'overlap',
        patches: [a, b],
        place: [place],
        message: words.overlapsPatchesAt(a, pointText(place)),
      });
    }
  }

  // Without faults so far the patches are disjoint and inside, so equal areas mean that nothing is left bare.
  const covered = sound.reduce((sum, s) => sum + doubleArea(s.points), 0);
  if (faults.length === 0 && covered < 2 * width * height)
    for (const gap of gaps(
      sound.map((s) => s.points),
      width,
      height,
    )) {
      const { x, y, w, h } = boxOf(gap);
      const message = words.theresAGapInTheBlock(pointText([x, y]), pointText([x + w, y + h]));
      faults.push({ kind: 'gap', patches: [], place: gap, message });
    }
  return faults;
}

/** The faults of a drawing as problems of a document, `path` being the block's place in it. */
export function tilingProblems(block: Block, path: string): Problem[] {
  return tilingFaults(block).map(({ patches, message }) => ({
    path: patches.length > 0 ? `${path}/patches/${patches.at(-1)}` : `${path}/patches`,
    message,
  }));
}

type PartialFault = Omit<TilingFault, 'patches'>;

function shapeFault(points: Polygon): PartialFault | undefined {
  if (points.length < 3 || doubleArea(points) === 0)
    return { kind: 'shape', place: points, message: words.thePatchHasNoAreaIt };
  for (let i = 0; i < points.length; i += 1) {
    for (let j = i + 1; j < points.length; j += 1) {
      const [a, b, c, d] = [points[i]!, points[(i + 1) % points.length]!, points[j]!, points[(j + 1) % points.length]!];
      const neighbours = j === i + 1 || (i === 0 && j === points.length - 1);
      const touch = neighbours ? foldsBack(a, b, c, d) : touches(a, b, c, d);
      if (touch) return { kind: 'shape', place: [c], message: words.theOutlineOfThePatchCrosses(pointText(c)) };
    }
  }
  return undefined;
}

function touches(a: Point, b: Point, c: Point, d: Point): boolean {
  return crossProperly(a, b, c, d) || onSegment(c, a, b) || onSegment(d, a, b) || onSegment(a, c, d) || onSegment(b, c, d);
}

/** Neighbouring edges share one point by right; more than that is an outline that turns back on itself. */
function foldsBack(a: Point, b: Point, c: Point, d: Point): boolean {
  const shared = b[0] === c[0] && b[1] === c[1];
  return shared ? onSegment(d, a, b) || onSegment(a, c, d) : onSegment(c, a, b) || onSegment(b, c, d);
}

function outsideFault(points: Polygon, width: number, height: number): PartialFault | undefined {
  const out = points.find(([x, y]) => x < 0 || y < 0 || x > width || y > height);
  return out && { kind: 'outside', place: [out], message: words.thePatchReachesOutsideTheBlock(pointText(out)) };
}

function boxesOverlap(a: Box, b: Box): boolean {
  return a.x < b.x + b.w && b.x < a.x + a.w && a.y < b.y + b.h && b.y < a.y + a.h;
}

/**
 * A point where the insides of two simple polygons meet, or undefined. Either two edges cross, or else, once edges
 * are split wherever a corner of the other polygon touches them, some piece of an edge lies inside the other
 * polygon, or along its edge with both insides on the same side.
 */
function overlapAt(p: Polygon, q: Polygon): Point | undefined {
  for (const [a, b] of edges(p)) for (const [c, d] of edges(q)) if (crossProperly(a, b, c, d)) return nearCrossing(a, b, c, d);
  return edgeInside(p, q) ?? edgeInside(q, p);
}

/** The crossing of two edges, rounded to a twelfth: good enough to show where, and used for nothing else. */
function nearCrossing(a: Point, b: Point, c: Point, d: Point): Point {
  const along =
    ((c[0] - a[0]) * (d[1] - c[1]) - (c[1] - a[1]) * (d[0] - c[0])) /
    ((b[0] - a[0]) * (d[1] - c[1]) - (b[1] - a[1]) * (d[0] - c[0]));
  return [Math.round(a[0] + along * (b[0] - a[0])), Math.round(a[1] + along * (b[1] - a[1]))];
}

function edgeInside(p: Polygon, q: Polygon): Point | undefined {
  // Doubled coordinates keep the midpoints whole.
  const doubled = q.map(([x, y]): Point => [2 * x, 2 * y]);
  for (const [a, b] of splitEdges(p, q)) {
    const middle: Point = [a[0] + b[0], a[1] + b[1]];
    const where = locate(middle, doubled);
    const alongside = where === 'edge' && edges(doubled).some(([c, d]) => onSegment(middle, c, d) && sameWay(a, b, c, d));
    if (where === 'inside' || alongside) return [Math.round(middle[0] / 2), Math.round(middle[1] / 2)];
  }
  return undefined;
}

function sameWay(a: Point, b: Point, c: Point, d: Point): boolean {
  return (b[0] - a[0]) * (d[0] - c[0]) + (b[1] - a[1]) * (d[1] - c[1]) > 0;
}

type Edge = readonly [Point, Point];

function edges(polygon: Polygon): Edge[] {
  return polygon.map((p, i) => [p, polygon[(i + 1) % polygon.length]!]);
}

/** The edges of p, split at every corner in `at` that lies on them. */
function splitEdges(p: Polygon, at: Polygon): Edge[] {
  return edges(p).flatMap(([a, b]) => {
    const distance = (c: Point) => Math.abs(c[0] - a[0]) + Math.abs(c[1] - a[1]);
    const cuts = at.filter((c) => onSegment(c, a, b)).sort((c, d) => distance(c) - distance(d));
    const stops = [a, ...cuts, b].filter((c, i, all) => i === 0 || c[0] !== all[i - 1]![0] || c[1] !== all[i - 1]![1]);
    return stops.slice(1).map((c, i): Edge => [stops[i]!, c]);
  });
}

/**
 * Outlines of the bare spaces between disjoint patches. Every piece of an edge should have a twin running the other
 * way in a neighbour or on the block's rim; the pieces without one are the rims of the gaps.
 */
function gaps(patches: Polygon[], width: number, height: number): Polygon[] {
  const rim: Polygon = [
    [0, 0],
    [0, height],
    [width, height],
    [width, 0],
  ];
  const corners = [...patches.flat(), ...rim];
  const single = new Map<string, Edge>();
  for (const [a, b] of [...patches, rim].flatMap((p) => splitEdges(p, corners))) {
    if (!single.delete(`${b} ${a}`)) single.set(`${a} ${b}`, [a, b]);
  }
  // A gap's own outline runs against the edges around it.
  const from = new Map<string, Edge[]>();
  for (const [a, b] of single.values()) from.set(String(b), [...(from.get(String(b)) ?? []), [b, a]]);
  const found: Polygon[] = [];
  for (const start of from.keys()) {
    for (let edge = from.get(start)?.pop(); edge; edge = from.get(start)?.pop()) {
      const outline: Point[] = [edge[0]];
      while (String(edge[1]) !== start) {
        outline.push(edge[1]);
        edge = from.get(String(edge[1]))!.pop()!;
      }
      found.push(tidy(outline));
    }
  }
  return found;
}
