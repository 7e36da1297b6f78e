/** Publishing a month's sheet: what is published stays as it was, and what changed since is told in words. */
import { handsOut, readProgramme, type Programme, type ProgrammeFile } from '@aggrega/core/programme';
import { monthSheet, sheetDifference } from '@aggrega/core/sheet';
import { asOrganisation } from './db/pool';
import { findProgramme, lockProgramme } from './db/programmes';
import { findVersion, insertVersion, listVersions, type SheetVersion } from './db/sheet-versions';

export interface VersionsOfSheet {
  versions: SheetVersion[];
  /** What the sheet says otherwise now than its newest version, by colourway; none while nothing is published. */
  since: { colourway: string; says: string[] }[];
}

/** The versions of a month's sheet, and what has changed since the newest; undefined where there is no such programme. */
export async function versionsOf(organisation: string, slug: string, month: string): Promise<VersionsOfSheet | undefined> {
  const found = await asOrganisation(organisation, async (db) => {
    const stored = await findProgramme(db, slug);
    if (!stored || stored.removed) return undefined;
    const versions = await listVersions(db, slug, month);
    const [newest] = versions;
    const published =
      newest && newest.revision !== stored.revision ? await findVersion(db, slug, month, newest.version) : undefined;
    return { versions, published, document: stored.document };
  });
  if (!found) return undefined;
  const { versions, published, document } = found;
  return { versions, since: published ? changesBetween(published, document, month) : [] };
}

/** What one document's sheet of a month says otherwise than another's, by colourway; those that say the same are left out. */
export function changesBetween(before: ProgrammeFile, after: ProgrammeFile, month: string): VersionsOfSheet['since'] {
  const [was, is] = [before, after].map((document) => {
    const reading = readProgramme(document);
    return reading.ok ? reading.programme : undefined;
  });
  if (!was || !is) return [];
  const own = sameWords(before, after, month) ? [] : [{ colourway: 'All', says: ['The organiser’s own words have changed.'] }];
  const computed = is.colourways.flatMap(({ id, name }) => {
    const [old, now] = [sheetOf(was, month, id), sheetOf(is, month, id)];
    const says =
      old && now ? sheetDifference(old, now) : old || now ? ['This colourway has a sheet only in one of the two.'] : [];
    return says.length > 0 ? [{ colourway: name, says }] : [];
  });
  return [...own, ...computed];
}

function sheetOf(programme: Programme, monthId: string, colourwayId: string) {
  const month = programme.months.find((m) => m.id === monthId);
  const colourway = programme.colourways.find((c) => c.id === colourwayId);
  return month && colourway && handsOut(programme, month) ? monthSheet(programme, month, colourway) : undefined;
}

/** A published version's document and day; undefined where there is none. */
export async function publishedSheet(
  organisation: string,
  { slug, month, version }: { slug: string; month: string; version: string },
): Promise<{ document: ProgrammeFile; published: Date } | undefined> {
  const number = /^[1-9]\d{0,5}$/.test(version) ? Number(version) : 0;
  return asOrganisation(organisation, async (db) => {
    const found = (await listVersions(db, slug, month)).find((v) => v.version === number);
    const document = found && (await findVersion(db, slug, month, number));
    return document && { document, published: found.published };
  });
}

export type Published = { kind: 'published'; version: number } | { kind: 'same'; version: number } | { kind: 'missing' };

/** Publishes a month's sheet as it stands; nothing is published twice that says the same. */
export async function publishSheet(organisation: string, slug: string, month: string): Promise<Published> {
  return asOrganisation(organisation, async (db): Promise<Published> => {
    const stored = await lockProgramme(db, slug);
    const reading = stored && !stored.removed ? readProgramme(stored.document) : undefined;
    const known = reading?.ok ? reading.programme.months.find((m) => m.id === month) : undefined;
    if (!stored || !reading?.ok || !known || !handsOut(reading.programme, known)) return { kind: 'missing' };
    const [newest] = await listVersions(db, slug, month);
    if (newest) {
      const published = await findVersion(db, slug, month, newest.version);
      if (!published || changesBetween(published, stored.document, month).length === 0)
        return { kind: 'same', version: newest.version };
    }
    await insertVersion(db, slug, month);
    return { kind: 'published', version: (newest?.version ?? 0) + 1 };
  });
}

/** Whether the organiser's own words on a month are the same. */
function sameWords(before: ProgrammeFile, after: ProgrammeFile, month: string): boolean {
  const words = (document: ProgrammeFile) => {
    const found = document.months?.find((m) => m.id === month);
    return JSON.stringify([found?.notes ?? {}, found?.homework ?? '', document.contact ?? '']);
  };
  return words(before) === words(after);
}
