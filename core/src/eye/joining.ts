/** Parts of squares joined to patches, across the lines of the grid, wherever the picture is told shorter without a seam between them. */
import { tidy, type Point, type Polygon } from '../block';
import type { Codes } from './codes';
import type { Leaf } from './cells';
import { shapeBits } from './shapes';
import { anyUnion, clockwise, convexUnion, shared, type Seam } from './outlines';

export interface Joined {
  points: Polygon;
  counts: Float64Array;
}

/** Bits that it takes to say that there is a seam, by how many of its ends carry no other on, nor end at the block's edge. */
const SEAM = [2, 5, 7];

interface Part extends Joined {
  bits: number;
  /** Which parts it meets, and what speaks for the seam between them. */
  beside: Map<number, number>;
}

interface Join extends Joined {
  ids: readonly number[];
  saving: number;
  bits: number;
}

/** So many bits against a seam, and there is none. */
const SURELY_NONE = 10;

/** A shape that takes so many bits may be on its way to a usual one. */
const UNUSUAL = 8;

/** A line between two parts, and the bits that the picture speaks for a seam there. */
export interface Meeting extends Seam {
  bits: number;
}

export interface Joining {
  parts: Joined[];
  /** Where parts meet that were left apart; of long lines the pieces by square. `parts`: which two. */
  apart: (Meeting & { parts: readonly [number, number] })[];
  /** Where there is none though a seam could be: what was joined. */
  joined: Meeting[];
}

/** `evidence`: the bits that the picture speaks for a seam, both ends in twelfths of a square. */
export function joinedParts(leaves: readonly Leaf[], codes: Codes, evidence: (seam: Seam) => number): Joining {
  const parts = new Map<number, Part>();
  const meetings: (Meeting & { leaves: readonly [number, number] })[] = [];
  /** The part that a leaf has become part of. */
  const now = leaves.map((_, i) => i);
  leaves.forEach(({ points, counts }, i) =>
    parts.set(i, { points: clockwise(points), counts, bits: codes.bits(counts) + shapeBits(points), beside: new Map() }),
  );
  for (const [i, a] of parts)
    for (const [j, b] of parts) {
      if (j <= i) continue;
      const met = shared(a.points, b.points);
      if (!met) continue;
      const bits = evidence(met);
      meetings.push({ ...met, bits, leaves: [i, j] });
      a.beside.set(j, bits);
      b.beside.set(i, bits);
    }
  const ends = endsOf(meetings);
  /** What it takes to say that two parts have a seam between them: less where it carries others on. */
  const seamBits = (i: number, j: number) => {
    const between = (m: { leaves: readonly [number, number] }) => {
      const [a, b] = [now[m.leaves[0]], now[m.leaves[1]]];
      return (a === i && b === j) || (a === j && b === i);
    };
    // Within the seam its pieces carry each other on: only its two ends are asked.
    let open = 2;
    for (const m of meetings)
      if (between(m))
        for (const beyond of ends(m)) {
          if (beyond === 'edge') open -= 1;
          else if (beyond.some((o) => !between(o) && now[o.leaves[0]] !== now[o.leaves[1]])) open -= 1;
        }
    return SEAM[Math.max(0, open)]!;
  };
  /** What is saved by joining some that touch; undefined where they would not be one convex patch. */
  const saved = (ids: readonly number[], union = convexUnion): Join | undefined => {
    const all = ids.map((id) => parts.get(id)!);
    const points = all.slice(1).reduce<Polygon | undefined>((sum, part) => sum && union(sum, part.points), all[0]!.points);
    if (!points) return undefined;
    const counts = all[0]!.counts.map((_, k) => all.reduce((sum, part) => sum + part.counts[k]!, 0));
    const bits = codes.bits(counts) + shapeBits(tidy(points));
    let saving = -bits;
    for (const [k, part] of all.entries()) {
      saving += part.bits;
      for (const other of ids.slice(k + 1)) {
        const seam = part.beside.get(other);
        if (seam !== undefined) saving += 1 + seamBits(ids[k]!, other) - seam;
      }
    }
    return { ids, saving, points, counts, bits };
  };
  /** The joinings that begin with two parts: of them alone, and of one more where the two make no usual shape by themselves. */
  const joinings = (i: number, j: number): Join[] => {
    const pair = saved([i, j]);
    if (!pair) return [];
    if (shapeBits(tidy(pair.points)) < UNUSUAL) return [pair];
    const near = new Set([...parts.get(i)!.beside.keys(), ...parts.get(j)!.beside.keys()]);
    return [pair, ...[...near].flatMap((k) => (k === i || k === j ? [] : (saved([i, j, k]) ?? [])))];
  };
  for (let next = leaves.length; ; next += 1) {
    let best: Join | undefined;
    for (const [i, { beside }] of parts)
      for (const j of beside.keys())
        if (j > i) for (const join of joinings(i, j)) if (join.saving > (best?.saving ?? 0)) best = join;
    // What has a corner turned in is rare: only where no convex patch is left to be joined, and nothing speaks for a seam.
    if (!best)
      for (const [i, { beside }] of parts)
        for (const [j, speaks] of beside) {
          const join = j > i && speaks < -SURELY_NONE ? saved([i, j], anyUnion) : undefined;
          if (join && join.saving > (best?.saving ?? 0)) best = join;
        }
    if (!best) break;
    const { ids, points, counts, bits } = best;
    const beside = new Map<number, number>();
    for (const id of ids)
      for (const [other, seam] of parts.get(id)!.beside)
        if (!ids.includes(other)) beside.set(other, (beside.get(other) ?? 0) + seam);
    for (const id of ids) parts.delete(id);
    for (const [leaf, part] of now.entries()) if (ids.includes(part)) now[leaf] = next;
    parts.set(next, { points, counts, bits, beside });
    for (const [other, seam] of beside) {
      const o = parts.get(other)!;
      for (const id of ids) o.beside.delete(id);
      o.beside.set(next, seam);
    }
  }
  const order = [...parts.keys()];
  const joining: Joining = { parts: [], apart: [], joined: [] };
  for (const { points, counts } of parts.values()) joining.parts.push({ points: tidy(points), counts });
  for (const { from, to, bits, leaves: pair } of meetings) {
    const [a, b] = pair.map((leaf) => order.indexOf(now[leaf]!)) as [number, number];
    if (a === b) joining.joined.push({ from, to, bits });
    else joining.apart.push({ from, to, bits, parts: [a, b] });
  }
  return joining;
}

