/** The roster as CSV, out and in: columns are matched by their headings or by hand, and everything is looked at before it is taken in. */
import type { Programme } from '../programme';
import { readTable, writeTable } from '../table';
import { blankPerson, personFaults, type Person } from './person';
import type { RosterChange } from './roster-changes';
import { rosterColumnEntries, type ColumnOfRoster } from './roster-columns';
import { words } from './words';

export type RosterColumn = (typeof rosterColumnEntries)[number]['id'];
export const rosterColumns: readonly RosterColumn[] = rosterColumnEntries.map(({ id }) => id);

const rosterColumn = (id: RosterColumn): ColumnOfRoster => rosterColumnEntries.find((column) => column.id === id)!;

/** What a column is called in files and on screen. */
export const columnName = (column: RosterColumn): string => rosterColumn(column).headings[0]!;

/** Whether a field may come in several columns, which are put together. */
export const comesInParts = (column: RosterColumn): boolean => rosterColumn(column).parts !== undefined;

/** Everybody, by the names of their colourways, sizes and months. Cells that a spreadsheet would run are made harmless. */
export function rosterCsv(people: readonly Person[], programme: Programme): string {
  const rows = people.map((p) =>
    rosterColumns.map((column) => rosterColumn(column).write?.(p[column], programme) ?? p[column]),
  );
  return writeTable([rosterColumns.map(columnName), ...rows]);
}

export interface RosterRow {
  /** Of the file, from 1. */
  line: number;
  name: string;
  state: 'new' | 'changed' | 'as it is' | 'refused';
  /** What would change, what to look at, or why not. */
  says: string[];
}

export interface RosterImport {
  /** The file's headings in order, and the field that each is read as. */
  headings: string[];
  mapping: (RosterColumn | undefined)[];
  rows: RosterRow[];
  /** What is wrong with the file as a whole. */
  problems: string[];
  changes: RosterChange[];
}

const MOST_LINES = 5000;

export interface RosterFile {
  text: string;
  /** Column by column what it is, where a person has chosen; else headings are matched. */
  mapping?: readonly (RosterColumn | undefined)[];
  /** Ids for those who are new. */
  newId: () => string;
  /** The day on which those who are new joined, unless the file says. */
  today: string;
}

/**
 * What a CSV would do to the roster, without doing it. A person is known by her mail address, else by her name. A column that is not there
 * changes nothing, an empty cell neither.
 */
