/** Rows of an organisation as lines of JSON, out and in, table by table. */
import { unreadable } from '@aggrega/core/programme';
import type pg from 'pg';
import { unpacked } from './revision-packs';

/** Every table that an organisation owns, each after those that it refers to. Who signs in is not among them (see `readMembers`): accounts are people's own. */
export const tables = [
  'programme',
  'programme_revision',
  'cut_list',
  'cut_step',
  'swatch_photo',
  'sheet_version',
  'participant',
  'kit',
  'release',
  'sheet_held',
  'mail',
  'progress',
  'picture',
  'question',
  'measurement',
  'layout_check',
  'sewing',
  'sample',
  'record',
  'deleted_row',
] as const;
export type Table = (typeof tables)[number];

/** Rows keep everything but whose they are; a person's link belongs to the installation that made it. */
const ROW: Partial<Record<Table, string>> = {
  // As json, not jsonb: a document is given back letter by letter, and may hold what jsonb cannot.
  programme_revision: `case when document is not null
    then json_build_object('programme_id', programme_id, 'revision', revision, 'saved_at', saved_at, 'document', document)
    else json_build_object('programme_id', programme_id, 'revision', revision, 'saved_at', saved_at) end`,
  participant: `to_jsonb(t) - 'organisation_id' - 'link_hash'`,
};

/** The rows of the organisation that the transaction acts for, as JSON texts, some at a time. */
export async function* readRows(db: pg.ClientBase, table: Table, most: number): AsyncGenerator<string[]> {
  const order =
    table === 'record' || table === 'deleted_row'
      ? 'order by id'
      : table === 'programme_revision'
        ? 'order by programme_id, revision'
        : '';
  await db.query(
    `declare rows_out no scroll cursor for select (${ROW[table] ?? `to_jsonb(t) - 'organisation_id'`})::text as line from ${table} t ${order}`,
  );
  try {
    for (;;) {
      const { rows } = await db.query<{ line: string }>(`fetch ${most} from rows_out`);
      if (rows.length === 0) return;
      const lines = rows.map((r) => r.line);
      yield table === 'programme_revision' ? await wholeRevisions(db, lines) : lines;
    }
  } finally {
    await db.query('close rows_out');
  }
}

/** Lines of revisions, those whose documents lie in a pack with them: letter by letter. */
async function wholeRevisions(db: pg.ClientBase, lines: readonly string[]): Promise<string[]> {
  type Bare = { programme_id: string; revision: number; document?: unknown };
  const rows = lines.map((line) => (line.includes('"document"') ? undefined : (JSON.parse(line) as Bare)));
  const bare = rows.flatMap((row) => (row ? [{ id: row.programme_id, revision: row.revision }] : []));
  const old = await unpacked(db, bare);
  return lines.map((line, i) => {
    const row = rows[i];
    return row ? `${line.slice(0, -1)}, "document" : ${old.get(`${row.programme_id} ${row.revision}`)!}}` : line;
  });
}

const MEMBERS = `
  select json_build_object('email', email, 'name', name, 'role', role, 'since', since)::text as line
  from membership m join account a on a.id = m.account_id
  union all select json_build_object('email', email, 'role', role)::text from invitation`;

/** Who has a part in the organisation that the transaction acts for, and who is invited, as JSON texts. */
export const readMembers = async (db: pg.ClientBase): Promise<string[]> =>
  (await db.query<{ line: string }>(MEMBERS)).rows.map((r) => r.line);

const columns = new Map<Table, string[]>();

/** Columns that are put in: all but the organisation's, those that count by themselves, and names in a store of files, which is another one here. */
async function columnsOf(db: pg.ClientBase, table: Table): Promise<string[]> {
  const known = columns.get(table);
  if (known) return known;
  const { rows } = await db.query<{ name: string }>(
    `select column_name as name from information_schema.columns
     where table_schema = 'public' and table_name = $1 and column_name not in ('organisation_id', 'object') and is_identity = 'NO' order by ordinal_position`,
    [table],
  );
  columns.set(
    table,
    rows.map((r) => r.name),
  );
  return columns.get(table)!;
}

/** What lines say, each a row as JSON. Throws SyntaxError. */
export function rowsIn<Row>(lines: readonly string[]): Row[] {
  return lines.map((line) => {
    const refused = unreadable(line);
    if (refused) throw new SyntaxError(refused);
    const row: unknown = JSON.parse(line);
    if (typeof row !== 'object' || row === null) throw new SyntaxError('a line is no row');
    return row as Row;
  });
}

/**
 * Puts rows in for the organisation that the transaction acts for. `ids` keeps which entry of the record became which, since both tables count by
 * themselves. Throws SyntaxError where a line is no row.
 */
export async function insertRows(
  db: pg.ClientBase,
  table: Table,
  rows: readonly string[],
  ids: Map<number, number>,
): Promise<void> {
  if (table === 'programme_revision') return insertRevisions(db, rows);
  // A column that an older archive does not have yet gets what the table gives by itself.
  const [first] = rowsIn<Record<string, unknown>>(rows.slice(0, 1));
  const names = (await columnsOf(db, table)).filter((name) => first && name in first);
  const list = names.map((n) => `"${n}"`).join(', ');
  let all = `[${rows.join(',')}]`;
  if (table === 'deleted_row')
    all = JSON.stringify(
      rowsIn<{ record_id: number; row_data: object }>(rows).map((r) => ({
        ...r,
        record_id: ids.get(r.record_id) ?? 0,
      })),
    );
  const { rows: put } = await db.query<{ id: string }>(
    `insert into ${table} (organisation_id, ${list})
     select current_organisation(), ${list} from json_populate_recordset(null::public.${table}, $1::json)
     ${table === 'record' ? 'returning id' : ''}`,
    [all],
  );
  if (table === 'record') rowsIn<{ id: number }>(rows).forEach(({ id }, i) => ids.set(id, Number(put[i]!.id)));
}

const REVISIONS = `
  insert into programme_revision (organisation_id, programme_id, revision, saved_at, document)
  select current_organisation(), * from unnest($1::uuid[], $2::int[], $3::timestamptz[], $4::json[])`;

/** Documents go in as texts of their own: taken apart by PostgreSQL, some letters would be refused. */
async function insertRevisions(db: pg.ClientBase, lines: readonly string[]): Promise<void> {
  const rows = rowsIn<{ programme_id: string; revision: number; saved_at: string; document: unknown }>(lines);
  await db.query(REVISIONS, [
    rows.map((r) => r.programme_id),
    rows.map((r) => r.revision),
    rows.map((r) => r.saved_at),
    rows.map((r) => JSON.stringify(r.document)),
  ]);
}
