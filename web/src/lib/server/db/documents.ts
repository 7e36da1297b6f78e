/**
 * Documents of revisions: they never change, so those that were asked for lately are kept, each as the same frozen object every time, and made of
 * the very parts of the one before wherever both are equal: what was worked out for those holds on.
 */
import { frozenLike, type ProgrammeFile } from '@aggrega/core/programme';
import { LRUCache } from 'lru-cache';
import type pg from 'pg';
import { unpacked } from './revision-packs';

interface Kept {
  /** When it was saved, as the database says: a revision of that number may be made again after the first one was taken back. */
  saved: string;
  document: ProgrammeFile;
}
type Revisions = LRUCache<number, Kept>;

/** Programmes, and revisions of each: the one that is worked on, and those that published sheets were made from. */
const kept = new LRUCache<string, Revisions>({ max: 150 });
const REVISIONS = 16;

function revisionsOf(programme: string): Revisions {
  const known = kept.get(programme) ?? new LRUCache<number, Kept>({ max: REVISIONS });
  kept.set(programme, known);
  return known;
}

/** Asks only for what is not known, and whether what is known is still what it was. */
const DOCUMENTS = `
  select r.programme_id as id, r.revision, r.saved_at::text as saved, case when r.saved_at::text is distinct from a.saved then document end as document,
    r.document is null and r.saved_at::text is distinct from a.saved as packed
  from unnest($1::uuid[], $2::int[], $3::text[]) as a (id, revision, saved)
  join programme_revision r on r.programme_id = a.id and r.revision = a.revision`;

/**
 * The documents of revisions, in their order; undefined where the organisation has none such. What is not known yet is made of the parts of `like`, or of the
 * newest revision that is known.
 */
export async function documentsOf(
  db: pg.ClientBase,
  asked: readonly { id: string; revision: number }[],
  like?: ProgrammeFile,
): Promise<(ProgrammeFile | undefined)[]> {
  if (asked.length === 0) return [];
  const known = asked.map(({ id, revision }) => revisionsOf(id).get(revision));
  const { rows } = await db.query<Row>(DOCUMENTS, [
    asked.map((a) => a.id),
    asked.map((a) => a.revision),
    known.map((k) => k?.saved ?? null),
  ]);
  const old = await unpacked(
    db,
    rows.filter((row) => row.packed),
  );
  const found = new Map(rows.map((row) => [`${row.id} ${row.revision}`, withDocument(row, old)]));
  return asked.map(({ id, revision }, i) => {
    const row = found.get(`${id} ${revision}`);
    return row && (row.document ? keep({ ...row, document: row.document }, like) : known[i]!.document);
  });
}

interface Row {
  id: string;
  revision: number;
  saved: string;
  document: ProgrammeFile | null;
  packed: boolean;
}

function withDocument(row: Row, old: ReadonlyMap<string, string>): Row {
  if (!row.packed) return row;
  return { ...row, document: JSON.parse(old.get(`${row.id} ${row.revision}`)!) as ProgrammeFile };
}

function keep({ id, revision, ...own }: { id: string; revision: number } & Kept, like?: ProgrammeFile): ProgrammeFile {
  const revisions = revisionsOf(id);
  const document = frozenLike(own.document, like ?? revisions.get(Math.max(...revisions.keys()))?.document);
  revisions.set(revision, { saved: own.saved, document });
  return document;
}

/** The document of one revision of a programme; undefined where there is none. */
export async function listRevision(db: pg.ClientBase, id: string, revision: number): Promise<ProgrammeFile | undefined> {
  return (await documentsOf(db, [{ id, revision }]))[0];
}
