/** The roster as a file, and all that is kept of one person. */
import { words } from './words';
import { rosterCsv } from '@aggrega/core/roster-csv';
import { keptOf } from '../db/kept-of';
import { asOrganisation } from '../db/pool';
import type { FoundFile } from '../web/file-answer';
import { programmeOf } from '../programme/programmes';
import { everybody } from './roster';
import { bytesOf } from '../files/store';
import { isId } from '../db/ids';
import { readingOf } from '$lib/ask/reading';

/** The roster as CSV. */
export async function rosterFile(organisation: string, slug: string): Promise<FoundFile> {
  const stored = await programmeOf(organisation, slug);
  const reading = stored && readingOf(stored.document);
  if (!reading?.ok) return { status: 404, message: words.weCantFindThatProgramme };
  const body = rosterCsv(await everybody(organisation, slug), reading.programme);
  return { body, type: 'text/csv; charset=utf-8', name: `${slug}-roster.csv` };
}

/** What is kept of a person, in a form that she and other programs can read. */
export async function personFile(organisation: string, slug: string, id: string): Promise<FoundFile> {
  const kept = isId(id) ? await asOrganisation(organisation, (db) => keptOf(db, slug, id)) : undefined;
  if (!kept) return { status: 404, message: words.weCantFindThatParticipant };
  for (const picture of kept.pictures) {
    picture.jpeg_base64 ??= (await bytesOf({ jpeg: null, object: picture.object! })).toString('base64');
    delete picture.object;
  }
  return { body: JSON.stringify(kept, null, 2), type: 'application/json', name: `${slug}-person.json` };
}
