/**
 * How many will still take part, month by month: from the programme's own leavers and late joiners, and, while there are few of them, from a prior of
 * our own. Odds, not promises (docs/craft.md, Running a programme): short is worse than over where a print goes out of print.
 */
import { daysBetween } from '../programme';

/**
 * What is assumed before anything is known, as if it had been seen: that of 100 people and months one and a half left, and that a month brought one late
 * joiner for every 50 who take part. Weak on purpose: a year of one's own outweighs it.
 */
export const PRIOR = { left: 1.5, stayed: 98.5, joined: 1, months: 50 };

export interface RosterSeen {
  /** Months of taking part that were seen, of all people together, and how many of them ended with leaving. */
  peopleMonths: number;
  left: number;
  /** Late joiners since the first release. */
  joined: number;
}

/** What a roster has seen since the first release, day by day. Dates as ISO writes them; '' for none. */
export function seenSince(
  people: readonly { state: string; joined: string; left: string }[],
  first: string,
  today: string,
): RosterSeen {
  const months = (from: string, to: string) => Math.max(0, daysBetween(from, to) / 30.4375);
  let peopleMonths = 0;
  let left = 0;
  let joined = 0;
  if (!first || first >= today) return { peopleMonths, left, joined };
  for (const p of people) {
    if (p.state === 'waiting') continue;
    const from = p.joined > first ? p.joined : first;
    const to = p.state === 'left' && p.left && p.left < today ? p.left : today;
    if (p.state === 'left' && p.left && p.left <= first) continue;
    peopleMonths += months(from, to);
    if (p.state === 'left' && p.left && p.left <= today) left += 1;
    if (p.joined > first && p.joined <= today) joined += 1;
  }
  return { peopleMonths, left, joined };
}

export interface ForecastMonth {
  /** Months from now. */
  ahead: number;
  mean: number;
  /** Chances of exactly that many people, from `from` on. */
  from: number;
  chances: number[];
}

/**
 * Chances of each head count for months ahead. Leaving is beta-binomial: each stays a month with a chance that is itself not known; late joiners are a
 * negative binomial of the same kind. Both are worked out exactly, on a chance that is the same for all months ahead.
 */
export function forecast(people: number, seen: RosterSeen, months: number): ForecastMonth[] {
  const stay = { a: PRIOR.stayed + seen.peopleMonths - seen.left, b: PRIOR.left + seen.left };
  const join = { shape: PRIOR.joined + seen.joined, rate: PRIOR.months + seen.peopleMonths };
  return Array.from({ length: months }, (_, i) => {
    const ahead = i + 1;
    const staying = stayers(people, ahead, stay);
    // Late joiners come in proportion to who takes part; those who then leave again are few and left out.
    const coming = joiners(people * ahead, join);
    return trimmed(ahead, convolved(staying, coming));
  });
}

/** Against the likeliest, a chance that makes no difference. */
const NOTHING = 1e-9;

/** Chances of 0 to n staying `ahead` months, over the spread of the chance to stay one. */
function stayers(n: number, ahead: number, { a, b }: { a: number; b: number }): Float64Array {
  const chances = new Float64Array(n + 1);
  for (const { at, weight } of betaPoints(a, b)) {
    const p = at ** ahead;
    const own = binomial(n, p);
    for (let k = 0; k <= n; k += 1) chances[k] = chances[k]! + weight * own[k]!;
  }
  return chances;
}

/** Points and weights of a beta distribution, fine enough for sums: from eight deviations below its mean to eight above. */
function betaPoints(a: number, b: number): { at: number; weight: number }[] {
  const points = 120;
  const mean = a / (a + b);
  const reach = 8 * Math.sqrt((mean * (1 - mean)) / (a + b + 1));
  const [low, high] = [Math.max(0, mean - reach), Math.min(1, mean + reach)];
  const raw = Array.from({ length: points }, (_, i) => {
    const at = low + ((high - low) * (i + 0.5)) / points;
    return { at, log: (a - 1) * Math.log(at) + (b - 1) * Math.log(1 - at) };
  });
  const most = Math.max(...raw.map((r) => r.log));
  const sum = raw.reduce((n, r) => n + Math.exp(r.log - most), 0);
  return raw.map(({ at, log }) => ({ at, weight: Math.exp(log - most) / sum })).filter((p) => p.weight > 1e-9);
}