export function readRosterCsv(
  { text, mapping: chosen, newId, today }: RosterFile,
  people: readonly Person[],
  programme: Programme,
): RosterImport {
  const nothing: RosterImport = { headings: [], mapping: [], rows: [], problems: [], changes: [] };
  const lines = readTable(text);
  if ('wrong' in lines) return { ...nothing, problems: [lines.wrong] };
  const [head, ...body] = lines;
  if (!head) return { ...nothing, problems: [words.theFileIsEmpty] };
  const headings = head.cells;
  const mapping = chosen ? headings.map((_, i) => chosen[i]) : matched(headings);
  const found = { ...nothing, headings, mapping };
  if (!mapping.includes('name')) return { ...found, problems: [words.weNeedToKnowWhichColumn] };
  const twice = mapping.find((c, i) => c && !rosterColumn(c).parts && mapping.indexOf(c) < i);
  if (twice) return { ...found, problems: [words.twoColumnsAreMatchedToSet(columnName(twice))] };
  if (body.length > MOST_LINES) return { ...found, problems: [words.theFileHasLinesTheLimit(body.length, MOST_LINES)] };

  const order = inOrder(headings, mapping);
  const seen = new Map<string, number>();
  const byMail = new Map(people.filter((p) => p.email).map((p) => [p.email.toLowerCase(), p]));
  const byName = byNames(people);
  for (const { cells, line } of body) {
    const written: Partial<Record<RosterColumn, string>> = {};
    for (const { column, at } of order) {
      const cell = cells[at]?.trim();
      if (!cell) continue;
      const before = written[column];
      written[column] = before === undefined ? cell : `${before}${rosterColumn(column).parts?.between ?? ' '}${cell}`;
    }
    const row: RosterRow = { line, name: written.name ?? words.noName, state: 'as it is', says: [] };
    found.rows.push(row);
    const refuse = (why: string) => void ([row.state, row.says] = ['refused', [why]]);
    const read = readCells(written, programme);
    if (typeof read === 'string') {
      refuse(read);
      continue;
    }
    const namesakes = byName.get(nameKey(read.name ?? '')) ?? [];
    const known = read.email
      ? (byMail.get(read.email.toLowerCase()) ?? namesakes.find((p) => !p.email))
      : namesakes.length === 1
        ? namesakes[0]
        : undefined;
    if (!read.email && namesakes.length > 1) {
      refuse(words.peopleAreCalledAddAnEmail(namesakes.length, read.name));
      continue;
    }
    const key = known?.id ?? (read.email ? `mail ${read.email.toLowerCase()}` : `name ${nameKey(read.name ?? '')}`);
    if (seen.has(key)) {
      refuse(words.theSamePersonStandsInLine(seen.get(key)));
      continue;
    }
    seen.set(key, line);
    if (!known) {
      const [only] = programme.colourways.length === 1 ? programme.colourways : [];
      const person = { ...blankPerson, joined: today, ...(only && { colourway: only.id }), ...read };
      const faults = personFaults(person, programme);
      if (faults.length > 0) {
        refuse(faults.map((f) => f.message).join('; '));
        continue;
      }
      row.state = 'new';
      if (namesakes.length > 0) row.says = [words.anotherIsOnTheRosterWith(read.name)];
      found.changes.push({ id: newId(), to: person });
      continue;
    }
    const fields = (Object.keys(read) as RosterColumn[]).filter((field) => read[field] !== known[field]);
    if (fields.length === 0) continue;
    const pick = (of: Partial<Person>) => Object.fromEntries(fields.map((f) => [f, of[f]]));
    const faults = personFaults({ ...known, ...read }, programme).filter((f) => fields.includes(f.field as RosterColumn));
    if (faults.length > 0) {
      refuse(faults.map((f) => f.message).join('; '));
      continue;
    }
    row.state = 'changed';
    row.says = fields.map((f) => words.becomes(columnName(f), known[f] || words.none, read[f]));
    found.changes.push({ id: known.id, from: pick(known), to: pick(read) });
  }
  return found;
}

const nameKey = (name: string) => name.normalize('NFKC').toLowerCase().replace(/\s+/g, ' ').trim();

function byNames(people: readonly Person[]): Map<string, Person[]> {
  const found = new Map<string, Person[]>();
  for (const person of people) {
    const key = nameKey(person.name);
    found.set(key, [...(found.get(key) ?? []), person]);
  }
  return found;
}

/** Headings matched to fields; a field is taken by the first heading that means it, or, where none means the whole, by all that mean a part of it. */
function matched(headings: readonly string[]): (RosterColumn | undefined)[] {
  const said = headings.map((heading) => heading.trim().toLowerCase());
  const found: (RosterColumn | undefined)[] = said.map(() => undefined);
  for (const column of rosterColumns) {
    const { headings: own, parts } = rosterColumn(column);
    const whole = said.findIndex((heading, i) => !found[i] && own.includes(heading));
    if (whole >= 0) found[whole] = column;
    else
      for (const [i, heading] of said.entries()) if (!found[i] && parts?.headings.flat().includes(heading)) found[i] = column;
  }
  return found;
}

/** The columns that are read, those of one field in the order in which they are put together. */
function inOrder(
  headings: readonly string[],
  mapping: readonly (RosterColumn | undefined)[],
): { column: RosterColumn; at: number }[] {
  const part = (column: RosterColumn, at: number) =>
    rosterColumn(column).parts?.headings.findIndex((own) => own.includes(headings[at]!.trim().toLowerCase())) ?? 0;
  return mapping
    .flatMap((column, at) => (column ? [{ column, at }] : []))
    .sort((a, b) => part(a.column, a.at) - part(b.column, b.at) || a.at - b.at);
}

/** The cells of a line as fields, or why one of them cannot be read. */
function readCells(written: Partial<Record<RosterColumn, string>>, programme: Programme): Partial<Person> | string {
  const read: Partial<Record<RosterColumn, string>> = {};
  for (const [column, cell] of Object.entries(written) as [RosterColumn, string][]) {
    const known = rosterColumn(column);
    const value = known.read?.(cell, programme) ?? cell;
    if (typeof value !== 'string') return value.wrong;
    if (value.length > known.most) return words.isLongerThanIsKept(columnName(column));
    read[column] = value;
  }
  if (!read.name) return words.theNameIsMissing;
  return read as Partial<Person>;
}
