/** The shelf as CSV, out and in: a line for each fabric, with the lengths that lie there. */
import type { Problem } from '../../block';
import { formatLength } from '../../measure';
import { readTable, writeTable } from '../../table';
import { applyChanges, type Change } from '../changes/changes';
import type { FabricFile, Programme, ProgrammeFile, ShelfFile } from '../document/document';
import { readProgramme } from '../reading/read';
import { words } from './words';

/** Headings, and the field of a fabric that each stands for. */
const COLUMNS = {
  name: 'name',
  number: 'sku',
  supplier: 'supplier',
  colour: 'colour',
  form: 'form',
  'usable width': 'usableWidth',
  'usable length': 'usableLength',
  'price per yd': 'pricePerYard',
  'bolt length': 'boltLength',
  'lead days': 'leadDays',
  'one-way': 'directional',
  value: 'value',
  loudness: 'volume',
} as const satisfies Record<string, keyof FabricFile>;
const LENGTHS = 'lengths';
const NUMBERS = new Set<keyof FabricFile>(['pricePerYard', 'leadDays', 'value', 'volume']);

/** Every fabric with what is known of it and what lies there, '243 lot 7; 97 1/2 lot 8'. */
export function shelfCsv({ fabrics, shelf, unit }: Programme, file: ProgrammeFile): string {
  const rows = fabrics.map((fabric) => {
    const entry = file.fabrics!.find((f) => f.id === fabric.id)!;
    const own = shelf.filter((s) => s.fabric === fabric);
    const lengths = own.map((s) => written(s.pieces > 0 ? s.pieces : formatLength(s.length, unit), s.dyeLot)).join('; ');
    const cell = (key: keyof FabricFile) => (key === 'directional' ? (entry.directional ? 'yes' : '') : (entry[key] ?? ''));
    return [...Object.values(COLUMNS).map((key) => (key === 'name' ? fabric.name : String(cell(key)))), lengths];
  });
  return writeTable([[...Object.keys(COLUMNS), LENGTHS], ...rows]);
}

export interface ShelfRow {
  /** Of the file, from 1. */
  line: number;
  name: string;
  state: 'new' | 'changed' | 'as it is' | 'refused';
  /** What would change, or why not. */
  says: string[];
}

export interface ShelfImport {
  rows: ShelfRow[];
  /** What is wrong with the file as a whole. */
  problems: Problem[];
  /** Headings that nothing is known of. */
  ignored: string[];
  /** Everything that the sound rows change, as one deed. */
  changes: Change[];
}

/**
 * What a CSV would do to the fabrics and the shelf, without doing it. A fabric is known by its number, else by its name. A column that is
 * not there changes nothing, an empty cell neither; lengths replace those that lie there.
 */
