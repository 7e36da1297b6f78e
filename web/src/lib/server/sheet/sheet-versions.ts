/** Publishing a month's sheet: what is published stays as it was, and what changed since is told in words. */
import { hasSheet, type ProgrammeFile } from '@aggrega/core/programme';
import { changesBetween, type SheetChange } from './sheet-changes';
import type pg from 'pg';
import { now } from '../clock';
import { correctReleased } from '../release/corrections';
import { asOrganisation } from '../db/pool';
import { findProgramme, lockProgramme } from '../db/programmes';
import { listReleases, type MonthRelease } from '../db/releases';
import { findVersion, insertVersion, listVersions, type SheetVersion } from '../db/sheet-versions';
import { readingOf } from '$lib/ask/reading';

export interface VersionsOfSheet {
  versions: SheetVersion[];
  /** What the sheet says otherwise now than its newest version, by colourway; none while nothing is published. */
  since: SheetChange[];
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

/** A published version's document, when it was made, and when its month went out; undefined where there is none. */
export async function publishedSheet(
  organisation: string,
  { slug, month, version }: { slug: string; month: string; version: string },
): Promise<{ document: ProgrammeFile; published: Date; released: Date | null } | undefined> {
  const number = /^[1-9]\d{0,5}$/.test(version) ? Number(version) : 0;
  return asOrganisation(organisation, async (db) => {
    const found = (await listVersions(db, slug, month)).find((v) => v.version === number);
    const document = found && (await findVersion(db, slug, month, number));
    const release = (await listReleases(db, slug)).find((r) => r.month === month);
    return document && { document, published: found.published, released: release?.released ?? null };
  });
}

export interface ProofedMonth {
  version: number;
  state: MonthRelease['state'];
  /** As it was proofed. */
  document: ProgrammeFile;
}

/** What a month was proofed as; undefined while it is a draft. */
export async function proofedMonth(organisation: string, slug: string, month: string): Promise<ProofedMonth | undefined> {
  return asOrganisation(organisation, async (db) => {
    const release = (await listReleases(db, slug)).find((r) => r.month === month);
    const document = release && (await findVersion(db, slug, month, release.version));
    return release && document && { version: release.version, state: release.state, document };
  });
}

export type Published = { kind: 'published'; version: number } | { kind: 'same'; version: number } | { kind: 'missing' };

/**
 * Publishes a month's sheet as it stands; nothing is published twice that says the same. Who holds an older version of a released one is told, with
 * what the organiser says to whoever has cut already.
 */
export const publishSheet = (organisation: string, slug: string, month: string, already = ''): Promise<Published> =>
  asOrganisation(organisation, async (db): Promise<Published> => {
    const published = await publishIn(db, slug, month);
    if (published.kind === 'published')
      await correctReleased(db, slug, { month, version: published.version, at: now(), already });
    return published;
  });

/** As publishSheet, within a transaction that goes on, and telling nobody. */
export async function publishIn(db: pg.ClientBase, slug: string, month: string, at: Date = now()): Promise<Published> {
  const stored = await lockProgramme(db, slug);
  const reading = stored && !stored.removed ? readingOf(stored.document) : undefined;
  const known = reading?.ok ? reading.programme.months.find((m) => m.id === month) : undefined;
  if (!stored || !reading?.ok || !known || !hasSheet(reading.programme, known)) return { kind: 'missing' };
  const [newest] = await listVersions(db, slug, month);
  if (newest) {
    const published = await findVersion(db, slug, month, newest.version);
    if (!published || changesBetween(published, stored.document, month).length === 0)
      return { kind: 'same', version: newest.version };
  }
  await insertVersion(db, slug, month, at);
  return { kind: 'published', version: (newest?.version ?? 0) + 1 };
}
