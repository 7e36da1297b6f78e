/** Revisions of documents as programmes: they never change, so those that were read lately are kept. */
import { readProgramme, type Programme } from '@aggrega/core/programme';
import { embargoed } from '@aggrega/core/running';
import type pg from 'pg';
import { findRevision } from './db/programmes';

const MOST = 60;
const kept = new Map<string, Programme>();

/**
 * The programme as a revision has it, with nothing named that is not out; `id` is its own, which no other programme ever has. Undefined where there is
 * no such revision.
 */
export async function frozenProgramme(
  db: pg.ClientBase,
  { id, slug, revision, out }: { id: string; slug: string; revision: number; out: ReadonlySet<string> },
): Promise<Programme | undefined> {
  const key = [id, revision, ...[...out].sort()].join(' ');
  const known = kept.get(key);
  if (known) {
    // The one that was asked for last goes last.
    kept.delete(key);
    kept.set(key, known);
    return known;
  }
  const document = await findRevision(db, slug, revision);
  const reading = document && readProgramme(embargoed(document, out));
  if (!reading?.ok) return undefined;
  kept.set(key, reading.programme);
  if (kept.size > MOST) kept.delete(kept.keys().next().value!);
  return reading.programme;
}
