/** Pieces of a quilt top at their exact places: what is drawn, counted and checked. */
import { Exact, type Rational } from '../measure';
import type { PartGroup, SetBlock } from './setting';

export type ExactPoint = readonly [x: Exact, y: Exact];

export interface LaidPart {
  /** 'sashing', 'side triangle'. */
  name: string;
  role: string;
  /** Undefined for what comes with a block: frames and coping. */
  group?: PartGroup;
  /** The place whose block it goes round. */
  place?: string;
  /** Finished outline on the quilt. */
  outline: readonly ExactPoint[];
  /** Finished sides along its own edges, before seams; of a triangle, those of the square that it is cut from, seams and all. */
  size: readonly [w: Exact, h: Exact];
  /** How it is cut; triangles out of squares. */
  sub: 'none' | 'once' | 'twice';
  /** Which border or round, from 1. */
  number?: number;
  /** Its ends are sewn at 45 degrees; `size` is along its outer edge. */
  mitred?: boolean;
  /** Joined from strips across the fabric. */
  joined?: boolean;
}

export interface LaidPlace {
  at: string;
  /** Which round of a medallion it lies in, from 1; undefined in its middle, and in every other quilt. */
  round?: number;
  /** Column and row for turning, from 0, along the block's own edges. */
  column: number;
  row: number;
  /** Undefined for a plain place. */
  block?: SetBlock;
  turn: number;
  mirrored: boolean;
  /** Corners of the block itself, clockwise from where its top left lies before it is turned. */
  outline: readonly ExactPoint[];
}

/** Where the top is laid: from lattice coordinates, along the blocks' edges, to those of the quilt. */
export type ToQuilt = (u: Exact, v: Exact) => ExactPoint;

export const straightToQuilt =
  (x: Exact, y: Exact): ToQuilt =>
  (u, v) => [u.plus(x), v.plus(y)];

const HALF_ROOT = Exact.of(0, '1/2');

/** Turned by an eighth clockwise: u runs down to the right, v down to the left. */
export const onPointToQuilt =
  (x: Exact, y: Exact): ToQuilt =>
  (u, v) => [u.minus(v).times(HALF_ROOT).plus(x), u.plus(v).times(HALF_ROOT).plus(y)];

/** The corners of a rectangle, clockwise from its first. */
export function rectangle(lie: ToQuilt, u: Exact, v: Exact, w: Exact, h: Exact): ExactPoint[] {
  return [lie(u, v), lie(u.plus(w), v), lie(u.plus(w), v.plus(h)), lie(u, v.plus(h))];
}

/** The four strips round a rectangle: left and right are as long as it is high, the others go over their ends. */
export function roundStrips(
  lie: ToQuilt,
  [u, v]: readonly [Exact, Exact],
  [w, h]: readonly [Exact, Exact],
  [across, along]: readonly [Exact | Rational, Exact | Rational],
): { outline: ExactPoint[]; size: [Exact, Exact] }[] {
  const [a, l] = [Exact.of(across), Exact.of(along)];
  const wide = w.plus(a.times(2));
  const strip = (x: Exact, y: Exact, sw: Exact, sh: Exact) => ({
    outline: rectangle(lie, x, y, sw, sh),
    size: [sw, sh] as [Exact, Exact],
  });
  return [
    ...(a.sign() > 0 ? [strip(u.minus(a), v, a, h), strip(u.plus(w), v, a, h)] : []),
    ...(l.sign() > 0 ? [strip(u.minus(a), v.minus(l), wide, l), strip(u.minus(a), v.plus(h), wide, l)] : []),
  ];
}
