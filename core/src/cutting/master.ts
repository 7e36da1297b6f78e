/**
 * The linear program of cutting stock: how much of each pattern, so that every demand is met at least cost. Patterns are not listed
 * beforehand but entered one by one when they pay (column generation after Gilmore and Gomory, 1961). A revised simplex on a
 * dense inverse; there are only as many rows as sizes.
 */

/** A way to cut: what it costs, and how many of each size it gives. */
export interface WayToCut {
  cost: number;
  gives: Float64Array;
}

const TINY = 1e-9;

/** `C` is what the caller knows its patterns by. Starts from patterns that give one size each, `first[i]` for size i. */
export class Master<C extends WayToCut> {
  /** The pattern that each row of the basis stands for; undefined for a surplus. */
  readonly basis: (C | undefined)[];
  /** How much of each basic pattern is used. */
  readonly amounts: Float64Array;
  /** What one more piece of each size is worth at present: the dual prices. */
  readonly prices: Float64Array;
  private readonly inverse: Float64Array[];

  constructor(
    readonly demand: readonly number[],
    first: readonly C[],
  ) {
    const m = demand.length;
    this.basis = [...first];
    this.amounts = Float64Array.from(demand, (d, i) => d / first[i]!.gives[i]!);
    this.inverse = first.map((c, i) => Float64Array.from({ length: m }, (_, j) => (i === j ? 1 / c.gives[i]! : 0)));
    this.prices = new Float64Array(m);
    this.reprice();
  }

  /** The cost of the present, fractional solution. */
  get cost(): number {
    return this.basis.reduce((sum, c, i) => sum + (c?.cost ?? 0) * this.amounts[i]!, 0);
  }

  /** What the pattern is worth above its cost. */
  gain(column: C): number {
    let worth = 0;
    for (let i = 0; i < column.gives.length; i += 1) worth += column.gives[i]! * this.prices[i]!;
    return worth - column.cost;
  }

  /** Takes a pattern into the basis. Returns false when it does not pay. */
  enter(column: C): boolean {
    if (this.gain(column) < TINY * Math.max(1, column.cost)) return false;
    this.pivot(
      column,
      this.inverse.map((row) => row.reduce((sum, x, j) => sum + x * column.gives[j]!, 0)),
    );
    this.dropNegativePrices();
    return true;
  }

  private dropNegativePrices(): void {
    // A negative price means that pieces come over for nothing: a surplus enters. As many rounds as rows are ample; more would be a circle.
    for (let round = 0; round < this.prices.length; round += 1) {
      let worst = -1;
      for (let i = 0; i < this.prices.length; i += 1)
        if (this.prices[i]! < -TINY && (worst < 0 || this.prices[i]! < this.prices[worst]!)) worst = i;
      if (worst < 0) return;
      this.pivot(
        undefined,
        this.inverse.map((row) => -row[worst]!),
      );
    }
  }

  private pivot(column: C | undefined, direction: readonly number[]): void {
    let leaving = -1;
    let step = Infinity;
    direction.forEach((d, i) => {
      if (d <= TINY) return;
      const ratio = this.amounts[i]! / d;
      if (ratio < step - TINY || (ratio < step + TINY && d > (direction[leaving] ?? 0))) [leaving, step] = [i, ratio];
    });
    if (leaving < 0) return;
    const row = this.inverse[leaving]!;
    const pivot = direction[leaving]!;
    for (let j = 0; j < row.length; j += 1) row[j] = row[j]! / pivot;
    direction.forEach((d, i) => {
      if (i === leaving || d === 0) return;
      const other = this.inverse[i]!;
      for (let j = 0; j < row.length; j += 1) other[j] = other[j]! - d * row[j]!;
      this.amounts[i] = Math.max(0, this.amounts[i]! - d * step);
    });
    this.amounts[leaving] = step;
    this.basis[leaving] = column;
    this.reprice();
  }

  private reprice(): void {
    this.prices.fill(0);
    this.basis.forEach((column, i) => {
      if (!column) return;
      const row = this.inverse[i]!;
      for (let j = 0; j < row.length; j += 1) this.prices[j] = this.prices[j]! + column.cost * row[j]!;
    });
  }
}
