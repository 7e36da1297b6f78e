/**
 * The shortest plan for a few pieces, by trying every way to share them out: pieces into rows, rows into columns, columns into strips,
 * strips along the cloth. For one kit, whose pieces are few enough.
 */
import type { Column, Abreast, Pattern, Row } from './pattern';

/** Ways to split demands into two that are tried at most; beyond that no exact answer is given. */
const MOST_SPLITS = 20_000;

/** A way to hold a demand in a rectangle. */
interface Held<Content> {
  w: number;
  h: number;
  content: () => Content;
}

/** Ways to hold one demand, narrowest first: none is both as narrow and as short as another, too wide, or too long. */
class Ways<Content> {
  readonly held: Held<Content>[] = [];

  constructor(
    private readonly width: number,
    private readonly longest: number,
  ) {}

  /** Whether a rectangle has a place here. Asked first, since most have none and need no content then. */
  lacks(w: number, h: number): boolean {
    return w <= this.width && h <= this.longest && !this.held.some((x) => x.w <= w && x.h <= h);
  }

  /** Takes in a way that has a place; those that it makes needless go. */
  take(w: number, h: number, content: () => Content): void {
    const { held } = this;
    const at = held.findIndex((x) => x.w >= w);
    if (at < 0) held.push({ w, h, content });
    else {
      let end = at;
      while (end < held.length && held[end]!.h >= h) end += 1;
      held.splice(at, end - at, { w, h, content });
    }
  }

  shortest(): Held<Content> | undefined {
    return this.held.at(-1);
  }
}

/**
 * The shortest strips that give exactly `demand` (how many of each size); undefined where that is too much to try. `ways`: how the
 * pieces of each size may lie; `longest`: how long a strip may be. All in whole ticks.
 */
export function exactPlan(
  ways: readonly (readonly Abreast[])[],
  demand: readonly number[],
  width: number,
  longest: number,
): Pattern[] | undefined {
  if (demand.reduce((n, q) => n * ((q + 1) * (q + 2)) * 0.5, 1) > MOST_SPLITS) return undefined;
  // A demand is a number in mixed radix: the lowest size varies fastest.
  const step = demand.map((_, i) => demand.slice(0, i).reduce((n, q) => n * (q + 1), 1));
  const all = demand.reduce((n, q) => n * (q + 1), 1) - 1;
  const digit = (state: number, i: number) => Math.floor(state / step[i]!) % (demand[i]! + 1);

  const none = <Content>() => new Ways<Content>(width, longest);
  const rows = [none<Row>()];
  const columns = [none<Row[]>()];
  const strips = [none<Column[]>()];
  const best: { length: number; content: () => Pattern[] }[] = [{ length: 0, content: () => [] }];
  for (let state = 1; state <= all; state += 1) {
    const splits = splitsOf(state);
    rows.push(rowsOf(state));
    columns.push(columnsOf(state, splits));
    strips.push(stripsOf(state, splits));
    best[state] = { length: Infinity, content: () => [] };
    for (const part of [state, ...splits]) {
      const strip = strips[part]!.shortest();
      const rest = best[state - part]!;
      if (!strip || strip.h + rest.length >= best[state]!.length) continue;
      best[state] = {
        length: strip.h + rest.length,
        content: () => [{ length: strip.h, repeat: 1, columns: strip.content() }, ...rest.content()],
      };
    }
  }
  return best[all]!.length < Infinity ? best[all]!.content() : undefined;

  /** One row of all pieces: whichever is last taken in, every choice of lies is met. */
  function rowsOf(state: number): Ways<Row> {
    const first = demand.findIndex((_, i) => digit(state, i) > 0);
    const before = state - step[first]!;
    const found = none<Row>();
    for (const lie of ways[first]!) {
      if (before === 0 && found.lacks(lie.w, lie.h)) found.take(lie.w, lie.h, () => ({ h: lie.h, pieces: [lie] }));
      for (const row of rows[before]!.held) {
        const w = row.w + lie.w;
        const h = Math.max(row.h, lie.h);
        if (found.lacks(w, h)) found.take(w, h, () => ({ h, pieces: [...row.content().pieces, lie] }));
      }
    }
    return found;
  }

  function columnsOf(state: number, splits: readonly number[]): Ways<Row[]> {
    const found = none<Row[]>();
    for (const { w, h, content } of rows[state]!.held) found.take(w, h, () => [content()]);
    for (const part of splits)
      for (const row of rows[part]!.held)
        for (const rest of columns[state - part]!.held) {
          const w = Math.max(row.w, rest.w);
          const h = row.h + rest.h;
          if (found.lacks(w, h)) found.take(w, h, () => [row.content(), ...rest.content()]);
        }
    return found;
  }

  function stripsOf(state: number, splits: readonly number[]): Ways<Column[]> {
    const found = none<Column[]>();
    for (const { w, h, content } of columns[state]!.held) found.take(w, h, () => [{ w, rows: content() }]);
    for (const part of splits)
      for (const column of columns[part]!.held)
        for (const rest of strips[state - part]!.held) {
          const w = column.w + rest.w;
          const h = Math.max(column.h, rest.h);
          if (found.lacks(w, h)) found.take(w, h, () => [{ w: column.w, rows: column.content() }, ...rest.content()]);
        }
    return found;
  }

  /** Parts of a demand that hold its first piece, and not all of it: what is left is shared out in the same way. */
  function splitsOf(state: number): number[] {
    const counts = demand.map((_, i) => digit(state, i));
    const first = counts.findIndex((n) => n > 0);
    let parts = [0];
    counts.forEach((n, i) => {
      if (n === 0) return;
      const from = i === first ? 1 : 0;
      parts = parts.flatMap((p) => Array.from({ length: n - from + 1 }, (_, k) => p + (from + k) * step[i]!));
    });
    return parts.filter((p) => p !== state);
  }
}
