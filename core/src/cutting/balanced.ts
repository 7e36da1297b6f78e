/**
 * The plan between little cloth and little fuss: a few kits are planned together and the same strips cut over and over, so that there are
 * few kinds of strips, and every round of them makes whole kits.
 */
import { lengthOf, settingsCount, together, type Pattern } from './pattern';
import type { Mixture } from './thriftiest';

/** Sizes of group that are tried, from the first that fills about this part of a width in length. */
const GROUPS = 4;
const FIRST = 0.6;
/** Waste over the shortest length that can be hoped for that costs nothing, and what is not accepted for any ease. */
const WASTE = 0.019;
const TOO_MUCH = 0.05;
/** A kind of strip more weighs as much as so many settings of the ruler: it has to be read, laid out and packed. */
const KIND = 9;

/**
 * `base`: one kit, in the order of the mixture's sizes; `kits`: how many of them; `bound` and `width`: in ticks; `plain`: the plan with the
 * fewest settings, which is taken when it wastes little.
 */
export function balanced(
  mixture: Mixture,
  base: readonly number[],
  kits: number,
  bound: number,
  width: number,
  plain: Pattern[],
): Pattern[] {
  const groups = new Map<number, Pattern[][]>();
  const groupsOf = (n: number) => {
    const demand = base.map((q) => q * n);
    const known = groups.get(n) ?? [...mixture.plans(demand), ...mixture.together(demand)];
    groups.set(n, known);
    return known;
  };
  let best: { patterns: Pattern[]; cost: number } | undefined;
  const consider = (patterns: Pattern[]) => {
    const over = lengthOf(patterns) / bound - 1;
    const dear = 1 + 100 * Math.max(0, over - WASTE) + 1000 * Math.max(0, over - TOO_MUCH);
    const cost = (settingsCount(patterns) + KIND * patterns.length) * dear;
    if (!best || cost < best.cost) best = { patterns, cost };
    return over;
  };
  const first = Math.max(1, Math.round((FIRST * width * kits) / bound));
  for (let size = first; size < first + GROUPS && size < kits; size += 1) {
    const rounds = Math.floor(kits / size);
    const rest = kits - rounds * size;
    let least = Infinity;
    for (const group of groupsOf(size)) {
      for (const remainder of rest > 0 ? groupsOf(rest) : [[]]) {
        const patterns = together([...group.map((p) => ({ ...p, repeat: p.repeat * rounds })), ...remainder]);
        least = Math.min(least, consider(patterns));
      }
    }
    // Larger groups only take more kinds of strips.
    if (least <= WASTE) break;
  }
  for (const patterns of [plain, ...mixture.plans(base.map((q) => q * kits))]) consider(patterns);
  return best!.patterns;
}
