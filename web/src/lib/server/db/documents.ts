/**
 * Documents of revisions: they never change, so those that were asked for lately are kept, each as the same frozen object every time, and made of
 * the very parts of the one before wherever both are equal: what was worked out for those holds on.
 */
import { frozenLike, type ProgrammeFile } from '@aggrega/core/programme';
import { LRUCache } from 'lru-cache';
import type pg from 'pg';

type Revisions = LRUCache<number, ProgrammeFile>;

/** Programmes, and revisions of each: the one that is worked on, and those that published sheets were made from. */
const kept = new LRUCache<string, Revisions>({ max: 150 });
const REVISIONS = 16;

function revisionsOf(programme: string): Revisions {
  const known = kept.get(programme) ?? new LRUCache<number, ProgrammeFile>({ max: REVISIONS });
  kept.set(programme, known);
  return known;
}

const DOCUMENTS = `
  select programme_id as id, revision, document from programme_revision
  where (programme_id, revision) in (select * from unnest($1::uuid[], $2::int[]))`;

/** The documents of revisions, in their order; each of `asked` was found under the organisation's own eyes. */
export async function documentsOf(
  db: pg.ClientBase,
  asked: readonly { id: string; revision: number }[],
): Promise<ProgrammeFile[]> {
  const found = asked.map(({ id, revision }) => revisionsOf(id).get(revision));
  const missing = asked.filter((_, i) => !found[i]);
  if (missing.length === 0) return found as ProgrammeFile[];
  const { rows } = await db.query<{ id: string; revision: number; document: ProgrammeFile }>(DOCUMENTS, [
    missing.map((m) => m.id),
    missing.map((m) => m.revision),
  ]);
  const read = new Map(rows.map((row) => [`${row.id} ${row.revision}`, keep(row)]));
  return asked.map(({ id, revision }, i) => found[i] ?? read.get(`${id} ${revision}`)!);
}

function keep({ id, revision, document }: { id: string; revision: number; document: ProgrammeFile }): ProgrammeFile {
  const revisions = revisionsOf(id);
  const before = revisions.get(Math.max(...revisions.keys()));
  const own = frozenLike(document, before);
  revisions.set(revision, own);
  return own;
}

/** The document of one revision of a programme; undefined where there is none. */
export async function listRevision(db: pg.ClientBase, id: string, revision: number): Promise<ProgrammeFile | undefined> {
  return (await documentsOf(db, [{ id, revision }]))[0];
}
