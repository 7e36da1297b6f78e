/** Revisions as a participant may see them: with nothing named that is not out. */
import type { Programme, ProgrammeFile } from '@aggrega/core/programme';
import { embargoed } from '@aggrega/core/running';
import type pg from 'pg';
import { findRevision } from '../db/programmes';
import { programmeIn } from '$lib/ask/reading';

/** By document, then by what is out: kept for as long as the document is. */
const kept = new WeakMap<ProgrammeFile, Map<string, Programme | undefined>>();

/** The programme as a revision has it, with nothing named but the months of `out`. Undefined where there is no such revision. */
export async function frozenProgramme(
  db: pg.ClientBase,
  { slug, revision, out }: { slug: string; revision: number; out: ReadonlySet<string> },
): Promise<Programme | undefined> {
  const document = await findRevision(db, slug, revision);
  if (!document) return undefined;
  const known = kept.get(document) ?? new Map<string, Programme | undefined>();
  kept.set(document, known);
  const key = [...out].sort().join(' ');
  if (!known.has(key)) known.set(key, programmeIn(embargoed(document, out)));
  return known.get(key);
}
