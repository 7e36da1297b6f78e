/**
 * How a strip is cut: across it into columns, a column down into rows, a row across into pieces. Every cut runs from edge to edge of
 * what is in hand. All measures in whole ticks.
 */
import type { Rational } from '../measure';
import type { SizedPieces } from './pieces';

/** Equal pieces side by side; `turned` when they lie along the bolt. `w` and `h` are as they lie. */
export interface Abreast {
  size: SizedPieces;
  turned: boolean;
  w: number;
  h: number;
}

export interface Row {
  /** Its longest piece. */
  h: number;
  /** From the left. */
  pieces: Abreast[];
}

export interface Column {
  w: number;
  /** From the top. */
  rows: Row[];
}

export interface Pattern {
  /** Along the bolt: the ruler setting of the strip. */
  length: number;
  repeat: number;
  /** From the selvage on. */
  columns: Column[];
}

/** How a piece may lie on cloth so wide. */
export function waysOf(size: SizedPieces, width: number): Abreast[] {
  return [
    ...(size.w <= width ? [{ size, turned: false, w: size.w, h: size.h }] : []),
    ...(size.turnable && size.h <= width ? [{ size, turned: true, w: size.h, h: size.w }] : []),
  ];
}

/** The pieces of one strip. */
export function piecesOf(columns: readonly Column[]): Abreast[] {
  return columns.flatMap((c) => c.rows.flatMap((r) => r.pieces));
}

/** How many of each size one strip gives. */
export function givenBy(columns: readonly Column[]): Map<SizedPieces, number> {
  const given = new Map<SizedPieces, number>();
  for (const { size } of piecesOf(columns)) given.set(size, (given.get(size) ?? 0) + 1);
  return given;
}

/** The length that all strips take. */
export function lengthOf(patterns: readonly Pattern[]): number {
  return patterns.reduce((sum, p) => sum + p.repeat * p.length, 0);
}

/** Equal strips counted together, longest first; columns and rows in the order in which they are cut. */
export function together(patterns: readonly Pattern[]): Pattern[] {
  const found = new Map<string, Pattern>();
  for (const { repeat, columns } of patterns) {
    // No longer than its tallest column.
    const length = Math.max(...columns.map((c) => c.rows.reduce((sum, r) => sum + r.h, 0)));
    const sorted = columns.map((c) => ({ w: c.w, rows: [...c.rows].sort((a, b) => b.h - a.h || widthOf(b) - widthOf(a)) }));
    sorted.sort((a, b) => b.w - a.w || b.rows[0]!.h - a.rows[0]!.h || (nameOf(a) < nameOf(b) ? -1 : 1));
    const key = `${length} ${sorted.map(nameOf).join(';')}`;
    const same = found.get(key);
    if (same) same.repeat += repeat;
    else found.set(key, { length, repeat, columns: sorted });
  }
  return [...found.values()].sort((a, b) => b.length - a.length || b.repeat - a.repeat);
}

const widthOf = (row: Row) => row.pieces.reduce((sum, p) => sum + p.w, 0);
const nameOf = (c: Column) =>
  `${c.w}:${c.rows.map((r) => r.pieces.map((p) => `${p.w}x${p.h}${p.size.turnable ? '' : '!'}`).join('+')).join('/')}`;

/** Every ruler setting of one strip: its length, the widths of its columns, what they are cut down to, and across again. */
export function settingsOf({ length, columns }: Pattern): Set<string> {
  const settings = new Set([`length ${length}`]);
  for (const column of columns) {
    settings.add(`across ${column.w}`);
    if (column.rows.length > 1 || column.rows[0]!.h !== length) for (const row of column.rows) settings.add(`down ${row.h}`);
    for (const row of column.rows) if (row.pieces.length > 1) for (const piece of row.pieces) settings.add(`again ${piece.w}`);
  }
  return settings;
}

/** How often the ruler is set anew while a list of strips is cut, one pattern after the other. */
export const settingsCount = (patterns: readonly Pattern[]) => patterns.reduce((sum, p) => sum + settingsOf(p).size, 0);

/** A piece's width and length as it lies, as the ruler shows them. */
export const realOf = ({ size, turned }: Abreast): { w: Rational; h: Rational } =>
  turned ? { w: size.real.h, h: size.real.w } : size.real;
