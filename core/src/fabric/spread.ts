/** Which fabrics go together in the batches of a pool of units: spread evenly, and no pair oftener than need be (docs/craft.md, Scrappy fabrics). */
import { seeded, shuffled } from '../measure';

export interface SpreadTask {
  /** The fabrics that may lie on each side of a unit, by number; one side or several. */
  sides: readonly (readonly number[])[];
  batches: number;
  /** In how many batches a fabric may be, on all sides together; Infinity where nobody says. */
  limitOf: (fabric: number) => number;
  seed: number;
}

/** Batches of one kind: a fabric for each side. */
export interface Pairing {
  fabrics: number[];
  batches: number;
}

/**
 * Pairings for so many batches. Fabrics of a side are in as many batches as each other, to one, or in as many as they may be; where all together may
 * not be in enough, they go beyond as evenly. No fabric is paired with itself while there is another way, and pairings repeat only when every one
 * is taken (Havel and Hakimi: whoever has most left is served first). Throws RangeError for a side without fabrics.
 */
export function spread({ sides, batches, limitOf, seed }: SpreadTask): Pairing[] {
  if (sides.length === 0 || sides.some((side) => side.length === 0)) throw new RangeError('a side has no fabric');
  const random = seeded(seed);
  const used = new Map<number, number>();
  const [first, ...others] = sides.map((side) => shares(shuffled(side, random), batches, used, limitOf));
  let rows = first!.flatMap(([fabric, n]) => Array.from({ length: n }, () => [fabric]));
  for (const side of others) rows = paired(rows, new Map(side));
  const found = new Map<string, Pairing>();
  for (const fabrics of rows) {
    const key = fabrics.join();
    const known = found.get(key) ?? { fabrics, batches: 0 };
    known.batches += 1;
    found.set(key, known);
  }
  return [...found.values()];
}

/** How many batches each fabric of a side is in: always the one that is in fewest, of those that may be in more. */
function shares(
  side: readonly number[],
  batches: number,
  used: Map<number, number>,
  limitOf: SpreadTask['limitOf'],
): [fabric: number, batches: number][] {
  const count = new Map(side.map((f) => [f, 0]));
  for (let i = 0; i < batches; i += 1) {
    const open = side.filter((f) => (used.get(f) ?? 0) < limitOf(f));
    // Of those that are in as few, one that the other sides have least.
    const worth = (f: number) => [count.get(f)!, used.get(f) ?? 0];
    const next = (open.length > 0 ? open : side).reduce((best, f) => (less(worth(f), worth(best)) ? f : best));
    count.set(next, count.get(next)! + 1);
    used.set(next, (used.get(next) ?? 0) + 1);
  }
  return [...count].filter(([, n]) => n > 0);
}

/** Gives every row a fabric of the next side. Rows that are alike come one after the other, those with most first. */
function paired(rows: number[][], left: Map<number, number>): number[][] {
  const groups = new Map<string, number[][]>();
  for (const row of rows) groups.set(row.join(), [...(groups.get(row.join()) ?? []), row]);
  const done: number[][] = [];
  for (const group of [...groups.values()].sort((a, b) => b.length - a.length)) {
    const times = new Map<number, number>();
    for (const row of group) {
      // Never with itself, then what it was paired with least, then what is left most.
      const worth = ([f, n]: readonly [number, number]) => [row.includes(f) ? 1 : 0, times.get(f) ?? 0, -n] as const;
      const [next] = [...left].filter(([, n]) => n > 0).reduce((best, one) => (less(worth(one), worth(best)) ? one : best));
      left.set(next, left.get(next)! - 1);
      times.set(next, (times.get(next) ?? 0) + 1);
      done.push([...row, next]);
    }
  }
  return apart(done);
}

const less = (a: readonly number[], b: readonly number[]): boolean => {
  const i = a.findIndex((n, at) => n !== b[at]);
  return i >= 0 && a[i]! < b[i]!;
};

/** Exchanges the last fabrics of two rows where one row was left with a fabric that it has already. */
function apart(rows: number[][]): number[][] {
  const twice = (row: readonly number[], last: number) => row.slice(0, -1).includes(last);
  for (const row of rows) {
    if (!twice(row, row.at(-1)!)) continue;
    const other = rows.find((o) => !twice(o, row.at(-1)!) && !twice(row, o.at(-1)!) && !twice(o, o.at(-1)!));
    if (!other) continue;
    const [mine, theirs] = [row.at(-1)!, other.at(-1)!];
    row[row.length - 1] = theirs;
    other[other.length - 1] = mine;
  }
  return rows;
}
