/**
 * A length that no layout can undercut, whoever cuts it and however (pieces turned where they may be).
 *
 * Any level line across the cloth meets pieces whose widths add up to at most W, and each piece at most once. So a layout is a list
 * of such lines, each as often as it is long, and every piece must be met along its whole height: a linear program over lines
 * (the bar relaxation of Scheithauer). Its dual gives each piece a weight per line; the bound rests on the weights alone: they are
 * rounded to whole numbers, the heaviest line is found exactly, and length ≥ Σ weight / heaviest line. So the
 * proof does not depend on how well the program was solved.
 */
import { ratio, type Rational } from '../measure';
import { knapsack } from './knapsack';
import { Master, type WayToCut } from './master';
import { waysOf } from './pattern';
import type { SizedPieces, Sizes } from './pieces';

export interface Bound {
  /** In thousandths of a unit of length, rounded down. */
  thousandths: number;
  /** The same in whole ticks. */
  ticks: number;
  proof: 'area' | 'lp';
}

/** Lines priced at most; each is one exact knapsack. */
const ROUNDS = 120;
/** Weights are whole numbers up to about this; products with counts stay exact in a double. */
const SCALE = 2 ** 30;

/** How a piece meets a level line: w across, for h of the length. */
interface Way {
  size: number;
  w: number;
  h: number;
}

export function lowerBound(demand: Sizes): Bound {
  const { sizes, width, across, tick } = demand;
  if (sizes.length === 0) return { thousandths: 0, ticks: 0, proof: 'area' };
  if (!demand.exact) return realArea(demand);
  const ways = sizes.flatMap((s, size) => waysOf(s, width).map(({ w, h }): Way => ({ size, w, h })));
  // The longest piece, laid its short way along the cloth where it may be, also has to fit.
  const longest = Math.max(...sizes.map((_, i) => Math.min(...ways.filter((v) => v.size === i).map((v) => v.h))));
  const area = sizes.reduce((sum, s) => sum + s.qty * s.w * s.h, 0);
  // Every layout can be pushed towards the cut end until pieces touch: its length is then a sum of sides, so a whole number of ticks.
  const byArea = Math.max(longest, Number(ceilDivide(BigInt(area) * across.d, across.n)));
  const byLines = lineBound(sizes, ways, width);
  const ticks = BigInt(Math.max(byArea, byLines));
  return {
    thousandths: Number((1000n * ticks * tick.n) / tick.d),
    ticks: Number(ticks),
    proof: byLines > byArea ? 'lp' : 'area',
  };
}

/** Where sides were rounded up to the ticks, only their real area proves anything. */
function realArea({ sizes, across, tick }: Sizes): Bound {
  const area = sizes.reduce((sum, s) => sum.add(s.real.w.mul(s.real.h).mul(s.qty)), ratio(0));
  const length = area.div(across.mul(tick));
  const down = (x: Rational) => x.floor().valueOf();
  return { thousandths: down(length.mul(1000)), ticks: down(length.div(tick)), proof: 'area' };
}

const ceilDivide = (a: bigint, b: bigint) => (a + b - 1n) / b;

function lineBound(sizes: readonly SizedPieces[], ways: readonly Way[], width: number): number {
  const gives = (entries: Iterable<readonly [Way, number]>): WayToCut => {
    const column = { cost: 1, gives: new Float64Array(sizes.length) };
    for (const [way, n] of entries) column.gives[way.size]! += n / way.h;
    return column;
  };
  const first = sizes.map((s, i) => {
    const way = ways.find((v) => v.size === i)!;
    return gives([[way, Math.min(s.qty, Math.floor(width / way.w))]]);
  });
  const master = new Master(
    sizes.map((s) => s.qty),
    first,
  );
  for (let round = 0; round < ROUNDS; round += 1) {
    const { taken } = knapsack(
      ways.map((v) => ({ w: v.w, value: master.prices[v.size]! / v.h, most: sizes[v.size]!.qty })),
      width,
    );
    if (!master.enter(gives(ways.map((v, i) => [v, taken[i]!])))) break;
  }
  return provenTicks(sizes, ways, width, master.prices);
}

/** What prices prove, in ticks, whether or not they are the best: all in whole numbers. */
function provenTicks(sizes: readonly SizedPieces[], ways: readonly Way[], width: number, prices: ArrayLike<number>): number {
  const dearest = Math.max(...ways.map((v) => prices[v.size]! / v.h));
  if (!(dearest > 0)) return 0;
  const weights = ways.map((v) => Math.max(0, Math.floor((prices[v.size]! / v.h / dearest) * SCALE)));
  const heaviest = knapsack(
    ways.map((v, i) => ({ w: v.w, value: weights[i]!, most: sizes[v.size]!.qty })),
    width,
  ).value;
  let sum = 0n;
  sizes.forEach((s, size) => {
    // Laid whichever way weighs less.
    const least = ways
      .map((v, i) => (v.size === size ? BigInt(weights[i]!) * BigInt(v.h) : undefined))
      .filter((x) => x !== undefined)
      .reduce((a, b) => (b < a ? b : a));
    sum += BigInt(s.qty) * least;
  });
  return Number(ceilDivide(sum, BigInt(heaviest)));
}
