/**
 * The patches that a painted drawing shows. Shapes lie over each other and lines over shapes, so a patch is a region where one and the same shape is
 * uppermost, bounded by edges that can be seen. Found by cutting all edges at each other, dropping what is hidden, and going round what
 * remains; patches that ring around another are cut open by level or upright seams.
 */
import { doubleArea, tidy, type Point, type Polygon } from '../block';

/** A shape on the grid: its outlines in twelfths. Without `fill` it is lines alone. */
export interface LaidShape {
  outlines: readonly Polygon[];
  fill?: string;
  evenOdd: boolean;
}

export interface Face {
  /** What is uppermost there: the index of the shape, or −1 where nothing is painted. */
  shape: number;
  points: Polygon;
}

export interface Faces {
  faces: Face[];
  /** Seams that the drawing does not have and a patch needs. */
  added: (readonly [Point, Point])[];
  /** Lines that end in the middle of a patch, which are left out. */
  loose: number;
  /** Where seams cross off the grid. */
  off?: Point;
}

interface Segment {
  a: Point;
  b: Point;
  /** The shape whose edge or line it is; infinite for the rim and for seams that are added. */
  owner: number;
  /** A line of its own: seen wherever no later shape covers it. */
  line: boolean;
}

interface Edge {
  a: Point;
  b: Point;
  owners: Segment[];
}

const MOST_SEGMENTS = 6000;
const MOST_CROSSINGS = 200_000;
const MOST_ROUNDS = 8;
const TINY = 1e-7;

const keyOf = ([x, y]: Point) => `${Math.round(x * 1e5)} ${Math.round(y * 1e5)}`;
const edgeKey = (a: Point, b: Point) => [keyOf(a), keyOf(b)].sort().join('|');
const onGrid = ([x, y]: Point) => [x, y].every((n) => Math.abs(n - Math.round(n)) < 1e-4 && (onThirds(n) || onQuarters(n)));
const onThirds = (n: number) => Math.round(n) % 4 === 0;
const onQuarters = (n: number) => Math.round(n) % 3 === 0;

/** The patches of shapes painted in this order on a block of `width` × `height` twelfths; nothing when there are too many seams. */
export function facesOf(shapes: readonly LaidShape[], width: number, height: number): Faces | undefined {
  const rim: Polygon = [
    [0, 0],
    [width, 0],
    [width, height],
    [0, height],
  ];
  const drawn = shapes.flatMap((shape, owner) =>
    shape.outlines.flatMap((outline) =>
      sides(outline, shape.fill !== undefined).map(([a, b]) => ({ a, b, owner, line: !shape.fill })),
    ),
  );
  const always = (a: Point, b: Point): Segment => ({ a, b, owner: Infinity, line: true });
  const segments: Segment[] = [...sides(rim, true).map(([a, b]) => always(a, b)), ...drawn].filter(
    ({ a, b }) => keyOf(a) !== keyOf(b),
  );
  const added: [Point, Point][] = [];
  let loose = 0;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    if (segments.length > MOST_SEGMENTS) return undefined;
    const edges = cutApart(segments);
    if (!edges) return undefined;
    const seen = edges.filter((edge) => visible(edge, shapes));
    const kept = withoutLoose(seen);
    if (round === 0) loose = seen.length - kept.length;
    const loops = loopsOf(kept);
    const lonely = [...islands(kept, rim[0]!), ...loops.rings];
    if (lonely.length === 0) {
      const off = kept.flatMap((e) => [e.a, e.b]).find((p) => !onGrid(p));
      const faces = loops.patches.map((points) => ({
        shape: topmost(inside(points), shapes),
        points: tidy(points.map(whole)),
      }));
      return { faces: faces.filter((f) => f.points.length > 2), added, loose, off };
    }
    for (const [a, b] of openings(lonely[0]!, kept)) {
      added.push([whole(a), whole(b)]);
      segments.push(always(a, b));
    }
  }
  return undefined;
}

const whole = ([x, y]: Point): Point => [Math.round(x), Math.round(y)];

function sides(outline: Polygon, closed: boolean): [Point, Point][] {
  const pairs = outline.slice(1).map((b, i): [Point, Point] => [outline[i]!, b]);
  return closed && outline.length > 2 ? [...pairs, [outline.at(-1)!, outline[0]!]] : pairs;
}

