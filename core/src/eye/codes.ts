/**
 * How many bits it takes to tell the labels of a region: its counts as they are best guessed one after another (the Dirichlet-multinomial code). Few labels,
 * few bits; two fabrics in one region, many.
 */
/** So much of a place is told by those beside it that this many count as one. */
const ALIKE = 10;
/** How sure a region is to have few labels: less is surer. */
const PRIOR = 0.08;

export class Codes {
  #one: Float64Array;
  #all: Float64Array;
  #kinds: number;

  /** `places`: the most that a region may have. */
  constructor(kinds: number, places: number) {
    this.#kinds = kinds;
    const base = (prior: number) => lnGamma(prior);
    this.#one = Float64Array.from({ length: places + 1 }, (_, n) => (lnGamma(n / ALIKE + PRIOR) - base(PRIOR)) / Math.LN2);
    this.#all = Float64Array.from(
      { length: places + 1 },
      (_, n) => (lnGamma(n / ALIKE + PRIOR * kinds) - base(PRIOR * kinds)) / Math.LN2,
    );
  }

  /** Of whole numbers of places by label. */
  bits(counts: Float64Array): number {
    let [all, bits] = [0, 0];
    for (let k = 0; k < this.#kinds; k += 1) {
      const n = counts[k]!;
      if (n === 0) continue;
      all += n;
      bits -= this.#one[n]!;
    }
    return bits + this.#all[all]!;
  }
}

/** Lanczos' approximation (g = 7, nine terms), right to about fifteen digits for what is above 0. */
function lnGamma(x: number): number {
  if (x < 0.5) return Math.log(Math.PI / Math.sin(Math.PI * x)) - lnGamma(1 - x);
  const z = x - 1;
  let sum = LANCZOS[0]!;
  for (let i = 1; i < LANCZOS.length; i += 1) sum += LANCZOS[i]! / (z + i);
  const t = z + LANCZOS.length - 1.5;
  return 0.5 * Math.log(2 * Math.PI) + (z + 0.5) * Math.log(t) - t + Math.log(sum);
}
const LANCZOS = [
  0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059, 12.507343278686905,
  -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
];
