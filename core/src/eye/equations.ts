/** Least squares: what fits many measurements best. */

/** Measurements gathered until they are solved. `stiff`: by unknown, how strongly it is held at nothing. */
export class LeastSquares {
  #system: number[][];
  #right: number[];

  constructor(stiff: readonly number[]) {
    this.#system = stiff.map((own, i) => stiff.map((_, j) => (i === j ? own : 0)));
    this.#right = stiff.map(() => 0);
  }

  /** The unknowns times `terms` were measured as `value`. */
  add(terms: readonly number[], value: number, weight = 1): void {
    for (const [i, term] of terms.entries()) {
      if (term === 0) continue;
      this.#right[i]! += weight * term * value;
      const row = this.#system[i]!;
      for (const [j, other] of terms.entries()) row[j]! += weight * term * other;
    }
  }

  /** Gaussian elimination: with every unknown held a little, the system is positive definite.. */
  solved(): number[] {
    const [system, right] = [this.#system, this.#right];
    const n = right.length;
    for (let i = 0; i < n; i += 1)
      for (let j = i + 1; j < n; j += 1) {
        const share = system[j]![i]! / system[i]![i]!;
        for (let k = i; k < n; k += 1) system[j]![k]! -= share * system[i]![k]!;
        right[j]! -= share * right[i]!;
      }
    for (let i = n - 1; i >= 0; i -= 1) {
      for (let k = i + 1; k < n; k += 1) right[i]! -= system[i]![k]! * right[k]!;
      right[i]! /= system[i]![i]!;
    }
    return right;
  }
}
