/** A strip as the cutting room reads it: one ruler setting, then sub-cuts from the left, each with what it gives. */
import type { Rational } from '../measure';
import type { Strip, StripColumn } from './strips';

/** What a sub-cut is cut down to, from the top. */
export interface CutDown {
  length: Rational;
  /** Pieces beside each other, each with its width when it is narrower than what was cut off. */
  pieces: { label: string; count: number; width?: Rational }[];
  times: number;
}

export interface SubCut {
  /** Ruler setting of the sub-cut, across the strip. */
  width: Rational;
  times: number;
  rows: CutDown[];
  /** Whether a cut along the strip's length remains to be made. */
  cutDown: boolean;
}

/** The sub-cuts of a strip in order, equal neighbours counted together. */
export function subCuts(strip: Strip): SubCut[] {
  const found: (SubCut & { key: string })[] = [];
  for (const column of strip.columns) {
    const rows = cutDowns(column);
    const key = `${column.w} ${rows.map((r) => `${nameOf(r)} ${r.times}`).join(',')}`;
    const before = found.at(-1);
    if (before?.key === key) before.times += 1;
    else
      found.push({
        key,
        width: column.w,
        times: 1,
        rows,
        cutDown: column.rows.length > 1 || !column.rows[0]!.h.equals(strip.length),
      });
  }
  return found.map(({ width, times, rows, cutDown }) => ({ width, times, rows, cutDown }));
}

const nameOf = (row: CutDown) => `${row.length} ${row.pieces.map((p) => `${p.label} ${p.count} ${p.width ?? ''}`).join('+')}`;

function cutDowns(column: StripColumn): CutDown[] {
  const found: CutDown[] = [];
  for (const { h, rects } of column.rows) {
    const pieces: CutDown['pieces'] = [];
    for (const rect of rects) {
      const width = rect.w.equals(column.w) ? undefined : rect.w;
      const last = pieces.at(-1);
      if (last && last.label === rect.label && (width === undefined) === (last.width === undefined)) last.count += 1;
      else pieces.push({ label: rect.label, count: 1, ...(width && { width }) });
    }
    const row: CutDown = { length: h, pieces, times: 1 };
    const before = found.at(-1);
    if (before && nameOf(before) === nameOf(row)) before.times += 1;
    else found.push(row);
  }
  return found;
}
