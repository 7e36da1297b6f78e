/** What the routes do with programmes: list, load, save changes, import, put aside. */
import { words } from './words';
import type { Problem } from '@aggrega/core/block';
import {
  ChangeError,
  applyChanges,
  frozen,
  readProgramme,
  same,
  type Change,
  type Conflict,
  type ProgrammeFile,
} from '@aggrega/core/programme';
import type pg from 'pg';
import { anyPerson, tallyPeople } from '../db/participants';
import { asOrganisation } from '../db/pool';
import {
  addRevision,
  countProgrammes,
  findProgramme,
  insertProgramme,
  listProgrammes,
  lockProgramme,
  setRemoved,
  type StoredProgramme,
} from '../db/programmes';
import { readingOf } from '$lib/ask/reading';
import { firstTimes, listReleases, type MonthRelease } from '../db/releases';
import { asCounted, rosterFaults } from '../participants/roster-counts';
import { packLater } from './packing';
import { workAheadOf } from '../planner/ahead';

/** All programmes of an organisation, those that were put aside among them. */
export const programmesOf = (organisation: string): Promise<StoredProgramme[]> => asOrganisation(organisation, listProgrammes);

/** A programme that was not put aside, or undefined. */
export async function programmeOf(organisation: string, slug: string): Promise<StoredProgramme | undefined> {
  const found = await asOrganisation(organisation, (db) => findProgramme(db, slug));
  return found?.removed ? undefined : found;
}

/**
 * As programmeOf, with what every page of it shows beside: how far its months are, and whether a roster counts its people; `first` where the house
 * has not released anything yet.
 */
export async function benchOf(
  organisation: string,
  slug: string,
): Promise<(StoredProgramme & { releases: MonthRelease[]; rostered: boolean; first?: { cut: boolean } }) | undefined> {
  return asOrganisation(organisation, async (db) => {
    const found = await findProgramme(db, slug);
    if (!found || found.removed) return undefined;
    const { released, cut } = await firstTimes(db, slug);
    return {
      ...{ ...found, releases: await listReleases(db, slug), rostered: await anyPerson(db, slug) },
      ...(!released && { first: { cut } }),
    };
  });
}

export type Saved =
  | { kind: 'saved'; revision: number; updated: Date; document: ProgrammeFile }
  | { kind: 'missing' }
  | { kind: 'refused'; errors: Problem[] }
  | { kind: 'conflict'; conflicts: Conflict[]; revision: number; document: ProgrammeFile };

/**
 * Makes all changes as one new revision, or none of them; see core's applyChanges for what conflicts. `aside`: only the history is to have them; a second
 * revision brings back what stood before.
 */
export async function saveChanges(
  organisation: string,
  slug: string,
  changes: readonly Change[],
  aside = false,
): Promise<Saved> {
  return asOrganisation(organisation, async (db): Promise<Saved> => {
    const stored = await lockProgramme(db, slug);
    if (!stored || stored.removed) return { kind: 'missing' };
    const { revision, document } = stored;
    let result;
    try {
      result = applyChanges(document, changes);
    } catch (error) {
      if (error instanceof ChangeError) return { kind: 'refused', errors: [{ path: error.path, message: error.message }] };
      throw error;
    }
    if ('conflicts' in result) return { kind: 'conflict', conflicts: result.conflicts, revision, document };
    // A change that stands already, sent again after a lost answer, is no new revision.
    if (same(result.file, document)) return { kind: 'saved', revision, updated: stored.updated, document };
    const reading = readingOf(frozen(result.file));
    if (!reading.ok) return { kind: 'refused', errors: reading.errors };
    const tally = await tallyPeople(db, slug);
    const errors = rosterFaults(changes, reading.programme, tally);
    if (errors.length > 0) return { kind: 'refused', errors };
    const counted = asCounted(result.file, tally);
    await addRevision(db, slug, reading.programme.title, counted);
    if (aside) {
      // The history has it now; the programme is as it was.
      await addRevision(db, slug, stored.title, document);
      const back = (await findProgramme(db, slug, document))!;
      return { kind: 'saved', revision: back.revision, updated: back.updated, document: back.document };
    }
    // What was read of it to check it holds on for what is read back.
    const now = (await findProgramme(db, slug, frozen(counted)))!;
    packLater(organisation, now.id, now.revision);
    workAheadOf(organisation, slug);
    return { kind: 'saved', revision: now.revision, updated: now.updated, document: now.document };
  });
}

export type Imported = { kind: 'imported'; slug: string } | { kind: 'refused'; errors: Problem[] };

/** Programmes of one house, those in the archive among them. */
const MOST_PROGRAMMES = 300;

/** Checks a document and adds it as a new programme; an existing one is never replaced. */
export async function importProgramme(organisation: string, document: unknown): Promise<Imported> {
  const reading = readProgramme(document);
  if (!reading.ok) return { kind: 'refused', errors: reading.errors };
  const slug = await asOrganisation(organisation, async (db) =>
    (await countProgrammes(db)) < MOST_PROGRAMMES ? storeNew(db, reading.file) : undefined,
  );
  if (slug === undefined) return { kind: 'refused', errors: [{ path: '', message: words.tooManyProgrammes(MOST_PROGRAMMES) }] };
  workAheadOf(organisation, slug);
  return { kind: 'imported', slug };
}

/** Stores a checked document under a slug of its title that is still free; resolves to the slug. */
export async function storeNew(db: pg.ClientBase, file: ProgrammeFile): Promise<string> {
  const title = file.title ?? words.untitledProgramme;
  const base = slugOf(title);
  for (let n = 1; ; n += 1) {
    const slug = n === 1 ? base : `${base}-${n}`;
    if (await insertProgramme(db, slug, title, file)) return slug;
  }
}

function slugOf(title: string): string {
  const plain = title.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase();
  return (
    plain
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 60) || 'programme'
  );
}

/** Puts a programme aside, or back; false when there is none. */
export async function putAside(organisation: string, slug: string, removed: boolean): Promise<boolean> {
  return asOrganisation(organisation, (db) => setRemoved(db, slug, removed));
}
