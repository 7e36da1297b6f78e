/** The record, as the database writes it, and deleted rows that can be brought back. */
import type pg from 'pg';

export interface RecordRow {
  id: number;
  at: Date;
  /** Who; null for what runs by the clock and for participants. */
  by: string | null;
  subject: string;
  key: Record<string, unknown>;
  deed: 'insert' | 'update' | 'delete';
  changed: string[];
  /** A person's name, as far as it is still kept. */
  person: string | null;
  /** Whose part in the house it tells of, by her name of then. */
  about: string | null;
  /** Whether the row can be brought back. */
  kept: boolean;
  /** For how many it stands: people who came in one go. */
  together: number;
}

// People who came or changed in one transaction are one entry, that of the last of them. Their rows stand close together: near a row there is the next one
// of its like, and no list is longer than MANY.
const LIKE = `o.programme_id = r.programme_id and o.subject = r.subject and o.deed = r.deed and o.at = r.at`;
const AT_ONCE = `r.subject = 'participant' and r.deed in ('insert', 'update')`;
const MANY = 20_000;
const LIST = `
  select r.id::int as id, r.at, r.by_name as by, r.subject, r.row_key as key, r.deed, r.changed,
    coalesce(t.name, d.row_data ->> 'name') as person, r.about_name as about, d.id is not null as kept,
    case when ${AT_ONCE} then (select count(*)::int from record o where ${LIKE} and o.id <= r.id and o.id > r.id - ${MANY}) else 1 end as together
  from record r
  left join deleted_row d on d.organisation_id = r.organisation_id and d.record_id = r.id
  left join participant t on r.subject = 'participant' and t.programme_id = r.programme_id and t.id::text = r.row_key ->> 'id'
  where r.programme_id is not distinct from $1 and ($2::bigint is null or r.id < $2)
    and not (${AT_ONCE} and exists (select from record o where ${LIKE} and o.id > r.id and o.id <= r.id + 20))
  order by r.id desc limit $3`;

/** Entries about a programme, or, for null, about the house; newest first, before the one of that id. */
export const listRecord = async (
  db: pg.ClientBase,
  programme: string | null,
  { before, most }: { before: number | null; most: number },
): Promise<RecordRow[]> => (await db.query<RecordRow>(LIST, [programme, before, most])).rows;

const REVISION_TIME = `
  select at, by_name as by from record
  where programme_id = $1 and subject = 'programme_revision' and row_key ->> 'revision' = $2::text order by id desc limit 1`;

/** When a save was made, and by whom. */
export const revisionTime = async (
  db: pg.ClientBase,
  programme: string,
  revision: number,
): Promise<{ at: Date; by: string | null } | undefined> =>
  (await db.query<{ at: Date; by: string | null }>(REVISION_TIME, [programme, revision])).rows[0];

export interface DeletedRow {
  id: number;
  subject: string;
}

const DELETED = `
  select d.id::int as id, d.subject from deleted_row d join record r on r.organisation_id = d.organisation_id and r.id = d.record_id
  where r.id = $1 and r.programme_id = $2 for update of d`;

/** The deleted row of an entry of a programme's record. */
export const findDeleted = async (db: pg.ClientBase, entry: number, programme: string): Promise<DeletedRow | undefined> =>
  (await db.query<DeletedRow>(DELETED, [entry, programme])).rows[0];

/** Tables whose rows can be brought back; their names stand in the statement. */
const TABLES = new Set(['participant', 'sample', 'question']);

/** Puts a deleted row back where it stood; false where something stands there. */
export async function putBack(db: pg.ClientBase, { id, subject }: DeletedRow): Promise<boolean> {
  if (!TABLES.has(subject)) return false;
  const sql = `
    insert into ${subject} select (jsonb_populate_record(null::${subject}, row_data)).* from deleted_row where id = $1
    on conflict do nothing`;
  if ((await db.query(sql, [id])).rowCount !== 1) return false;
  await db.query(`delete from deleted_row where id = $1`, [id]);
  return true;
}

/** What was deleted of a person goes for good, and what is deleted from here on in this transaction leaves no trace. */
export async function leaveNoTrace(db: pg.ClientBase, programme: string, person: string): Promise<void> {
  await db.query(
    `delete from deleted_row where row_data ->> 'programme_id' = $1 and (row_data ->> 'id' = $2 or row_data ->> 'participant_id' = $2)`,
    [programme, person],
  );
  await db.query(`select set_config('app.no_record', 'on', true)`);
}

/** From here on the record is kept again. */
export const keepRecord = async (db: pg.ClientBase): Promise<void> =>
  void (await db.query(`select set_config('app.no_record', '', true)`));

/** Notes a deed that no row tells of. */
export const noteDeed = async (db: pg.ClientBase, programme: string, subject: string): Promise<void> =>
  void (await db.query(
    `insert into record (organisation_id, account_id, by_name, programme_id, subject, row_key, deed)
     values (current_organisation(), acting_account(), acting_name(), $1, $2, '{}', 'delete')`,
    [programme, subject],
  ));

/** Days that deleted rows are kept. */
export const KEPT_DAYS = 30;

/** Lets go what was deleted more than thirty days ago. */
export const sweepDeleted = async (db: pg.ClientBase, at: Date): Promise<void> =>
  void (await db.query(`delete from deleted_row where at < $1::timestamptz - make_interval(days => $2)`, [at, KEPT_DAYS]));