/** All segments cut wherever another crosses, touches or runs along them; pieces that coincide are one, with all their owners. Nothing for too many crossings. */
function cutApart(segments: readonly Segment[]): Edge[] | undefined {
  let crossings = 0;
  const cuts: Point[][] = segments.map(({ a, b }) => [a, b]);
  const boxes = segments.map(
    ({ a, b }) => [Math.min(a[0], b[0]), Math.max(a[0], b[0]), Math.min(a[1], b[1]), Math.max(a[1], b[1])] as const,
  );
  for (let i = 0; i < segments.length; i += 1) {
    const p = boxes[i]!;
    for (let j = i + 1; j < segments.length; j += 1) {
      const q = boxes[j]!;
      if (p[1] < q[0] - TINY || q[1] < p[0] - TINY || p[3] < q[2] - TINY || q[3] < p[2] - TINY) continue;
      const found = meetings(segments[i]!, segments[j]!);
      crossings += found.length;
      if (crossings > MOST_CROSSINGS) return undefined;
      for (const at of found) {
        cuts[i]!.push(at);
        cuts[j]!.push(at);
      }
    }
  }
  const edges = new Map<string, Edge>();
  for (const [i, segment] of segments.entries()) {
    const { a, b } = segment;
    const far = (p: Point) => (p[0] - a[0]) * (b[0] - a[0]) + (p[1] - a[1]) * (b[1] - a[1]);
    const stops = cuts[i]!.filter((p) => distance(p, a, b) < 1e-4 && between(p, a, b)).sort((p, q) => far(p) - far(q));
    for (let n = 1; n < stops.length; n += 1) {
      const [from, to] = [stops[n - 1]!, stops[n]!];
      if (keyOf(from) === keyOf(to)) continue;
      const key = edgeKey(from, to);
      const known = edges.get(key);
      if (known) known.owners.push(segment);
      else edges.set(key, { a: from, b: to, owners: [segment] });
    }
  }
  return [...edges.values()];
}

const between = (p: Point, a: Point, b: Point) =>
  p[0] >= Math.min(a[0], b[0]) - 1e-4 &&
  p[0] <= Math.max(a[0], b[0]) + 1e-4 &&
  p[1] >= Math.min(a[1], b[1]) - 1e-4 &&
  p[1] <= Math.max(a[1], b[1]) + 1e-4;

/** How far a point lies from the line through a and b. */
function distance(p: Point, a: Point, b: Point): number {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  return Math.abs(dx * (p[1] - a[1]) - dy * (p[0] - a[0])) / Math.hypot(dx, dy);
}

function meetings(p: Segment, q: Segment): Point[] {
  const found = [p.a, p.b].filter((at) => distance(at, q.a, q.b) < TINY && between(at, q.a, q.b));
  found.push(...[q.a, q.b].filter((at) => distance(at, p.a, p.b) < TINY && between(at, p.a, p.b)));
  if (found.length > 0) return found;
  const [px, py] = [p.b[0] - p.a[0], p.b[1] - p.a[1]];
  const [qx, qy] = [q.b[0] - q.a[0], q.b[1] - q.a[1]];
  const turn = px * qy - py * qx;
  if (Math.abs(turn) < TINY) return [];
  const t = ((q.a[0] - p.a[0]) * qy - (q.a[1] - p.a[1]) * qx) / turn;
  const u = ((q.a[0] - p.a[0]) * py - (q.a[1] - p.a[1]) * px) / turn;
  return t > 0 && t < 1 && u > 0 && u < 1 ? [[p.a[0] + t * px, p.a[1] + t * py]] : [];
}

/** Whether an edge can be seen: its two sides are different shapes, or it is an edge or a line of what is uppermost. */
function visible({ a, b, owners }: Edge, shapes: readonly LaidShape[]): boolean {
  const [nx, ny] = [(a[1] - b[1]) * 1e-4, (b[0] - a[0]) * 1e-4];
  const [mx, my] = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
  const [left, right] = [topmost([mx + nx, my + ny], shapes), topmost([mx - nx, my - ny], shapes)];
  return left !== right || owners.some(({ owner, line }) => (line ? owner > left : owner === left));
}

/** The uppermost shape at a point, or −1. */
function topmost(at: Point, shapes: readonly LaidShape[]): number {
  for (let i = shapes.length - 1; i >= 0; i -= 1) if (shapes[i]!.fill && covers(shapes[i]!, at)) return i;
  return -1;
}

/** By the rule that the drawing names: how often its outlines go round the point. */
function covers({ outlines, evenOdd }: LaidShape, [x, y]: Point): boolean {
  let [crossings, turns] = [0, 0];
  for (const outline of outlines)
    for (let i = 0; i < outline.length; i += 1) {
      const [a, b] = [outline[i]!, outline[(i + 1) % outline.length]!];
      if (a[1] > y === b[1] > y || a[0] + ((y - a[1]) / (b[1] - a[1])) * (b[0] - a[0]) <= x) continue;
      crossings += 1;
      turns += b[1] > a[1] ? 1 : -1;
    }
  return evenOdd ? crossings % 2 === 1 : turns !== 0;
}

/** Without edges that lead nowhere. */
function withoutLoose(edges: readonly Edge[]): Edge[] {
  let kept = [...edges];
  for (;;) {
    const ends = new Map<string, number>();
    for (const key of kept.flatMap((e) => [keyOf(e.a), keyOf(e.b)])) ends.set(key, (ends.get(key) ?? 0) + 1);
    const next = kept.filter((e) => ends.get(keyOf(e.a))! > 1 && ends.get(keyOf(e.b))! > 1);
    if (next.length === kept.length) return kept;
    kept = next;
  }
}

