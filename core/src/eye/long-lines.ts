/** Long straight seams that cross squares where no line of a single square does: told square by square they come out as steps, which are laid straight here. */
import { PER_CELL, tidy, tilingFaults, type Block, type Point } from '../block';
import type { Joined } from './joining';

/** So far from the line, in twelfths of a square, a step may reach, and so many steps at least make a line. */
const REACH = 4;
const STEPS = 3;
const MOST_STEPS = 12;
/** So many lines are laid straight, and so many chains of steps followed, at most: in a picture of nothing there is no end of them. */
const MOST_LINES = 24;
const MOST_CHAINS = 20_000;
/** Looks along a line, and how far to both sides of it, in twelfths of a square. */
const LOOKS = 60;
const ASIDE = 0.7;
/** Where the line may lie beside its place: steps that were taken for seams have bent the whole a little. */
const OFF = [-3, -2.5, -2, -1.5, -1, -0.5, 0, 0.5, 1, 1.5, 2, 2.5, 3];
/** So many of the looks have to see the fabric that lies there, and so many times as many as along the steps. */
const LEAST_SEEN = 0.9;
const BETTER = 1.02;

interface Edge {
  to: Point;
  /** What lies to the left and to the right of it as it runs: the label that a part has most of. */
  left: number;
  right: number;
}

/** Whether what is seen at a point, in twelfths of a square, is more like one label than like another. */
export type Nearer = (point: Point, label: number, other: number) => boolean;

/** The parts with what is straight laid straight; undefined where nothing is. */
export function laidStraight(parts: readonly Joined[], isNearer: Nearer): Joined[] | undefined {
  let now: Joined[] | undefined;
  // Lines that cannot be laid straight: others may be.
  const refused = new Set<string>();
  for (let lines = 0; lines < MOST_LINES; lines += 1) {
    const line = longest(now ?? parts, isNearer, refused);
    if (!line) break;
    const next = along(now ?? parts, line);
    if (!next) refused.add(chainText(line));
    now = next ?? now;
  }
  return now;
}

const chainText = (chain: readonly Point[]) => chain.map(key).join(' ');

const key = ([x, y]: Point) => `${x},${y}`;
const onCorner = ([x, y]: Point) => x % PER_CELL === 0 && y % PER_CELL === 0;

/** How far a point lies to one side of a line, times the line's length. */
const aside = (p: Point, q: Point, [x, y]: Point) => (q[0] - p[0]) * (y - p[1]) - (q[1] - p[1]) * (x - p[0]);

/** The chain of most steps between two corners of squares that the picture shows as one line. */
function longest(parts: readonly Joined[], isNearer: Nearer, refused: ReadonlySet<string>): Point[] | undefined {
  const edges = edgesOf(parts);
  let best: Point[] | undefined;
  let followed = 0;
  const follow = (chain: Point[], sides: Edge[]) => {
    followed += 1;
    const [from, here] = [chain[0]!, chain.at(-1)!];
    const ends = chain.length > STEPS && onCorner(here) && chain.length > (best?.length ?? 0);
    if (ends && !refused.has(chainText(chain)) && isLine(chain, sides, isNearer)) best = [...chain];
    if (chain.length > MOST_STEPS || followed > MOST_CHAINS) return;
    for (const edge of edges.get(key(here)) ?? []) {
      // Always on, never back: seen from the first two points no step turns by a right angle.
      const [ax, ay] = chain.length > 1 ? [here[0] - from[0], here[1] - from[1]] : [edge.to[0] - here[0], edge.to[1] - here[1]];
      if ((edge.to[0] - here[0]) * ax + (edge.to[1] - here[1]) * ay <= 0 || chain.includes(edge.to)) continue;
      const long = Math.hypot(edge.to[0] - from[0], edge.to[1] - from[1]);
      if (chain.slice(1).some((p) => Math.abs(aside(from, edge.to, p)) > REACH * long)) continue;
      follow([...chain, edge.to], [...sides, edge]);
    }
  };
  for (const name of edges.keys()) {
    const start = name.split(',').map(Number) as unknown as Point;
    if (onCorner(start)) follow([start], []);
  }
  return best;
}

