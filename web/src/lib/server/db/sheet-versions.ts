/** Published sheets: which revision of the document each version of a month's sheet is. */
import type { ProgrammeFile } from '@aggrega/core/programme';
import type pg from 'pg';
import { documentsOf } from './documents';

export interface SheetVersion {
  version: number;
  revision: number;
  published: Date;
}

const LIST = `
  select version, s.revision, published_at as published from sheet_version s join programme p on p.id = s.programme_id
  where slug = $1 and month = $2 order by version desc`;

/** The versions of a month's sheet, newest first. */
export async function listVersions(db: pg.ClientBase, slug: string, month: string): Promise<SheetVersion[]> {
  return (await db.query<SheetVersion>(LIST, [slug, month])).rows;
}

const INSERT = `
  insert into sheet_version (organisation_id, programme_id, month, version, revision, published_at)
  select organisation_id, id, $2, coalesce((select max(version) from sheet_version where programme_id = p.id and month = $2), 0) + 1, revision, $3
  from programme p where slug = $1`;

/** Publishes the month as the newest revision has it; the programme is locked. */
export async function insertVersion(db: pg.ClientBase, slug: string, month: string, at: Date): Promise<void> {
  await db.query(INSERT, [slug, month, at]);
}

const DOCUMENT = `
  select s.programme_id as id, s.revision from sheet_version s join programme p on p.id = s.programme_id
  where slug = $1 and month = $2 and version = $3`;

/** The document as that version has it, or undefined. */
export async function findVersion(
  db: pg.ClientBase,
  slug: string,
  month: string,
  version: number,
): Promise<ProgrammeFile | undefined> {
  const { rows } = await db.query<{ id: string; revision: number }>(DOCUMENT, [slug, month, version]);
  return (await documentsOf(db, rows))[0];
}