/** Chances of 0 to n, from the likeliest outwards: so nothing is lost to numbers too small to write, and what makes no difference is left out. */
function binomial(n: number, p: number): Float64Array {
  const chances = new Float64Array(n + 1);
  const peak = p >= 1 ? n : Math.min(n, Math.floor((n + 1) * p));
  chances[peak] = 1;
  let sum = 1;
  for (let k = peak; k < n && chances[k]! > NOTHING; k += 1)
    sum += chances[k + 1] = (chances[k]! * (n - k) * p) / ((k + 1) * (1 - p));
  for (let k = peak; k > 0 && chances[k]! > NOTHING; k -= 1)
    sum += chances[k - 1] = (chances[k]! * k * (1 - p)) / ((n - k + 1) * p);
  return chances.map((c) => c / sum);
}

/** Chances of 0, 1, 2, … joiners over so many people and months: gamma-Poisson. */
function joiners(exposure: number, { shape, rate }: { shape: number; rate: number }): number[] {
  const p = rate / (rate + exposure);
  const chances: number[] = [];
  // From the likeliest outwards, as in binomial: where many come, none at all has a chance too small to write.
  const peak = Math.max(0, Math.floor(((shape - 1) * (1 - p)) / p));
  chances[peak] = 1;
  for (let k = peak; chances[k]! > NOTHING; k += 1) chances[k + 1] = (chances[k]! * (shape + k) * (1 - p)) / (k + 1);
  for (let k = peak; k > 0; k -= 1) chances[k - 1] = (chances[k]! * k) / ((shape + k - 1) * (1 - p));
  const sum = chances.reduce((s, c) => s + c, 0);
  return chances.map((c) => c / sum);
}

function convolved(a: Float64Array, b: readonly number[]): number[] {
  const out = new Float64Array(a.length + b.length - 1);
  for (let i = 0; i < a.length; i += 1) {
    if (a[i]! <= 1e-12) continue;
    for (let j = 0; j < b.length; j += 1) out[i + j] = out[i + j]! + a[i]! * b[j]!;
  }
  return Array.from(out);
}

/** Without the ends that add up to less than one in two thousand, made whole again. */
function trimmed(ahead: number, chances: readonly number[]): ForecastMonth {
  const TAIL = 0.00025;
  let [from, to] = [0, chances.length - 1];
  for (let sum = 0; from < to && sum + chances[from]! < TAIL; from += 1) sum += chances[from]!;
  for (let sum = 0; to > from && sum + chances[to]! < TAIL; to -= 1) sum += chances[to]!;
  const kept = chances.slice(from, to + 1);
  const sum = kept.reduce((a, b) => a + b, 0);
  const whole = kept.map((c) => c / sum);
  return { ahead, from, chances: whole, mean: whole.reduce((n, c, i) => n + c * (from + i), 0) };
}

/** The smallest head count that is enough with that chance. */
export function enoughFor({ from, chances }: ForecastMonth, chance: number): number {
  let sum = 0;
  for (const [i, c] of chances.entries()) {
    sum += c;
    if (sum >= chance - 1e-12) return from + i;
  }
  return from + chances.length - 1;
}

/** The chance that more than so many take part. */
export const chanceOfMore = ({ from, chances }: ForecastMonth, people: number): number =>
  chances.reduce((sum, c, i) => (from + i > people ? sum + c : sum), 0);

export interface BuyAdvice {
  /** Kits to have cloth for now. */
  now: number;
  /** The chance that it is enough. */
  enough: number;
  /** Kits that are likely to be over; on average. */
  over: number;
}

/**
 * How many kits to buy cloth for now (the newsvendor's rule): as many as are enough with chance short / (short + over), where `short` is what one kit too
 * few costs and `over` one too many. Where more can be had later, with chance `again`, a kit too few costs only what is lost where it cannot.
 */
export function buyNow(
  month: ForecastMonth,
  { short, over, again }: { short: number; over: number; again: number },
): BuyAdvice {
  const costly = short * (1 - again);
  const chance = costly + over > 0 ? costly / (costly + over) : 0.5;
  const now = enoughFor(month, chance);
  const spare = month.chances.reduce((sum, c, i) => sum + c * Math.max(0, now - month.from - i), 0);
  return { now, enough: 1 - chanceOfMore(month, now), over: spare };
}
