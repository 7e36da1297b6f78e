/** Parts of squares joined to patches, across the lines of the grid, wherever the picture is told shorter without a seam between them. */
import { tidy, type Polygon } from '../block';
import type { Codes } from './codes';
import type { Leaf } from './cells';
import { shapeBits } from './shapes';
import { clockwise, convexUnion, shared, type Seam } from './outlines';

export interface Joined {
  points: Polygon;
  counts: Float64Array;
}

/** Bits that it takes to say that there is a seam. */
const SEAM = 7;

interface Part extends Joined {
  bits: number;
  /** Which parts it meets, and what speaks for the seam between them. */
  beside: Map<number, number>;
}

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
  /** What is saved by joining two; undefined where they would not be one convex patch. */
  const saved = (a: Part, b: Part, seam: number) => {
    const counts = a.counts.map((n, k) => n + b.counts[k]!);
    const points = convexUnion(a.points, b.points);
    if (!points) return undefined;
    const bits = codes.bits(counts) + shapeBits(tidy(points));
    const saving = a.bits + b.bits - bits + 1 + SEAM - seam;
    return saving > 0 ? { saving, points, counts, bits } : undefined;
  };
  for (let next = leaves.length; ; next += 1) {
    let best: { i: number; j: number; made: NonNullable<ReturnType<typeof saved>> } | undefined;
    for (const [i, a] of parts)
      for (const [j, seam] of a.beside) {
        if (j <= i) continue;
        const made = saved(a, parts.get(j)!, seam);
        if (made && (!best || made.saving > best.made.saving)) best = { i, j, made };
      }
    if (!best) break;
    const { i, j, made } = best;
    const beside = new Map<number, number>();
    for (const k of [i, j])
      for (const [other, seam] of parts.get(k)!.beside) {
        if (other === i || other === j) continue;
        beside.set(other, (beside.get(other) ?? 0) + seam);
      }
    for (const k of [i, j]) parts.delete(k);
    for (const [leaf, part] of now.entries()) if (part === i || part === j) now[leaf] = next;
    parts.set(next, { points: made.points, counts: made.counts, bits: made.bits, beside });
    for (const [other, seam] of beside) {
      const o = parts.get(other)!;
      o.beside.delete(i);
      o.beside.delete(j);
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
