/** Documents of revisions: they never change, so those that were asked for lately are kept, each as the same frozen object every time. */
import type { ProgrammeFile } from '@aggrega/core/programme';
import type pg from 'pg';

const MOST = 60;
const kept = new Map<string, ProgrammeFile>();

const DOCUMENTS = `
  select programme_id as id, revision, document from programme_revision
  where (programme_id, revision) in (select * from unnest($1::uuid[], $2::int[]))`;

/** The documents of revisions, in their order; each of `asked` was found under the organisation's own eyes. */
export async function documentsOf(
  db: pg.ClientBase,
  asked: readonly { id: string; revision: number }[],
): Promise<ProgrammeFile[]> {
  const missing = asked.filter((a) => !kept.has(keyOf(a)));
  const found = new Map(asked.map((a) => [keyOf(a), kept.get(keyOf(a))]));
  if (missing.length > 0) {
    const { rows } = await db.query<{ id: string; revision: number; document: ProgrammeFile }>(DOCUMENTS, [
      missing.map((m) => m.id),
      missing.map((m) => m.revision),
    ]);
    for (const row of rows) found.set(keyOf(row), frozen(row.document));
  }
  for (const [key, document] of found) {
    // The one that was asked for last goes last.
    kept.delete(key);
    if (document) kept.set(key, document);
    if (kept.size > MOST) kept.delete(kept.keys().next().value!);
  }
  return asked.map((a) => found.get(keyOf(a))!);
}

/** The document of one revision of a programme; undefined where there is none. */
export async function listRevision(db: pg.ClientBase, id: string, revision: number): Promise<ProgrammeFile | undefined> {
  return (await documentsOf(db, [{ id, revision }]))[0];
}

const keyOf = ({ id, revision }: { id: string; revision: number }) => `${id} ${revision}`;

/** Several requests hold it at once: none may change it. */
function frozen<T>(value: T): T {
  if (typeof value !== 'object' || value === null) return value;
  Object.values(value).forEach(frozen);
  return Object.freeze(value);
}
