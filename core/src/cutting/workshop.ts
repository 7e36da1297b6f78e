/**
 * Plans for a demand by reading, and the memory of what was planned: the same mixture of sizes, however many people, shares what was
 * learnt of it, and the same demand is never planned twice.
 */
import { LRUCache } from 'lru-cache';
import { balanced } from './balanced';
import { lowerBound, type Bound } from './bound';
import { lengthOf, settingsCount, type Pattern } from './pattern';
import type { SizedPieces, Sizes } from './pieces';
import { simplest } from './simplest';
import { Mixture, type Stock } from './thriftiest';

/** What 'best' means: least cloth; little cloth with few kinds of strips; fewest settings of the ruler. */
export type PlanAim = 'thriftiest' | 'balanced' | 'simplest';
export const planAims: readonly PlanAim[] = ['thriftiest', 'balanced', 'simplest'];

/** Mixtures and demands that are remembered; what was asked longest ago is forgotten first. */
const REMEMBERED = 400;

interface Remembered {
  mixture: Mixture;
  /** Mixtures are planned on sizes of their own, in the order of the demand's. */
  sizes: SizedPieces[];
  /** By demand and reading: the plans so far, and the rest if they are not yet finished. */
  plans: LRUCache<string, { found: Pattern[]; rest?: Generator<Pattern[]> }>;
}

const remembered = new LRUCache<string, Remembered>({ max: REMEMBERED });

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/**
 * Better and better plans, shortest last. `bound`: a proven length in ticks. What an earlier question left unfinished is taken up
 * where it stopped.
 */
export function* patternsFor({ sizes, width }: Sizes, reading: PlanAim, bound: number, stock: Stock): Generator<Pattern[]> {
  if (sizes.length === 0) return yield [];
  const kits = sizes.reduce((n, s) => gcd(n, s.qty), 0);
  const key = `${width} ${JSON.stringify(stock)} ${sizes.map((s) => `${s.w} ${s.h} ${s.turnable ? 't' : ''}${s.qty / kits}`).join(',')}`;
  const known = remembered.get(key) ?? begin(sizes, width, stock);
  remembered.set(key, known);
  const demand = sizes.map((s) => s.qty);
  const question = `${reading} ${kits}`;
  const asked = known.plans.get(question) ?? {
    found: [],
    rest: plans(known, width, reading, demand, kits, bound),
  };
  known.plans.set(question, asked);
  let told: Pattern[] | undefined;
  for (;;) {
    // Somebody else who asks the same may have taken it further meanwhile.
    if (asked.found !== told && asked.found.length > 0) {
      told = asked.found;
      yield own(told, known.sizes, sizes);
    } else if (asked.rest) {
      const next = asked.rest.next();
      if (!next.done) asked.found = next.value;
      else {
        asked.rest = undefined;
        known.mixture.rest();
      }
    } else return;
  }
}

const bounds = new LRUCache<string, Bound>({ max: REMEMBERED });

/** The proven bound of a demand, worked out once. */
export function boundFor(demand: Sizes): Bound {
  const { sizes, across, tick } = demand;
  const key = `${across.toFraction()} ${tick.toFraction()} ${sizes.map((s) => `${s.w} ${s.h} ${s.turnable ? 't' : ''}${s.qty}`).join(',')}`;
  const known = bounds.get(key) ?? lowerBound(demand);
  bounds.set(key, known);
  return known;
}

function begin(sizes: readonly SizedPieces[], width: number, stock: Stock): Remembered {
  const copies = sizes.map((s) => ({ ...s, labels: [] }));
  return { mixture: new Mixture(copies, width, stock), sizes: copies, plans: new LRUCache({ max: REMEMBERED }) };
}

function* plans(
  { mixture, sizes }: Remembered,
  width: number,
  reading: PlanAim,
  demand: readonly number[],
  kits: number,
  bound: number,
): Generator<Pattern[]> {
  if (reading === 'thriftiest') return yield* mixture.plans(demand, bound);
  const plain = simplest(sizes, width, demand);
  const between = () =>
    balanced(
      mixture,
      demand.map((n) => n / kits),
      kits,
      bound,
      width,
      plain,
    );
  if (reading === 'balanced') return yield between();
  yield plain;
  // A few pieces share a strip now and then: sizes of one length, or all that is wanted in one go.
  const others = [between(), ...mixture.plans(demand, bound)];
  const best = others.reduce(
    (a, b) =>
      settingsCount(b) < settingsCount(a) || (settingsCount(b) === settingsCount(a) && lengthOf(b) < lengthOf(a)) ? b : a,
    plain,
  );
  if (best !== plain) yield best;
}

/** The patterns in the sizes of this demand. */
function own(patterns: readonly Pattern[], from: readonly SizedPieces[], to: readonly SizedPieces[]): Pattern[] {
  const size = new Map(from.map((s, i) => [s, to[i]!]));
  return patterns.map((p) => ({
    ...p,
    columns: p.columns.map((c) => ({
      ...c,
      rows: c.rows.map((r) => ({ ...r, pieces: r.pieces.map((l) => ({ ...l, size: size.get(l.size)! })) })),
    })),
  }));
}
