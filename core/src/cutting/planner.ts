/**
 * Plans strips across the width: the hardest piece left sets the strip's length, a knapsack fills its width with columns
 * of pieces stacked to that length, and the pattern is cut as often as the demand allows. Repeated with several
 * tastes for what is 'hard' and 'valuable'; the shortest plan wins. Works on whole ticks throughout.
 */
import type { Size, Sizes } from './pieces';

/** `count` pieces of a size stacked along the bolt, `w` wide; `turned` when the piece lies along it. */
export interface Column {
  size: Size;
  turned: boolean;
  w: number;
  h: number;
  count: number;
}

export interface Pattern {
  length: number;
  repeat: number;
  /** From the selvage on, widest first. */
  columns: Column[];
}

interface Taste {
  /** Which pieces are taken first. */
  hardness(size: Size): number;
  /** Area to this power is what a piece is worth in a strip: above 1 favours the large ones. */
  power: number;
}

const tastes: Taste[] = [1, 1.05, 1.15, 1.3].flatMap((power) => [
  { hardness: (s: Size) => Math.min(s.w, s.h) * 1e4 + Math.max(s.w, s.h), power },
  { hardness: (s: Size) => s.w * s.h, power },
  { hardness: (s: Size) => Math.max(s.w, s.h) * 1e4 + Math.min(s.w, s.h), power },
]);

/** The shortest plan found; deterministic, and independent of the order of the sizes. */
export function planPatterns(demand: Sizes): Pattern[] {
  const sizes = [...demand.sizes].sort((a, b) => b.w * b.h - a.w * a.h || b.w - a.w || Number(a.turnable) - Number(b.turnable));
  let best: Pattern[] = [];
  let shortest = Infinity;
  // Tastes often agree, of squares always: one that takes the pieces in the same order at the same worth is not asked again.
  const asked = new Set<string>();
  for (const taste of tastes) {
    const order = [...sizes].sort((a, b) => taste.hardness(b) - taste.hardness(a));
    const question = `${taste.power} ${order.map((size) => sizes.indexOf(size))}`;
    if (asked.has(question)) continue;
    asked.add(question);
    const patterns = planOnce(sizes, order, demand.width, taste.power);
    const length = patterns.reduce((sum, p) => sum + p.repeat * p.length, 0);
    // Of equally long plans the one with fewer ruler settings is kept.
    const cost = length + patterns.length / 1e6;
    if (cost < shortest) [best, shortest] = [patterns, cost];
  }
  return best.sort((a, b) => b.length - a.length);
}

/** `order` is that in which pieces are taken, `sizes` that in which they fill up a strip. */
function planOnce(sizes: Size[], order: Size[], width: number, power: number): Pattern[] {
  const left = new Map(sizes.map((s) => [s, s.qty]));
  const patterns: Pattern[] = [];
  for (const hardest of order) {
    while (left.get(hardest)! > 0) {
      const filled = ways(hardest, width).map((way) => fill(way, hardest, sizes, left, width, power));
      const best = filled.reduce((a, b) => (b.fullness > a.fullness ? b : a));
      const used = new Map<Size, number>();
      for (const column of best.columns) used.set(column.size, (used.get(column.size) ?? 0) + column.count);
      const repeat = Math.min(...[...used].map(([size, n]) => Math.floor(left.get(size)! / n)));
      for (const [size, n] of used) left.set(size, left.get(size)! - repeat * n);
      patterns.push({ length: best.length, repeat, columns: best.columns });
    }
  }
  return patterns;
}

interface Way {
  w: number;
  h: number;
  turned: boolean;
}

/** How a piece may lie: w across, h along; and turned. */
function ways(size: Size, width: number): Way[] {
  const found: Way[] = [];
  if (size.w <= width) found.push({ w: size.w, h: size.h, turned: false });
  if (size.turnable && size.h <= width) found.push({ w: size.h, h: size.w, turned: true });
  return found;
}

/** Fills a strip as long as `way` lies, which holds at least one piece of `hardest`. */
function fill(way: Way, hardest: Size, sizes: Size[], left: Map<Size, number>, width: number, power: number) {
  const length = way.h;
  const first: Column = { size: hardest, turned: way.turned, w: way.w, h: way.h, count: 1 };
  const options = sizes.flatMap((size): (Column & { most: number })[] => {
    const available = left.get(size)! - (size === hardest ? 1 : 0);
    // Of the two ways to lie, the one that leaves less of the strip's length bare.
    const fitting = ways(size, width).filter((lie) => lie.h <= length);
    const best = fitting.reduce<Way | undefined>((a, b) => (!a || bare(b) < bare(a) ? b : a), undefined);
    if (!best || available === 0) return [];
    const stack = Math.floor(length / best.h);
    const full = Math.floor(available / stack);
    const column = { size, turned: best.turned, w: best.w, h: best.h };
    return [
      ...(full > 0 ? [{ ...column, count: stack, most: full }] : []),
      ...(available % stack > 0 ? [{ ...column, count: available % stack, most: 1 }] : []),
    ];
  });
  const columns = [first, ...knapsack(options, width - way.w, (c) => c.count * Math.pow(c.size.w * c.size.h, power))];
  const area = columns.reduce((sum, c) => sum + c.count * c.w * c.h, 0);
  columns.sort((a, b) => b.h - a.h || b.w - a.w || b.count - a.count);
  return { length, columns, fullness: area / (width * length) };

  function bare(lie: Way): number {
    return length % lie.h;
  }
}

/** The most valuable choice of columns whose widths fit into `room`; each option up to `most` times. */
function knapsack(options: (Column & { most: number })[], room: number, value: (c: Column) => number): Column[] {
  // Options in powers of two turn 'up to n times' into a few yes-or-no choices.
  const bundles = options.flatMap((option) => {
    const parts: { option: Column; times: number; w: number; value: number }[] = [];
    let rest = Math.min(option.most, Math.floor(room / option.w));
    for (let times = 1; rest > 0; times *= 2) {
      const n = Math.min(times, rest);
      rest -= n;
      parts.push({ option, times: n, w: n * option.w, value: n * value(option) });
    }
    return parts;
  });
  const best = new Float64Array(room + 1);
  const taken = bundles.map(() => new Uint8Array(room + 1));
  bundles.forEach((bundle, i) => {
    for (let w = room; w >= bundle.w; w -= 1) {
      const candidate = best[w - bundle.w]! + bundle.value;
      if (candidate <= best[w]!) continue;
      best[w] = candidate;
      taken[i]![w] = 1;
    }
  });
  const chosen: Column[] = [];
  let w = room;
  for (let i = bundles.length - 1; i >= 0; i -= 1) {
    if (!taken[i]![w]) continue;
    const { option, times } = bundles[i]!;
    const { size, turned, h, count } = option;
    for (let n = 0; n < times; n += 1) chosen.push({ size, turned, w: option.w, h, count });
    w -= bundles[i]!.w;
  }
  return chosen;
}
