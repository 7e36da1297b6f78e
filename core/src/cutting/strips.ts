/** The plan for one fabric in real lengths: strips with their pieces, lengths, bound and yield. */
import { ratio, type Rational } from '../measure';
import { lowerBound } from './bound';
import { gather, type Piece, type Size } from './pieces';
import { planPatterns, type Pattern } from './planner';

/** A piece in a strip: x across from the selvage, y along the bolt. */
export interface Rect {
  x: Rational;
  y: Rational;
  w: Rational;
  h: Rational;
  label: string;
}

export interface Strip {
  /** Along the bolt: the ruler setting of the first cut. */
  length: Rational;
  repeat: number;
  rects: Rect[];
}

export interface FabricPlan {
  usableWidth: Rational;
  demand: readonly Piece[];
  strips: Strip[];
  lengthNeeded: Rational;
  lengthToBuy: Rational;
  /** A proven bound on lengthNeeded, rounded down to thousandths. */
  lowerBound: number;
  proof: 'area' | 'lp';
  /** Area of the pieces over area of the cloth needed; 0 when nothing is needed. */
  yield: number;
}

export interface Buying {
  /** Added once per cut length, for squaring the end. */
  allowance: Rational;
  /** Fraction of the length that washing takes. */
  shrinkage: Rational;
  /** What the shop cuts by. */
  sellingStep: Rational;
}

/** Plans the strips of one fabric. Throws TooWide for a piece that fits neither way. */
export function planFabric(demand: readonly Piece[], usableWidth: Rational, buying: Buying): FabricPlan {
  const sizes = gather(demand, usableWidth);
  const patterns = planPatterns(sizes);
  const { tick } = sizes;
  const needed = patterns.reduce((sum, p) => sum + p.repeat * p.length, 0);
  const area = sizes.sizes.reduce((sum, s) => sum + s.qty * s.w * s.h, 0);
  const bound = lowerBound(sizes);
  const lengthNeeded = tick.mul(needed);
  return {
    usableWidth,
    demand,
    strips: label(patterns, sizes.sizes, tick),
    lengthNeeded,
    lengthToBuy: lengthToBuy(lengthNeeded, buying),
    lowerBound: bound.thousandths / 1000,
    proof: bound.proof,
    yield: needed === 0 ? 0 : (area * tick.valueOf()) / (usableWidth.valueOf() * needed),
  };
}

/**
 * The length to ask for at the counter: what remains of it after washing and squaring the end is enough.
 * A bought length L shrinks to L(1 − p), so L = (needed + allowance)/(1 − p), up to the selling step.
 */
export function lengthToBuy(needed: Rational, { allowance, shrinkage, sellingStep }: Buying): Rational {
  if (needed.equals(0)) return needed;
  return needed.add(allowance).div(ratio(1).sub(shrinkage)).div(sellingStep).ceil().mul(sellingStep);
}

/** Hands out the labels: patterns count sizes, people need to know which piece is whose. Splits a pattern where the label changes. */
function label(patterns: Pattern[], sizes: Size[], tick: Rational): Strip[] {
  const queues = new Map(sizes.map((s) => [s, s.labels.map((l) => ({ ...l }))]));
  return patterns.flatMap((pattern) => {
    const strips: Strip[] = [];
    let left = pattern.repeat;
    while (left > 0) {
      // As many equal strips as the labels at the head of each queue last for.
      const perStrip = new Map<Size, number>();
      for (const c of pattern.columns) perStrip.set(c.size, (perStrip.get(c.size) ?? 0) + c.count);
      const times = Math.max(1, Math.min(left, ...[...perStrip].map(([size, n]) => Math.floor(queues.get(size)![0]!.qty / n))));
      strips.push({ length: tick.mul(pattern.length), repeat: times, rects: place(pattern, queues, times, tick) });
      left -= times;
    }
    return strips;
  });
}

function place(pattern: Pattern, queues: Map<Size, { label: string; qty: number }[]>, times: number, tick: Rational): Rect[] {
  let x = 0;
  return pattern.columns.flatMap((column) => {
    const rects = Array.from({ length: column.count }, (_, i): Rect => {
      const queue = queues.get(column.size)!;
      const head = queue[0]!;
      head.qty -= times;
      if (head.qty === 0) queue.shift();
      return { x: tick.mul(x), y: tick.mul(i * column.h), w: tick.mul(column.w), h: tick.mul(column.h), label: head.label };
    });
    x += column.w;
    return rects;
  });
}