/** Between two fabrics, from every corner of a part to the next that any part has there. */
function edgesOf(parts: readonly Joined[]): Map<string, Edge[]> {
  const corners = new Map(parts.flatMap(({ points }) => points.map((p) => [key(p), p] as const)));
  const fabric = ({ counts }: Joined) => counts.reduce((most, n, k) => (n > counts[most]! ? k : most), 0);
  const right = new Map<string, { from: Point; to: Point; fabric: number }>();
  for (const part of parts)
    part.points.forEach((p, i) => {
      const q = part.points[(i + 1) % part.points.length]!;
      const far = (t: Point) => (t[0] - p[0]) * (q[0] - p[0]) + (t[1] - p[1]) * (q[1] - p[1]);
      const on = [...corners.values()].filter((t) => aside(p, q, t) === 0 && far(t) >= 0 && far(t) <= far(q));
      on.sort((s, t) => far(s) - far(t));
      on.slice(1).forEach((to, k) => right.set(`${key(on[k]!)} ${key(to)}`, { from: on[k]!, to, fabric: fabric(part) }));
    });
  const edges = new Map<string, Edge[]>();
  for (const { from, to, fabric: its } of right.values()) {
    const other = right.get(`${key(to)} ${key(from)}`);
    if (!other || other.fabric === its) continue;
    edges.set(key(from), [...(edges.get(key(from)) ?? []), { to, left: other.fabric, right: its }]);
  }
  return edges;
}

/** Whether the picture shows a straight line from the chain's first corner to its last, and steps no better. */
function isLine(chain: readonly Point[], sides: readonly Edge[], isNearer: Nearer): boolean {
  const [from, to] = [chain[0]!, chain.at(-1)!];
  if (chain.slice(1, -1).every((p) => aside(from, to, p) === 0)) return false;
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const long = Math.hypot(dx, dy);
  const far = (p: Point) => ((p[0] - from[0]) * dx + (p[1] - from[1]) * dy) / long ** 2;
  /** How many looks to both sides see what lies there, the whole a little to one side. */
  const seen = (p: Point, [ux, uy]: Point, { left, right }: Edge, off: number) => {
    const at = (far: number): Point => [p[0] - uy * (off + far), p[1] + ux * (off + far)];
    return Number(isNearer(at(ASIDE), right, left)) + Number(isNearer(at(-ASIDE), left, right));
  };
  let [best, stepped] = [0, 0];
  for (const off of OFF) {
    let [line, steps] = [0, 0];
    for (let i = 0; i < LOOKS; i += 1) {
      const share = (i + 0.5) / LOOKS;
      const k = Math.max(
        0,
        chain.slice(1).findIndex((p) => far(p) >= share),
      );
      const [a, b] = [chain[k]!, chain[k + 1]!];
      const on = (share - far(a)) / (far(b) - far(a));
      const step = Math.hypot(b[0] - a[0], b[1] - a[1]);
      line += seen([from[0] + share * dx, from[1] + share * dy], [dx / long, dy / long], sides[k]!, off);
      steps += seen(
        [a[0] + on * (b[0] - a[0]), a[1] + on * (b[1] - a[1])],
        [(b[0] - a[0]) / step, (b[1] - a[1]) / step],
        sides[k]!,
        off,
      );
    }
    [best, stepped] = [Math.max(best, line), Math.max(stepped, steps)];
  }
  return best >= LEAST_SEEN * 2 * LOOKS && best > BETTER * stepped;
}

/** All parts with the chain's points on the line; undefined where one of them would lie where no point can be, or the parts would tile no more. */
function along(parts: readonly Joined[], chain: readonly Point[]): Joined[] | undefined {
  const [from, to] = [chain[0]!, chain.at(-1)!];
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const moved = new Map<string, Point>();
  for (const p of chain.slice(1, -1)) {
    const places: Point[] = [
      [from[0] + ((p[1] - from[1]) * dx) / dy, p[1]],
      [p[0], from[1] + ((p[0] - from[0]) * dy) / dx],
    ];
    const place = places.find((at) => at.every((n) => Math.abs(n - Math.round(n)) < 1e-9));
    if (!place) return undefined;
    moved.set(key(p), [Math.round(place[0]), Math.round(place[1])]);
  }
  const after = parts.map(({ points, counts }) => ({ points: tidy(points.map((p) => moved.get(key(p)) ?? p)), counts }));
  return tilingFaults(asBlock(after)).length > 0 ? undefined : after;
}

/** The parts as a drawing, whatever their fabrics are. */
function asBlock(parts: readonly Joined[]): Block {
  const corners = parts.flatMap(({ points }) => points.map(([x, y]): Point => [x, y]));
  const cells = (k: 0 | 1) => Math.ceil(corners.reduce((most, p) => Math.max(most, p[k]), 0) / PER_CELL);
  const patches = parts.map(({ points }) => ({ role: 'A', points }));
  return { id: '', name: '', grid: [cells(0), cells(1)], patches };
}
