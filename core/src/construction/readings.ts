/**
 * The same picture by other units (docs/craft.md, Same picture, other units): small triangles that are two half-square triangles or one goose, a folded rectangle or
 * two squares. A picture is read as a whole, its same-coloured neighbours being one piece; or in parts, cut along its middle.
 */
import { clipped, joined } from '../block';
import type { Exact } from '../measure';
import { extent, type LaidPatch } from './picture';
import { recognise } from './recognise';
import type { BlockReading } from './style';
import { unitName } from './unit-name';
import type { UnitInBlock } from './units/unit-kind';

/** A picture of few patches that can be sewn in two ways. */
export interface TwoWays {
  /** The unit that it is as a whole. */
  name: string;
  whole: UnitInBlock;
  merged: LaidPatch[];
  /** The units that it is in parts. */
  halves: LaidPatch[][];
}

/** More patches than this make no unit with two readings. */
const MOST = 10;

/** The patches that stand for the unit when its style asks for parts; undefined when it is to stay whole. */
export function asParts(
  laid: readonly LaidPatch[],
  tick: Exact,
  seen: UnitInBlock,
  readings: Record<string, BlockReading>,
): LaidPatch[] | undefined {
  return readings[unitName(seen, tick)] === 'parts' ? cutThrough(laid, tick)?.flat() : undefined;
}

/** The merged patches when the style asks to sew this part as the one unit that it shows. */
export function asWhole(
  laid: readonly LaidPatch[],
  tick: Exact,
  readings: Record<string, BlockReading>,
): LaidPatch[] | undefined {
  if (!Object.values(readings).includes('whole')) return undefined;
  const ways = wholeOf(laid, tick);
  return ways && readings[ways.name] === 'whole' ? ways.merged : undefined;
}

/** The unit that a part drawn in smaller units would be when same-coloured neighbours are one piece. */
export function wholeOf(laid: readonly LaidPatch[], tick: Exact): Omit<TwoWays, 'halves'> | undefined {
  if (laid.length < 2 || laid.length > MOST) return undefined;
  const merged = mergeNeighbours(laid);
  if (merged.length === laid.length) return undefined;
  const whole = recognise(merged, tick);
  return whole && { name: unitName(whole, tick), whole, merged };
}

/** The part cut along its middle, or in quarters, where every piece then is a unit; undefined where it is not. */
export function cutThrough(laid: readonly LaidPatch[], tick: Exact): LaidPatch[][] | undefined {
  if (laid.length < 2 || laid.length > MOST) return undefined;
  const [x, y, w, h] = extent(laid);
  const across = w >= h && w <= 2 * h;
  const down = h >= w && h <= 2 * w;
  if (w !== h && w !== 2 * h && h !== 2 * w) return undefined;
  let cells: LaidPatch[][] = [[...laid]];
  if (across) cells = cells.flatMap((cell) => cutAt(cell, 0, x + w / 2) ?? []);
  if (down) cells = cells.flatMap((cell) => cutAt(cell, 1, y + h / 2) ?? []);
  const wanted = (across ? 2 : 1) * (down ? 2 : 1);
  const more = cells.flat().length > laid.length;
  return more && cells.length === wanted && cells.every((cell) => recognise(cell, tick)) ? cells : undefined;
}

/** Both sides of an upright (axis 0) or level line; undefined where it does not meet the grid in whole ticks. */
function cutAt(laid: readonly LaidPatch[], axis: 0 | 1, at: number): [LaidPatch[], LaidPatch[]] | undefined {
  const sides = ([-1, 1] as const).map((sign) =>
    laid.flatMap((p): LaidPatch[] => clipped(p.points, axis, at, sign).map((points) => ({ ...p, points }))),
  ) as [LaidPatch[], LaidPatch[]];
  return sides.flat().every((p) => p.points.every(([x, y]) => Number.isInteger(x) && Number.isInteger(y))) ? sides : undefined;
}

/** Patches of one role that share an edge become one piece, where that piece has a plain outline. */
export function mergeNeighbours(laid: readonly LaidPatch[]): LaidPatch[] {
  const merged = [...laid];
  for (let again = true; again;) {
    again = false;
    for (let i = 0; i < merged.length && !again; i += 1)
      for (let j = i + 1; j < merged.length && !again; j += 1) {
        const [a, b] = [merged[i]!, merged[j]!];
        const outline = a.role === b.role ? joined(a.points, b.points) : undefined;
        if (!outline) continue;
        merged.splice(j, 1);
        merged[i] = { role: a.role, of: [...a.of, ...b.of], points: outline };
        again = true;
      }
  }
  return merged;
}
