/**
 * A length that no layout can undercut, whoever cuts it and however (pieces turned where they may be).
 *
 * Any level line across the cloth meets pieces whose widths add up to at most W. A dual feasible function f keeps that
 * promise — Σ w ≤ W implies Σ f(w) ≤ 1 — so integrating along the cloth gives length ≥ Σ f(w)·h. The functions here are
 * those of Fekete and Schepers; each is a feasible solution of the dual of the cutting-stock linear program, hence 'lp'.
 */
import type { Size, Sizes } from './pieces';

export interface Bound {
  /** In thousandths of a unit of length, rounded down. */
  thousandths: number;
  proof: 'area' | 'lp';
}

/** A fraction with a common denominator, so that sums stay exact. */
interface Dual {
  /** f(w) = weight(w) / over. */
  weight(w: number): number;
  over: number;
}

/** The best bound of the family. */
export function lowerBound({ sizes, width, across, tick }: Sizes): Bound {
  if (sizes.length === 0) return { thousandths: 0, proof: 'area' };
  // The longest piece, laid its short way along the cloth where it may be, also has to fit.
  const longest = Math.max(...sizes.map((s) => Math.min(...ways(s).map((way) => way.h))));
  const area = total({ weight: (w) => w * Number(across.d), over: Number(across.n) });
  let best: Bound = { thousandths: Math.max(area, Number((1000n * BigInt(longest) * tick.n) / tick.d)), proof: 'area' };
  for (const dual of duals()) {
    const thousandths = total(dual);
    if (thousandths > best.thousandths) best = { thousandths, proof: 'lp' };
  }
  return best;

  function ways({ w, h, turnable }: Size): { w: number; h: number }[] {
    return [...(w <= width ? [{ w, h }] : []), ...(turnable && h <= width ? [{ w: h, h: w }] : [])];
  }

  /** Σ f(w)·h, each piece lying whichever way costs less, in whole thousandths rounded down. */
  function total(dual: Dual): number {
    const cost = (s: Size) => ways(s).map((way) => BigInt(dual.weight(way.w)) * BigInt(way.h));
    const sum = sizes.reduce((n, s) => n + BigInt(s.qty) * cost(s).reduce((a, b) => (b < a ? b : a)), 0n);
    return Number((sum * 1000n * tick.n) / (BigInt(dual.over) * tick.d));
  }

  function* duals(): Generator<Dual> {
    // Whole ticks alone can be used across, however the pieces lie.
    yield { weight: (w) => w, over: width };
    // u(k): a width that goes at most k times into W counts as a k-th, however much is left beside it.
    for (let k = 1; k <= 24; k += 1)
      yield {
        weight: (w) => (((k + 1) * w) % width === 0 ? w * k : Math.floor(((k + 1) * w) / width) * width),
        over: k * width,
      };
    // U(ε): what leaves less than ε beside it takes the whole width, and what is narrower than ε counts for nothing.
    const edges = new Set(
      sizes
        .flatMap((s) => [s.w, s.h])
        .flatMap((w) => [w, width - w])
        .filter((e) => e > 0 && 2 * e <= width),
    );
    for (const edge of edges) yield { weight: (w) => (w > width - edge ? width : w < edge ? 0 : w), over: width };
  }
}
