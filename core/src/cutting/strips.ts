/** The plan for one fabric in real lengths: strips with their pieces, lengths, bound and yield. */
import { ratio, type Rational } from '../measure';
import { realOf, settingsCount, type Column, type Pattern } from './pattern';
import { gather, type Piece, type SizedPieces } from './pieces';
import { boundFor, patternsFor, type PlanAim } from './workshop';

/** A piece in a strip: x across from the selvage, y along the bolt. */
export interface Rect {
  x: Rational;
  y: Rational;
  w: Rational;
  h: Rational;
  label: string;
}

export interface StripColumn {
  x: Rational;
  w: Rational;
  /** From the top, each with its pieces from the left. */
  rows: { y: Rational; h: Rational; rects: Rect[] }[];
}

export interface Strip {
  /** Along the bolt: the ruler setting of the first cut. */
  length: Rational;
  repeat: number;
  columns: StripColumn[];
  /** All pieces of one strip. */
  rects: Rect[];
}

export interface FabricPlan {
  reading: PlanAim;
  usableWidth: Rational;
  demand: readonly Piece[];
  strips: Strip[];
  /** How often the ruler is set while the strips are cut one kind after the other. */
  settings: number;
  /** Kinds of strips, whoever their pieces are for. */
  kinds: number;
  /** Pieces that the strips hold beyond the demand. */
  surplus: { label: string; qty: number }[];
  lengthNeeded: Rational;
  lengthToBuy: Rational;
  /** A proven bound on lengthNeeded, rounded down to thousandths. */
  lowerBound: number;
  proof: 'area' | 'lp';
  /** Area of the pieces wanted over area of the cloth needed; 0 when nothing is needed. */
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

/** How far a strip may reach unless a piece is longer: a yard, which is measured off, since no ruler is as long. */
export const longestStrip = { in: ratio(36), cm: ratio(90) };

/** The longest rulers in use; a longer strip is measured off, not set. */
export const longestRuler = { in: ratio(24), cm: ratio(60) };

export interface Request {
  reading?: PlanAim;
  /** The longest strip unless a piece is longer; a yard when left out. */
  ruler?: Rational;
}

/** Better and better plans of one fabric, the last one final. Throws DoesNotFit for a piece that fits neither way. */
export function* planFabricSteps(
  demand: readonly Piece[],
  usableWidth: Rational,
  buying: Buying,
  { reading = 'thriftiest', ruler = longestStrip.in }: Request = {},
): Generator<FabricPlan> {
  const sizes = gather(demand, usableWidth);
  const { tick } = sizes;
  const bound = boundFor(sizes);
  const area = sizes.sizes.reduce((sum, s) => sum + s.qty * s.real.w.valueOf() * s.real.h.valueOf(), 0);
  const reach = ruler.div(tick).floor().valueOf();
  for (const patterns of patternsFor(sizes, reading, bound.ticks, { ruler: reach })) {
    const { strips, surplus } = label(patterns, sizes.sizes);
    const lengthNeeded = strips.reduce((sum, s) => sum.add(s.length.mul(s.repeat)), ratio(0));
    yield {
      ...{ reading, usableWidth, demand, strips, surplus, lengthNeeded },
      settings: settingsCount(patterns),
      kinds: patterns.length,
      lengthToBuy: lengthToBuy(lengthNeeded, buying),
      lowerBound: bound.thousandths / 1000,
      proof: bound.proof,
      yield: area === 0 ? 0 : area / (usableWidth.valueOf() * lengthNeeded.valueOf()),
    };
  }
}

/** The final plan of one fabric, or with `first` the one that is found at once. Throws DoesNotFit. */
export function planFabric(
  demand: readonly Piece[],
  usableWidth: Rational,
  buying: Buying,
  request: Request & { first?: boolean } = {},
): FabricPlan {
  let plan: FabricPlan | undefined;
  for (plan of planFabricSteps(demand, usableWidth, buying, request)) if (request.first) break;
  return plan!;
}

/**
 * The length to ask for at the counter: what remains of it after washing and squaring the end is enough.
 * A bought length L shrinks to L(1 − p), so L = (needed + allowance)/(1 − p), up to the selling step.
 */
export function lengthToBuy(needed: Rational, { allowance, shrinkage, sellingStep }: Buying): Rational {
  if (needed.equals(0)) return needed;
  return needed.add(allowance).div(ratio(1).sub(shrinkage)).div(sellingStep).ceil().mul(sellingStep);
}

type Queues = Map<SizedPieces, { label: string; qty: number }[]>;

/**
 * Hands out the labels: patterns count sizes, people need to know which piece is whose. A pattern is split where the label changes. What
 * comes over is the last label's surplus.
 */
export function label(patterns: readonly Pattern[], sizes: readonly SizedPieces[]): Pick<FabricPlan, 'strips' | 'surplus'> {
  const queues: Queues = new Map(sizes.map((s) => [s, s.labels.map((l) => ({ ...l }))]));
  const surplus = new Map<string, number>();
  const strips = patterns.flatMap((pattern) => {
    const found: Strip[] = [];
    const perStrip = new Map<SizedPieces, number>();
    for (const c of pattern.columns)
      for (const r of c.rows) for (const { size } of r.pieces) perStrip.set(size, (perStrip.get(size) ?? 0) + 1);
    for (let left = pattern.repeat; left > 0;) {
      // As many equal strips as the labels at the head of each queue last for; the last label lasts for ever.
      const lasts = [...perStrip].map(([size, n]) => {
        const queue = queues.get(size)!;
        return queue.length > 1 ? Math.floor(queue[0]!.qty / n) : left;
      });
      const times = Math.max(1, Math.min(left, ...lasts));
      found.push({ ...place(pattern, queues, times), repeat: times });
      left -= times;
    }
    return found;
  });
  for (const queue of queues.values()) for (const { label, qty } of queue) if (qty < 0) surplus.set(label, -qty);
  return { strips, surplus: [...surplus].map(([label, qty]) => ({ label, qty })) };
}

/** A strip in real lengths, from the selvage and the cut end on. */
function place(pattern: Pattern, queues: Queues, times: number): Omit<Strip, 'repeat'> {
  let x = ratio(0);
  const columns = pattern.columns.map((column): StripColumn => {
    const placed = placeColumn(column, x, queues, times);
    x = x.add(placed.w);
    return placed;
  });
  const rects = columns.flatMap((c) => c.rows.flatMap((r) => r.rects));
  const length = most(rects.map((r) => r.y.add(r.h)));
  return { length, columns, rects };
}

function placeColumn(column: Column, x: Rational, queues: Queues, times: number): StripColumn {
  let y = ratio(0);
  const rows = column.rows.map((row) => {
    let left = x;
    const rects = row.pieces.map((lie): Rect => {
      const queue = queues.get(lie.size)!;
      const head = queue[0]!;
      head.qty -= times;
      if (head.qty <= 0 && queue.length > 1) queue.shift();
      const rect = { x: left, y, ...realOf(lie), label: head.label };
      left = left.add(rect.w);
      return rect;
    });
    const placed = { y, h: most(rects.map((r) => r.h)), rects };
    y = y.add(placed.h);
    return placed;
  });
  return { x, w: most(rows.map((r) => r.rects.reduce((sum, p) => sum.add(p.w), ratio(0)))), rows };
}

const most = (lengths: Rational[]) => lengths.reduce((a, b) => (b.compare(a) > 0 ? b : a));
