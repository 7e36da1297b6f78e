/** The end of a plan: few pieces of many sizes, cut strip after strip so that little is wasted. */
import { Filler, type Filled } from './filler';
import { type Abreast, type Pattern } from './pattern';
import type { SizedPieces } from './pieces';

interface State {
  left: Int32Array;
  length: number;
  worth: number;
  strips: Filled[];
}

export class EndSearch {
  private readonly filler: Filler;

  /** `lies`: how pieces may lie; `lengths`: strips that are tried; `longest`: how long the last strip may be. All in ticks. */
  constructor(
    private readonly sizes: readonly SizedPieces[],
    lies: readonly Abreast[],
    private readonly width: number,
    private readonly lengths: readonly number[],
    private readonly longest: number,
  ) {
    const index = new Map(sizes.map((s, i) => [s, i]));
    this.filler = new Filler(lies, width, longest, (l) => index.get(l.size)!);
  }

  /**
   * Strips for all that is wanted, together shorter than `limit`; undefined when none are found. Of plans equally far on, the `beam`
   * that have wasted least go on; they are compared at so many `stops` at least. What is wasted is length beyond the worth at `prices`.
   * `plain`: one size to a column.
   */
  search(
    wanted: Int32Array,
    prices: Float64Array,
    effort: { beam: number; stops: number; plain?: boolean },
    limit: number,
  ): Pattern[] | undefined {
    const plain = effort.plain ?? false;
    const worthOf = (left: Int32Array) => left.reduce((sum, n, i) => sum + n * prices[i]!, 0);
    const total = worthOf(wanted);
    if (total === 0) return limit > 0 ? [] : undefined;
    // A strip of middling length goes on by a stop or more.
    const stops = Math.max(effort.stops, Math.ceil(total / this.lengths[this.lengths.length >> 1]!));
    const stages: State[][] = Array.from({ length: stops + 1 }, () => []);
    stages[stops]!.push({ left: wanted, length: 0, worth: total, strips: [] });
    let best: Filled[] | undefined;
    let shortest = limit;
    for (let stage = stops; stage >= 0; stage -= 1) {
      const seen = new Set<string>();
      const states = stages[stage]!.sort((a, b) => b.length + b.worth - a.length - a.worth);
      while (states.length > 0 && seen.size < effort.beam) {
        const state = states.pop()!;
        const key = state.left.join();
        if (seen.has(key)) continue;
        seen.add(key);
        this.filler.from(state.left, prices, plain);
        for (const length of this.lengths) {
          if (state.length + length >= shortest) break;
          const filled = this.filler.fill(length);
          if (filled.columns.length === 0) continue;
          const left = state.left.map((n, i) => n - filled.used[i]!);
          const next = { left, length: state.length + length, worth: worthOf(left), strips: [...state.strips, filled] };
          if (left.every((n) => n === 0)) {
            [best, shortest] = [next.strips, next.length];
            break;
          }
          // What is left takes about its worth in length, so what cannot win is dropped.
          if (next.length + next.worth >= shortest) continue;
          const at = Math.min(stage - 1, Math.floor((next.worth / total) * stops));
          if (at >= 0) stages[at]!.push(next);
        }
        const rest = stage === 0 ? this.greedily(state.left, prices, plain) : this.inOne(state.left, shortest - state.length);
        const end = rest?.reduce((sum, f) => sum + f.length, state.length) ?? Infinity;
        if (end < shortest) [best, shortest] = [[...state.strips, ...rest!], end];
      }
    }
    return best?.map((filled) => this.pattern(filled));
  }

  /** All that is left in the densest strips, one after the other. */
  private greedily(wanted: Int32Array, prices: Float64Array, plain: boolean): Filled[] {
    const strips: Filled[] = [];
    let left = wanted;
    while (left.some((n) => n > 0)) {
      this.filler.from(left, prices, plain);
      const last = this.inOne(left, Infinity);
      if (last) return [...strips, ...last];
      const offers = this.lengths.map((length) => this.filler.fill(length));
      const best = offers.reduce((a, b) => (b.worth / b.length > a.worth / a.length ? b : a));
      strips.push(best);
      left = left.map((n, i) => n - best.used[i]!);
    }
    return strips;
  }

  /** The shortest strip found that takes all that is left, shorter than `limit`; the filler is set to it. */
  private inOne(left: Int32Array, limit: number): [Filled] | undefined {
    const area = left.reduce((sum, n, i) => sum + n * this.sizes[i]!.w * this.sizes[i]!.h, 0);
    // Where all strips are of one length, as sheets are, a shorter one saves nothing.
    const first = this.lengths.length === 1 ? this.lengths[0]! : Math.ceil(area / this.width);
    for (let length = first; length < limit && length <= this.longest; length += 1) {
      const filled = this.filler.fill(length);
      if (filled.used.every((n, i) => n === left[i])) return [filled];
    }
    return undefined;
  }

  private pattern({ length, columns }: Filled): Pattern {
    return {
      length,
      repeat: 1,
      columns: columns.map(({ w, rows }) => ({
        w,
        rows: rows.flatMap(({ lie, k, times }) => {
          const piece = this.filler.lies[lie]!;
          return Array.from({ length: times }, () => ({ h: piece.h, pieces: new Array<Abreast>(k).fill(piece) }));
        }),
      })),
    };
  }
}
