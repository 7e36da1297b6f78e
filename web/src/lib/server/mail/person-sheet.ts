/** A participant's own sheet: her colourway, size and kit, set the way she reads it. */
import type { Person } from '@aggrega/core/running';
import { asOrganisation } from '../db/pool';
import { listReleases } from '../db/releases';
import { sheetFile } from '../sheet-files';

export interface PersonSheet {
  name: string;
  pdf: Uint8Array;
  text: string;
}

/** What of a sheet is asked for, for a person, as an address carries it. */
export function sheetAsked(person: Pick<Person, 'colourway' | 'size' | 'kit' | 'sheet'>, version: number): URLSearchParams {
  const asked = new URLSearchParams(person.sheet);
  asked.set('colourway', person.colourway);
  if (person.size) asked.set('size', person.size);
  if (person.kit) asked.set('kind', person.kit);
  asked.set('version', String(version));
  return asked;
}

/** Her sheet of a published version; undefined where there is none for what she makes. */
export async function personSheet(
  organisation: string,
  { slug, month, version, person }: { slug: string; month: string; version: number; person: Person },
): Promise<PersonSheet | undefined> {
  const asked = sheetAsked(person, version);
  const releases = await asOrganisation(organisation, (db) => listReleases(db, slug));
  const out = new Set(releases.filter((r) => r.state === 'released').map((r) => r.month));
  const [pdf, text] = [
    await sheetFile(organisation, { slug, month, file: 'sheet.pdf', asked, out }),
    await sheetFile(organisation, { slug, month, file: 'sheet.txt', asked, out }),
  ];
  if (!('body' in pdf) || !('body' in text)) return undefined;
  return { name: pdf.name.replace(/\.pdf$/, ''), pdf: pdf.body as Uint8Array, text: String(text.body) };
}
