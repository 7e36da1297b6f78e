/** Programmes and their revisions: every save adds one, none is ever overwritten. */
import type { ProgrammeFile } from '@aggrega/core/programme';
import type pg from 'pg';
import { documentsOf } from './documents';

export interface ProgrammeRow {
  /** Its own id, which never changes. */
  id: string;
  slug: string;
  title: string;
  revision: number;
  updated: Date;
  removed: Date | null;
}

export interface StoredProgramme extends ProgrammeRow {
  document: ProgrammeFile;
}

const ROW = `p.id, slug, title, p.revision, updated_at as updated, removed_at as removed`;

const LIST = `select ${ROW} from programme p order by title, slug`;

/** How many programmes the organisation has, those that were put aside among them. */
export const countProgrammes = async (db: pg.ClientBase): Promise<number> =>
  (await db.query<{ n: number }>('select count(*)::int as n from programme')).rows[0]!.n;

/** All programmes of the organisation, those that were put aside among them. */
export async function listProgrammes(db: pg.ClientBase): Promise<StoredProgramme[]> {
  return withDocuments(db, (await db.query<ProgrammeRow>(LIST)).rows);
}

async function withDocuments(db: pg.ClientBase, rows: ProgrammeRow[], like?: ProgrammeFile): Promise<StoredProgramme[]> {
  const documents = await documentsOf(db, rows, like);
  return rows.map((row, i) => ({ ...row, document: documents[i]! }));
}

const FIND = `select ${ROW} from programme p where slug = $1`;

/** One programme with its newest document, or undefined; for `like` see documentsOf. */
export async function findProgramme(
  db: pg.ClientBase,
  slug: string,
  like?: ProgrammeFile,
): Promise<StoredProgramme | undefined> {
  return (await withDocuments(db, (await db.query<ProgrammeRow>(FIND, [slug])).rows, like))[0];
}

const LOCK = `select id from programme where slug = $1 for update`;

/** As findProgramme, but nobody else saves it before this transaction ends. */
export async function lockProgramme(db: pg.ClientBase, slug: string): Promise<StoredProgramme | undefined> {
  await db.query(LOCK, [slug]);
  return findProgramme(db, slug);
}

const INSERT = `
  insert into programme (organisation_id, slug, title, revision) values (current_organisation(), $1, $2, 1)
  on conflict (organisation_id, slug) do nothing returning id`;
const INSERT_REVISION = `
  insert into programme_revision (organisation_id, programme_id, revision, document)
  select organisation_id, id, revision, $2 from programme where slug = $1`;

/** Adds a programme under `slug`; false when the slug is taken. */
export async function insertProgramme(
  db: pg.ClientBase,
  slug: string,
  title: string,
  document: ProgrammeFile,
): Promise<boolean> {
  const { rowCount } = await db.query(INSERT, [slug, title]);
  if (rowCount === 0) return false;
  await db.query(INSERT_REVISION, [slug, JSON.stringify(document)]);
  return true;
}

const ADVANCE = `update programme set revision = revision + 1, title = $2, updated_at = now() where slug = $1`;

/** Saves the document as the next revision of a programme that was locked. */
export async function addRevision(db: pg.ClientBase, slug: string, title: string, document: ProgrammeFile): Promise<void> {
  await db.query(ADVANCE, [slug, title]);
  await db.query(INSERT_REVISION, [slug, JSON.stringify(document)]);
}

const SET_REMOVED = `update programme set removed_at = case when $2 then now() end where slug = $1`;

/** Puts a programme aside, or back; false when there is none. */
export async function setRemoved(db: pg.ClientBase, slug: string, removed: boolean): Promise<boolean> {
  return (await db.query(SET_REMOVED, [slug, removed])).rowCount === 1;
}

const ID = `select id from programme where slug = $1`;

/** A programme's own id, which never changes; undefined where there is none. */
export async function programmeId(db: pg.ClientBase, slug: string): Promise<string | undefined> {
  return (await db.query<{ id: string }>(ID, [slug])).rows[0]?.id;
}

const REVISION = `
  select id, r.revision from programme_revision r join programme p on p.id = r.programme_id where slug = $1 and r.revision = $2`;

/** The document as it stood at a revision, or undefined. */
export async function findRevision(db: pg.ClientBase, slug: string, revision: number): Promise<ProgrammeFile | undefined> {
  const { rows } = await db.query<{ id: string; revision: number }>(REVISION, [slug, revision]);
  return (await documentsOf(db, rows))[0];
}

const NEWEST = `select revision from programme where slug = $1`;

/** The number of the newest revision; 0 where there is no such programme. */
export async function newestRevision(db: pg.ClientBase, slug: string): Promise<number> {
  return (await db.query<{ revision: number }>(NEWEST, [slug])).rows[0]?.revision ?? 0;
}
