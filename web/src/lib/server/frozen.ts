/** Revisions of documents as programmes: they never change, so those that were read lately are kept. */
import { readProgramme, type Programme, type ProgrammeFile } from '@aggrega/core/programme';
import { embargoed } from '@aggrega/core/running';
import type pg from 'pg';
import { findRevision } from './db/programmes';

const MOST = 60;
const kept = new Map<string, Programme>();

/** The stored document as a programme; undefined where it cannot be read. */
export const storedProgramme = (stored: { id: string; revision: number; document: ProgrammeFile }): Programme | undefined =>
  read(`${stored.id} ${stored.revision}`, stored.document);

/**
 * The programme as a revision has it, with nothing named that is not out; `id` is its own, which no other programme ever has. Undefined where there is
 * no such revision.
 */
export async function frozenProgramme(
  db: pg.ClientBase,
  { id, slug, revision, out }: { id: string; slug: string; revision: number; out: ReadonlySet<string> },
): Promise<Programme | undefined> {
  const key = [id, revision, 'of', ...[...out].sort()].join(' ');
  if (kept.has(key)) return read(key);
  const document = await findRevision(db, slug, revision);
  return document && read(key, embargoed(document, out));
}

function read(key: string, document?: ProgrammeFile): Programme | undefined {
  let programme = kept.get(key);
  if (!programme && document) {
    const reading = readProgramme(document);
    programme = reading.ok ? reading.programme : undefined;
  }
  if (!programme) return undefined;
  // The one that was asked for last goes last.
  kept.delete(key);
  kept.set(key, programme);
  if (kept.size > MOST) kept.delete(kept.keys().next().value!);
  return programme;
}