export function readShelfCsv(text: string, file: ProgrammeFile): ShelfImport {
  const nothing: ShelfImport = { rows: [], problems: [], ignored: [], changes: [] };
  const lines = readTable(text);
  if ('wrong' in lines) return { ...nothing, problems: [{ path: '', message: lines.wrong }] };
  const [head, ...body] = lines;
  const headings = head?.cells.map((h) => h.toLowerCase()) ?? [];
  if (!headings.includes('name'))
    return {
      ...nothing,
      problems: [
        {
          path: '',
          message: words.theFirstLineHasToName(headings.join(', ').slice(0, 80)),
        },
      ],
    };
  if (body.length > 500)
    return { ...nothing, problems: [{ path: '', message: words.linesAreMoreThan500Fabrics(body.length) }] };
  const ignored = headings.filter((h) => h && h !== LENGTHS && !(h in COLUMNS));

  const fabrics = [...(file.fabrics ?? [])];
  let shelf: ShelfFile[] = (file.shelf ?? []).map((s, i) => ({ ...s, id: s.id ?? `shelf-${i + 1}` }));
  const rows: ShelfRow[] = [];
  const changes: Change[] = [];
  const seen = new Set<string>();
  let relaid = false;
  for (const { cells, line } of body) {
    const cell = (heading: string) => cells[headings.indexOf(heading)] ?? '';
    const name = cell('name');
    const row: ShelfRow = { line, name: name || words.noName, state: 'as it is', says: [] };
    rows.push(row);
    const refuse = (reason: string) => {
      [row.state, row.says] = ['refused', [reason]];
    };
    if (!name) {
      refuse(words.aFabricNeedsAName);
      continue;
    }
    const number = cell('number');
    const known = fabrics.find((f) => (number ? f.sku === number : (f.name ?? f.id) === name));
    const id = known?.id ?? freshId(name, fabrics);
    if (seen.has(id)) {
      refuse(words.thisFabricStandsInTheFile);
      continue;
    }
    const entry: FabricFile = { ...(known ?? { id }) };
    const said: string[] = [];
    for (const [heading, key] of Object.entries(COLUMNS)) {
      const written = cell(heading);
      if (written === '') continue;
      const to = valueOf(key, written);
      if (String(entry[key] ?? (key === 'name' ? entry.id : '')) === String(to) || (to === false && !entry[key])) continue;
      if (known) said.push(words.becomes(heading, String(entry[key] ?? 'none'), String(to)));
      Object.assign(entry, { [key]: to });
    }
    const lengths = headings.includes(LENGTHS) && cell(LENGTHS) !== '' ? readLengths(cell(LENGTHS), id) : undefined;
    const lies = shelf.filter((s) => s.fabric === id);
    const laid = lengths && listOf(lengths) !== listOf(lies);
    if (laid) said.push(words.onTheShelfBecomes(listOf(lies) || words.nothing, listOf(lengths)));
    const own: Change[] =
      known && JSON.stringify(known) === JSON.stringify(entry) ? [] : [{ path: `/fabrics/${id}`, from: known, to: entry }];
    const nextShelf = laid ? [...shelf.filter((s) => s.fabric !== id), ...lengths] : shelf;
    const wrong = faultOf(file, [...changes, ...own], laid ? nextShelf : undefined);
    if (wrong) {
      refuse(wrong);
      continue;
    }
    seen.add(id);
    changes.push(...own);
    shelf = nextShelf;
    relaid ||= laid === true;
    if (!known) fabrics.push(entry);
    row.state = known ? (said.length > 0 ? 'changed' : 'as it is') : 'new';
    row.says = said;
  }
  if (relaid) changes.push({ path: '/shelf', from: file.shelf, to: shelf });
  return { rows, problems: [], ignored, changes };
}

function valueOf(key: keyof FabricFile, written: string): unknown {
  if (key === 'directional') return /^(yes|true|1|x)$/i.test(written);
  if (NUMBERS.has(key)) {
    const number = Number(written.replace(/^[^\d.-]+/, '').replace(',', '.'));
    return Number.isFinite(number) ? number : written;
  }
  return written;
}

/** What lies there as the file has it, the same in every language: '243 lot 7', '12 pieces'. */
const written = (amount: string | number, dyeLot: string | undefined): string =>
  `${typeof amount === 'number' ? `${amount} pieces` : amount}${dyeLot ? ` lot ${dyeLot}` : ''}`;

/** '243 lot 7; 97 1/2', or '12 pieces' of a cut form. */
function readLengths(cell: string, fabric: string): ShelfFile[] {
  return cell.split(';').flatMap((part, i) => {
    const [length = '', dyeLot] = part.split(/\blot\b/).map((s) => s.trim());
    const pieces = /^(\d{1,6}) pieces?$/.exec(length)?.[1];
    const long = pieces ? { pieces: Number(pieces) } : { length };
    return length === '' ? [] : [{ id: `${fabric}-${i + 1}`, fabric, ...long, ...(dyeLot && { dyeLot }) }];
  });
}

const listOf = (lengths: readonly ShelfFile[]) => lengths.map((s) => written(s.length ?? s.pieces ?? 0, s.dyeLot)).join('; ');

function freshId(name: string, fabrics: readonly FabricFile[]): string {
  const base =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 60) || 'fabric';
  for (let n = 1; ; n += 1) {
    const id = n === 1 ? base : `${base}-${n}`;
    if (!fabrics.some((f) => f.id === id)) return id;
  }
}

/** Why the fabrics and the shelf could not be like that; '' when they can. Drawings and months are left out of the check. */
function faultOf(file: ProgrammeFile, changes: readonly Change[], shelf: ShelfFile[] | undefined): string {
  const { format, version, unit, house, fabrics, shelf: lies } = file;
  const bare = { format, version, unit, house, blocks: [], ...(fabrics && { fabrics }), ...(lies && { shelf: lies }) };
  const laid = shelf ? [{ path: '/shelf', from: lies, to: shelf }] : [];
  const result = applyChanges(bare, [...changes, ...laid]);
  if (!('file' in result)) return words.itMeetsAnotherLineOfThe;
  const reading = readProgramme(result.file);
  if (reading.ok) return '';
  const [first] = reading.errors;
  return `${first!.path.split('/').slice(3).join(' ')} ${first!.message}`.trim();
}
