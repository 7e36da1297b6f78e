/**
 * The strips that are worth most at given prices, for every strip length at once, however many of a piece they take (dynamic
 * programming in three nested knapsacks: pieces into rows, rows into columns, columns into the strip).
 */
import type { Column, Abreast, Row } from './pattern';

/** A strip found, and what its pieces are worth. */
export interface Offer {
  length: number;
  worth: number;
  /** Which of the lengths it is. */
  which: number;
}

export class Pricer {
  /** Lies by height: row level k may use the first `upTo[k]`. */
  private readonly lies: Abreast[];
  private readonly heights: number[];
  private readonly upTo: number[];
  private readonly longest: number;
  private readonly rowWorth: Float64Array[];
  private readonly rowChoice: Int16Array[];
  private readonly stackWorth: Float64Array[];
  private readonly stackChoice: Int16Array[];
  private readonly stripChoice: Int16Array[];
  private readonly isWidth: Uint8Array;
  private readonly useful: Uint8Array;

  /** `lengths`: those that a strip may have, in ticks. */
  constructor(
    lies: readonly Abreast[],
    private readonly width: number,
    private readonly lengths: readonly number[],
  ) {
    this.lies = [...lies].sort((a, b) => a.h - b.h || a.w - b.w);
    this.heights = [...new Set(this.lies.map((l) => l.h))];
    this.upTo = this.heights.map((h) => this.lies.filter((l) => l.h <= h).length);
    this.longest = Math.max(...lengths);
    this.rowWorth = this.heights.map(() => new Float64Array(width + 1));
    this.rowChoice = this.heights.map(() => new Int16Array(width + 1));
    this.stackWorth = Array.from({ length: width + 1 }, () => new Float64Array(this.longest + 1));
    this.stackChoice = Array.from({ length: width + 1 }, () => new Int16Array(this.longest + 1));
    this.stripChoice = lengths.map(() => new Int16Array(width + 1));
    // Widths that no row of pieces has need no column of their own.
    this.useful = new Uint8Array(width + 1);
    this.isWidth = sums(
      this.lies.map((l) => l.w),
      width,
    );
  }

  /** The best strip of each length at these prices of the lies' sizes. */
  price(priceOf: (lie: Abreast) => number): Offer[] {
    const { width } = this;
    const worth = new Float64Array(width + 1);
    const choice = new Int16Array(width + 1).fill(-1);
    let next = 0;
    this.heights.forEach((_, k) => {
      for (; next < this.upTo[k]!; next += 1) {
        const lie = this.lies[next]!;
        const value = priceOf(lie);
        if (value <= 0) continue;
        for (let w = lie.w; w <= width; w += 1) {
          const candidate = worth[w - lie.w]! + value;
          if (candidate <= worth[w]!) continue;
          worth[w] = candidate;
          choice[w] = next;
        }
      }
      this.rowWorth[k]!.set(worth);
      this.rowChoice[k]!.set(choice);
    });
    // A column in which no row is worth more than in a narrower one is none of its own.
    let before = 0;
    for (let w = 1; w <= width; w += 1) {
      this.useful[w] = this.isWidth[w]! && this.rowWorth.some((row) => row[w]! > row[before]!) ? 1 : 0;
      if (!this.useful[w]) continue;
      this.stack(w);
      before = w;
    }
    return this.lengths.map((length, i) => ({ length, which: i, worth: this.fill(length, this.stripChoice[i]!) }));
  }

  /** Rows into columns `w` wide: the best stack for every height. */
  private stack(w: number): void {
    const worth = this.stackWorth[w]!.fill(0);
    const choice = this.stackChoice[w]!.fill(-1);
    this.heights.forEach((h, k) => {
      const value = this.rowWorth[k]![w]!;
      // A row that is worth no more than a lower one is not a new one.
      if (value <= (k > 0 ? this.rowWorth[k - 1]![w]! : 0)) return;
      for (let y = h; y <= this.longest; y += 1) {
        const candidate = worth[y - h]! + value;
        if (candidate <= worth[y]!) continue;
        worth[y] = candidate;
        choice[y] = k;
      }
    });
  }

  /** Columns into a strip: the best worth across the whole width. */
  private fill(length: number, choice: Int16Array): number {
    const { width, isWidth, stackWorth } = this;
    const best = new Float64Array(width + 1);
    choice.fill(0);
    // Of the columns worth having so far, their widths and what they are worth at this length, side by side in memory: this loop is the longest of all.
    const useful = new Int32Array(width);
    const worth = new Float64Array(width);
    let count = 0;
    for (let w = 1; w <= width; w += 1) {
      let most = best[w - 1]!;
      let chosen = 0;
      if (isWidth[w])
        for (let i = 0; i < count; i += 1) {
          const candidate = best[w - useful[i]!]! + worth[i]!;
          if (candidate <= most) continue;
          most = candidate;
          chosen = useful[i]!;
        }
      // A column as wide as what is filled so far is worth keeping only if narrower ones side by side are worth less.
      const own = this.useful[w] ? stackWorth[w]![length]! : 0;
      if (own > most + 1e-12) {
        most = own;
        chosen = w;
        useful[count] = w;
        worth[count] = own;
        count += 1;
      }
      best[w] = most;
      choice[w] = chosen;
    }
    return best[width]!;
  }

  /** The strip of an offer; until prices are asked for again. */
  columns({ which, length }: Offer): Column[] {
    const choice = this.stripChoice[which]!;
    const columns: Column[] = [];
    for (let w = this.width; w > 0;) {
      const c = choice[w]!;
      if (c === 0) w -= 1;
      else {
        const rows = this.rows(c, length);
        columns.push({ w: Math.max(...rows.map((r) => r.pieces.reduce((sum, p) => sum + p.w, 0))), rows });
        w -= c;
      }
    }
    return columns;
  }

  private rows(w: number, length: number): Row[] {
    const choice = this.stackChoice[w]!;
    const rows: Row[] = [];
    for (let y = length; choice[y]! >= 0;) {
      const k = choice[y]!;
      const pieces = this.pieces(k, w);
      rows.push({ h: Math.max(...pieces.map((p) => p.h)), pieces });
      y -= this.heights[k]!;
    }
    return rows;
  }

  private pieces(k: number, w: number): Abreast[] {
    const choice = this.rowChoice[k]!;
    const pieces: Abreast[] = [];
    for (let left = w; left > 0;) {
      const i = choice[left]!;
      if (i < 0) break;
      pieces.push(this.lies[i]!);
      left -= this.lies[i]!.w;
    }
    return pieces;
  }
}

/** Which whole numbers are sums of these, each as often as one likes; 0 is. */
export function sums(of: readonly number[], upTo: number): Uint8Array {
  const reached = new Uint8Array(upTo + 1);
  reached[0] = 1;
  for (const x of of) for (let s = x; s <= upTo; s += 1) if (reached[s - x]) reached[s] = 1;
  return reached;
}
