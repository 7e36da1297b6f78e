/** Faults planted in the rows of a cutting list, each of a kind that authors make. */
import type { Construction } from '../src/construction';
import { ratio } from '../src/measure';
import { columnOf, oneOf, rowsOf, type Fault, type Random, type WrittenList, type WrittenRow } from './list-writer';

const same = (a: Pick<WrittenRow, 'w' | 'h'>, b: Pick<WrittenRow, 'w' | 'h'>) => a.w.equals(b.w) && a.h.equals(b.h);

/** Plants a fault in a row by chance; undefined where this kind cannot be planted there. */
export function planted(
  rows: WrittenRow[],
  kind: Fault,
  c: Construction,
  random: Random,
): { rows: WrittenRow[]; missing: WrittenList['missing'] } | undefined {
  const at = Math.floor(random() * rows.length);
  const row = rows[at]!;
  if (row.fault) return undefined;
  // Two faults in one unit leave nothing to see which is which.
  if (rows.some((r) => r.fault && r.for?.some((unit) => row.for?.includes(unit)))) return undefined;
  const put = (change: Partial<WrittenRow>) => {
    const changed = { ...row, ...change, fault: kind };
    // What would be another row of the same fabric is no fault that anybody could see.
    const is = (r: Pick<WrittenRow, 'role' | 'w' | 'h' | 'sub'>) =>
      r.role === changed.role && r.sub === changed.sub && same(r, changed);
    const taken = rows.some((r) => r !== row && (is(r) || (r.truth && is(r.truth))));
    return taken ? undefined : { rows: rows.with(at, changed), missing: [] };
  };
  const off = oneOf(random, [ratio(1, 8), ratio(1, 4)]);
  switch (kind) {
    case 'few':
      return row.qty > 1 ? put({ qty: row.qty - 1 }) : undefined;
    case 'many':
      return put({ qty: row.qty + 1 + Math.floor(random() * 3) });
    case 'small': {
      // What was cut large, and is a little less large, is still right.
      if (c.style.sizing === 'trim-down') return undefined;
      const [w, h] = same(row, { w: row.w, h: row.w }) ? [row.w.sub(off), row.h.sub(off)] : [row.w, row.h.sub(off)];
      // A little less than the ruler rounds it up to can still be enough; half a millimetre more is how others round.
      if (row.exact && h.valueOf() + 0.07 > row.exact[1]) return undefined;
      return put({ w, h });
    }
    case 'big': {
      const [w, h] = same(row, { w: row.w, h: row.w }) ? [row.w.add(off), row.h.add(off)] : [row.w.add(off), row.h];
      return put({ w, h });
    }
    case 'column': {
      const side = oneOf(random, [6, 8, 9, 10, 15, 16]);
      if (c.finished[0].rational.equals(side)) return undefined;
      const cuts = rowsOf(columnOf(c, side));
      const mine = rowsOf(c).findIndex((r) => r.role === row.role && r.sub === row.sub && same(r, row));
      const theirs = cuts[mine];
      if (
        !theirs ||
        cuts.length !== rowsOf(c).length ||
        theirs.role !== row.role ||
        theirs.sub !== row.sub ||
        same(theirs, row)
      )
        return undefined;
      return put({ w: theirs.w, h: theirs.h });
    }
    case 'across':
      return row.w.equals(row.h)
        ? put({ sub: row.sub === 'none' ? 'once' : row.sub === 'once' ? oneOf(random, ['none', 'twice']) : 'once' })
        : undefined;
    case 'role': {
      const other = oneOf(random, [...new Set(rows.map((r) => r.role))]);
      return other === row.role ? undefined : put({ role: other });
    }
    case 'unread':
      return put({});
    case 'unused':
      return { rows: [...rows, { role: 'Z', w: ratio(5, 2), h: ratio(5, 2), qty: 4, sub: 'none', fault: kind }], missing: [] };
    case 'missing':
      return rows.length > 1 ? { rows: rows.filter((r) => r !== row), missing: [row.truth!] } : undefined;
    case 'mixed':
      return undefined;
  }
}
