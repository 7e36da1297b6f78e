/**
 * The shortest plan for a few pieces, by trying every way to share them out: pieces into rows, rows into columns, columns into strips,
 * strips along the cloth. For one kit, whose pieces are few enough.
 */
import type { Column, Lie, Pattern, Row } from './pattern';

/** Ways to split demands into two that are tried at most; beyond that no exact answer is given. */
const MOST_SPLITS = 20_000;

/** A way to hold a demand in a rectangle; no other way is both as narrow and as short. */
interface Held<Content> {
  w: number;
  h: number;
  content: () => Content;
}

/**
 * The shortest strips that give exactly `demand` (how many of each size); undefined where that is too much to try. `ways`: how the
 * pieces of each size may lie; `longest`: how long a strip may be. All in whole ticks.
 */
export function exactPlan(
  ways: readonly (readonly Lie[])[],
  demand: readonly number[],
  width: number,
  longest: number,
): Pattern[] | undefined {
  if (demand.reduce((n, q) => n * ((q + 1) * (q + 2)) * 0.5, 1) > MOST_SPLITS) return undefined;
  // A demand is a number in mixed radix: the lowest size varies fastest.
  const step = demand.map((_, i) => demand.slice(0, i).reduce((n, q) => n * (q + 1), 1));
  const all = demand.reduce((n, q) => n * (q + 1), 1) - 1;
  const digit = (state: number, i: number) => Math.floor(state / step[i]!) % (demand[i]! + 1);

  const rows: Held<Row>[][] = [[]];
  const columns: Held<Row[]>[][] = [[]];
  const strips: Held<Column[]>[][] = [[]];
  const best: { length: number; content: () => Pattern[] }[] = [{ length: 0, content: () => [] }];
  for (let state = 1; state <= all; state += 1) {
    rows[state] = rowsOf(state);
    const splits = splitsOf(state);
    const columnWays: Held<Row[]>[] = rows[state]!.map(({ w, h, content }) => ({ w, h, content: () => [content()] }));
    for (const part of splits)
      for (const row of rows[part]!)
        for (const rest of columns[state - part]!)
          columnWays.push({
            w: Math.max(row.w, rest.w),
            h: row.h + rest.h,
            content: () => [row.content(), ...rest.content()],
          });
    columns[state] = leastOf(columnWays);
    const stripWays: Held<Column[]>[] = columns[state]!.map(({ w, h, content }) => ({
      w,
      h,
      content: () => [{ w, rows: content() }],
    }));
    for (const part of splits)
      for (const column of columns[part]!)
        for (const rest of strips[state - part]!)
          stripWays.push({
            w: column.w + rest.w,
            h: Math.max(column.h, rest.h),
            content: () => [{ w: column.w, rows: column.content() }, ...rest.content()],
          });
    strips[state] = leastOf(stripWays);
    best[state] = { length: Infinity, content: () => [] };
    for (const part of [state, ...splits]) {
      const strip = shortest(strips[part]!);
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
  function rowsOf(state: number): Held<Row>[] {
    const first = demand.findIndex((_, i) => digit(state, i) > 0);
    const before = state - step[first]!;
    const found: Held<Row>[] = [];
    for (const lie of ways[first]!) {
      if (before === 0) found.push({ w: lie.w, h: lie.h, content: () => ({ h: lie.h, pieces: [lie] }) });
      for (const row of rows[before]!) {
        const h = Math.max(row.h, lie.h);
        found.push({ w: row.w + lie.w, h, content: () => ({ h, pieces: [...row.content().pieces, lie] }) });
      }
    }
    return leastOf(found);
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

  /** Without those that another is as narrow and as short as; none too wide or too long. */
  function leastOf<Content>(held: Held<Content>[]): Held<Content>[] {
    const fits = held.filter((x) => x.w <= width && x.h <= longest).sort((a, b) => a.w - b.w || a.h - b.h);
    const kept: Held<Content>[] = [];
    for (const x of fits) if (kept.length === 0 || x.h < kept.at(-1)!.h) kept.push(x);
    return kept;
  }

  function shortest<Content>(held: readonly Held<Content>[]): Held<Content> | undefined {
    return held.at(-1);
  }
}
