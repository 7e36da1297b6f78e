/**
 * Fills one strip from what is left to cut, towards the greatest worth: columns are stacked by a knapsack, chosen side by side by
 * another, and taken one after the other as long as the pieces last; what room remains is filled again. Whole ticks, typed
 * arrays and few allocations: a plan asks for thousands of strips.
 */
import type { Abreast } from './pattern';
import { Rooms } from './rooms';

/** A row of a column: `k` pieces of one lie side by side, over each other `times` times. */
export interface FilledRow {
  lie: number;
  k: number;
  times: number;
}

export interface FilledColumn {
  w: number;
  rows: FilledRow[];
}

export interface Filled {
  length: number;
  columns: FilledColumn[];
  /** How many of each size it takes. */
  used: Int32Array;
  worth: number;
}

interface Candidate {
  w: number;
  rows: FilledRow[];
  worth: number;
  most: number;
}

export class Filler {
  /** Lies by width, narrow ones first. */
  readonly lies: readonly Abreast[];
  private readonly sizeOf: Int32Array;
  /** One table of stacks for each width of a lie, good for every length. */
  private readonly stacks: Map<number, Rooms>;
  private readonly later: Rooms;
  private readonly across: Rooms;
  private readonly times: Int16Array;
  private left: Int32Array = new Int32Array();
  private prices: ArrayLike<number> = [];
  private plain = false;

  /** `sizeIndex` numbers the sizes of the lies from 0; `longest` is the longest strip that will be asked for. */
  constructor(
    lies: readonly Abreast[],
    private readonly width: number,
    private readonly longest: number,
    sizeIndex: (lie: Abreast) => number,
  ) {
    this.lies = [...lies].sort((a, b) => a.w - b.w || a.h - b.h);
    this.sizeOf = Int32Array.from(this.lies, sizeIndex);
    this.stacks = new Map(this.lies.map((l) => [l.w, new Rooms(longest)]));
    this.later = new Rooms(longest);
    this.across = new Rooms(width);
    this.times = new Int16Array(lies.length);
  }

  /** What `fill` fills from: `left` of each size, at these prices a piece; `plain`: one size to a column. */
  from(left: Int32Array, prices: ArrayLike<number>, plain: boolean): void {
    this.left = left;
    this.prices = prices;
    this.plain = plain;
    if (!plain) for (const [w, rooms] of this.stacks) this.stack(rooms, w, this.longest, left);
  }

  /** The strip of that length. */
  fill(length: number): Filled {
    const rest = this.left.slice();
    const columns: FilledColumn[] = [];
    let room = this.width;
    let worth = 0;
    while (room > 0) {
      let placed = false;
      for (const candidate of this.choose(this.candidates(length, room, rest, columns.length === 0), room)) {
        if (candidate.w > room) continue;
        const rows = this.afford(candidate.rows, rest);
        // A column that would have to do without some of its pieces waits for the next round, unless it is the first.
        if (rows.length === 0 || (placed && rows !== candidate.rows)) continue;
        let w = 0;
        for (const { lie, k, times } of rows) {
          const size = this.sizeOf[lie]!;
          rest[size] = rest[size]! - k * times;
          worth += k * times * this.prices[size]!;
          w = Math.max(w, k * this.lies[lie]!.w);
        }
        columns.push({ w, rows });
        room -= w;
        placed = true;
      }
      if (!placed) break;
    }
    return { length, columns, used: this.left.map((n, i) => n - rest[i]!), worth };
  }

  /** The rows for which there are pieces; the same list when all are there. */
  private afford(rows: FilledRow[], rest: Int32Array): FilledRow[] {
    let short = false;
    for (const { lie, k, times } of rows) {
      const size = this.sizeOf[lie]!;
      rest[size] = rest[size]! - k * times;
      short ||= rest[size]! < 0;
    }
    for (const { lie, k, times } of rows) rest[this.sizeOf[lie]!]! += k * times;
    if (!short) return rows;
    const spent = new Map<number, number>();
    return rows.flatMap(({ lie, k, times }) => {
      const size = this.sizeOf[lie]!;
      const can = Math.min(times, Math.floor((rest[size]! - (spent.get(size) ?? 0)) / k));
      spent.set(size, (spent.get(size) ?? 0) + k * can);
      return can > 0 ? [{ lie, k, times: can }] : [];
    });
  }