type LeafMeeting = Meeting & { leaves: readonly [number, number] };

/** For each meeting, what lies beyond each of its two ends in the same line: other meetings, or the block's edge. */
function endsOf(meetings: readonly LeafMeeting[]): (m: LeafMeeting) => ('edge' | LeafMeeting[])[] {
  const points = meetings.flatMap(({ from, to }) => [from, to]);
  const [right, bottom] = [0, 1].map((k) => points.reduce((most, p) => Math.max(most, p[k]!), 0)) as [number, number];
  const begins = new Map<string, LeafMeeting[]>();
  const key = ([x, y]: Point, [u, v]: Point) => {
    const long = Math.hypot(u - x, v - y);
    return `${x},${y} ${Math.round((1000 * (u - x)) / long)},${Math.round((1000 * (v - y)) / long)}`;
  };
  const add = (name: string, m: LeafMeeting) => begins.set(name, [...(begins.get(name) ?? []), m]);
  for (const m of meetings) {
    add(key(m.from, m.to), m);
    add(key(m.to, m.from), m);
  }
  const onEdge = ([x, y]: Point) => x === 0 || y === 0 || x === right || y === bottom;
  const beyond = (end: Point, other: Point) => {
    if (onEdge(end)) return 'edge' as const;
    return begins.get(key(end, [2 * end[0] - other[0], 2 * end[1] - other[1]])) ?? [];
  };
  return (m) => [beyond(m.to, m.from), beyond(m.from, m.to)];
}
