/** table: lines of a CSV as people's programs write them, in and out (RFC 4180). */
import { parse, CsvError } from 'csv-parse/browser/esm/sync';
import { stringify } from 'csv-stringify/browser/esm/sync';
import { words } from './words';

export interface TableLine {
  /** Of the file, from 1. */
  line: number;
  cells: string[];
}

/**
 * The lines of a CSV with their cells as they were meant; or, as a sentence without its full stop, why it is none. Commas, semicolons and tabs
 * part columns, whichever the first line has most of.
 */
export function readTable(text: string): TableLine[] | { wrong: string } {
  try {
    const records = parse(text.replace(/^\uFEFF/, ''), {
      delimiter: delimiterOf(text),
      info: true,
      relax_column_count: true,
      skip_empty_lines: true,
      trim: true,
      max_record_size: 100_000,
    }) as unknown as { info: { lines: number }; record: string[] }[];
    return records.map(({ info, record }) => ({ line: info.lines, cells: record.map(plain) }));
  } catch (error) {
    if (error instanceof CsvError) return { wrong: words.thisIsntACsvFile(error.message) };
    throw error;
  }
}

/** The lines of a CSV by the names in its first; cells that it lacks are ''. Throws an Error for what is no CSV. */
export function readRecords(text: string): Record<string, string>[] {
  const lines = readTable(text);
  if ('wrong' in lines) throw new Error(lines.wrong);
  const [head, ...rest] = lines;
  return rest.map(({ cells }) => Object.fromEntries(head!.cells.map((name, i) => [name, cells[i] ?? ''])));
}

/** What a spreadsheet takes for a formula when a cell begins with it, in wide letters too. */
const FORMULA = '=+\\-@\\t\\r\uFF1D\uFF0B\uFF0D\uFF20';
const MARKED = new RegExp(`^'(?='*[${FORMULA}])`);

/** Lines as a CSV that spreadsheets open: cells that they would run as formulas are made harmless by a mark before them. */
export const writeTable = (lines: readonly (readonly unknown[])[]): string =>
  stringify(
    // Who writes such a mark of her own gets a second one, so that reading takes off what writing put on.
    lines.map((cells) => cells.map((cell) => (MARKED.test(String(cell)) ? `'${cell}` : cell))),
    { record_delimiter: 'windows', escape_formulas: true },
  );

/** What parts the columns of the first line: spreadsheets of some countries write semicolons. */
function delimiterOf(text: string): string {
  const [first = ''] = text.split('\n');
  const times = (mark: string) => first.split(mark).length;
  return [';', '\t'].reduce((best, mark) => (times(mark) > times(best) ? mark : best), ',');
}

/** A cell as it was meant: without the mark that keeps spreadsheets from taking it for a formula. */
const plain = (cell: string) => cell.trim().replace(MARKED, '');