  /** Columns worth having: for each width the best stack, and each size stacked alone. `fresh`: nothing has been taken yet. */
  private candidates(length: number, room: number, rest: Int32Array, fresh: boolean): Candidate[] {
    const found: Candidate[] = [];
    let before = 0;
    for (let i = 0; i < this.lies.length; i += 1) {
      const lie = this.lies[i]!;
      if (lie.w > room) break;
      if (lie.h > length || rest[this.sizeOf[i]!]! === 0) continue;
      const alone = Math.min(Math.floor(length / lie.h), rest[this.sizeOf[i]!]!);
      this.offer(found, lie.w, [{ lie: i, k: 1, times: alone }], rest);
      if (lie.w === before || this.plain) continue;
      before = lie.w;
      const rooms = fresh ? this.stacks.get(lie.w)! : this.stack(this.later, lie.w, length, rest);
      const rows = this.afford(this.rows(rooms, lie.w, length, rest), rest);
      if (rows.length > 1 || (rows[0]?.k ?? 1) > 1) this.offer(found, lie.w, rows, rest);
    }
    return found;
  }

  private offer(found: Candidate[], w: number, rows: FilledRow[], rest: Int32Array): void {
    let worth = 0;
    let most = this.width;
    for (const { lie, k, times } of rows) {
      const size = this.sizeOf[lie]!;
      worth += k * times * this.prices[size]!;
      most = Math.min(most, Math.floor(rest[size]! / (k * times)));
    }
    if (most > 0) found.push({ w, rows, worth, most });
  }

  /** The best stacks of rows in a column so wide, each size at most as often as it is left. */
  private stack(rooms: Rooms, w: number, length: number, rest: Int32Array): Rooms {
    rooms.clear(length);
    for (let i = 0; i < this.lies.length; i += 1) {
      const lie = this.lies[i]!;
      if (lie.w > w) break;
      const available = rest[this.sizeOf[i]!]!;
      if (lie.h > length || available === 0) continue;
      const k = Math.min(Math.floor(w / lie.w), available);
      rooms.offer(i, lie.h, k * this.prices[this.sizeOf[i]!]!, Math.floor(available / k), length);
    }
    return rooms;
  }

  private rows(rooms: Rooms, w: number, length: number, rest: Int32Array): FilledRow[] {
    const { times } = this;
    times.fill(0);
    for (let y = rooms.at[length]!; y > 0;) {
      const i = rooms.last[y]!;
      times[i]! += 1;
      y = rooms.at[y - this.lies[i]!.h]!;
    }
    const rows: FilledRow[] = [];
    for (let i = times.length - 1; i >= 0; i -= 1) {
      if (times[i]! === 0) continue;
      rows.push({ lie: i, k: Math.min(Math.floor(w / this.lies[i]!.w), rest[this.sizeOf[i]!]!), times: times[i]! });
    }
    return rows;
  }

  /** The most worthy columns side by side, as though they took nothing from each other; the densest first. */
  private choose(candidates: Candidate[], room: number): Candidate[] {
    const [only, second] = candidates;
    if (!only) return [];
    if (!second) return new Array<Candidate>(Math.min(Math.floor(room / only.w), only.most)).fill(only);
    const { across } = this;
    across.clear(room);
    candidates.forEach(({ w, worth, most }, c) => across.offer(c, w, worth, most, room));
    const taken: Candidate[] = [];
    for (let w = across.at[room]!; w > 0;) {
      const candidate = candidates[across.last[w]!]!;
      taken.push(candidate);
      w = across.at[w - candidate.w]!;
    }
    return taken.sort((a, b) => b.worth / b.w - a.worth / a.w);
  }
}