/** The corners of each group of edges that hangs together and does not reach the block's rim. */
function islands(edges: readonly Edge[], corner: Point): Point[][] {
  const next = new Map<string, Point[]>();
  for (const { a, b } of edges)
    for (const [p, q] of [
      [a, b],
      [b, a],
    ] as const)
      next.set(keyOf(p), [...(next.get(keyOf(p)) ?? []), q]);
  const been = new Set<string>();
  const group = (start: Point): Point[] => {
    const found = [start];
    been.add(keyOf(start));
    for (const p of found)
      for (const q of next.get(keyOf(p)) ?? []) {
        if (been.has(keyOf(q))) continue;
        been.add(keyOf(q));
        found.push(q);
      }
    return found;
  };
  group(corner);
  return edges.flatMap(({ a }) => (been.has(keyOf(a)) ? [] : [group(a)]));
}

/** Every way round on the left of an edge, taken apart where it touches itself: patches, and rings that lie inside one. */
function loopsOf(edges: readonly Edge[]): { patches: Point[][]; rings: Point[][] } {
  const from = new Map<string, { to: Point; angle: number }[]>();
  for (const { a, b } of edges)
    for (const [p, q] of [
      [a, b],
      [b, a],
    ] as const)
      from.set(keyOf(p), [...(from.get(keyOf(p)) ?? []), { to: q, angle: Math.atan2(q[1] - p[1], q[0] - p[0]) }]);
  for (const ways of from.values()) ways.sort((p, q) => p.angle - q.angle);
  const gone = new Set<string>();
  const patches: Point[][] = [];
  const rings: Point[][] = [];
  for (const { a, b } of edges)
    for (const start of [
      [a, b],
      [b, a],
    ] as const) {
      const way: Point[] = [];
      for (let [p, q] = start; !gone.has(`${keyOf(p)}>${keyOf(q)}`);) {
        gone.add(`${keyOf(p)}>${keyOf(q)}`);
        way.push(p);
        // The next edge in the order of the clock after the one that came.
        const ways = from.get(keyOf(q))!;
        const came = ways.findIndex((w) => keyOf(w.to) === keyOf(p));
        [p, q] = [q, ways[(came + ways.length - 1) % ways.length]!.to];
      }
      if (way.length === 0) continue;
      const loops = apart(way);
      if (!loops.some((loop) => doubleArea(loop) > 0)) continue;
      for (const loop of loops) (doubleArea(loop) > 0 ? patches : rings).push(loop);
    }
  return { patches, rings };
}

/** A way that comes to a corner twice, taken apart there. */
function apart(way: readonly Point[]): Point[][] {
  const loops: Point[][] = [];
  const open: Point[] = [];
  for (const p of way) {
    const before = open.findIndex((q) => keyOf(q) === keyOf(p));
    if (before >= 0) loops.push(open.splice(before));
    open.push(p);
  }
  return [...loops, open];
}

/** Two seams that open what lies around these corners: level through its top and bottom, or upright where only those end on the grid. */
function openings(corners: readonly Point[], edges: readonly Edge[]): [Point, Point][] {
  const through = (axis: 0 | 1): [Point, Point][] =>
    [Math.min, Math.max].flatMap((extreme) => {
      const at = extreme(...corners.map((p) => p[1 - axis]!));
      const level = corners.filter((p) => p[1 - axis] === at).map((p) => p[axis]!);
      return ([-1, 1] as const).flatMap((sign): [Point, Point][] => {
        const from = (sign < 0 ? Math.min : Math.max)(...level);
        const hit = edges
          .flatMap((e) => crossingOf(e, axis, at) ?? [])
          .filter((x) => (x - from) * sign > TINY)
          .reduce((a, b) => (Math.abs(b - from) < Math.abs(a - from) ? b : a), sign * Infinity);
        const point = (x: number): Point => (axis === 0 ? [x, at] : [at, x]);
        return Number.isFinite(hit) ? [[point(from), point(hit)]] : [];
      });
    });
  const [level, upright] = [through(0), through(1)];
  const clean = (seams: [Point, Point][]) => seams.length > 0 && seams.every(([, end]) => onGrid(end));
  return clean(level) || !clean(upright) ? level : upright;
}

/** Where an edge meets the level (axis 0) or upright line at `at`; nothing for one that runs along it. */
function crossingOf({ a, b }: Edge, axis: 0 | 1, at: number): number | undefined {
  const [from, to] = [a[1 - axis]!, b[1 - axis]!];
  if (from === to || Math.min(from, to) > at || Math.max(from, to) < at) return undefined;
  return a[axis]! + ((at - from) / (to - from)) * (b[axis]! - a[axis]!);
}

/** A point just inside an outline that runs clockwise on the screen. */
function inside(points: readonly Point[]): Point {
  // The middle of the longest side, a little to its right.
  const n = points.length;
  let [best, length] = [0, -1];
  for (let i = 0; i < n; i += 1) {
    const [a, b] = [points[i]!, points[(i + 1) % n]!];
    const l = Math.hypot(b[0] - a[0], b[1] - a[1]);
    if (l > length) [best, length] = [i, l];
  }
  const [a, b] = [points[best]!, points[(best + 1) % n]!];
  return [(a[0] + b[0]) / 2 - (b[1] - a[1]) * 1e-4, (a[1] + b[1]) / 2 + (b[0] - a[0]) * 1e-4];
}
