/** The roster: who takes part. Kits, plans and orders follow its counts, which stand in the document as soon as they change. */
import { words } from './words';
import { changedPeople, personFaults, type Person, type RosterChange, type RosterMeeting } from '@aggrega/core/running';
import type pg from 'pg';
import {
  allPeople,
  deletePeople,
  endLink,
  findIds,
  findPeople,
  keepHashes,
  putPeople,
  somePeople,
  tallyPeople,
  touchedPeople,
  type RosterQuestion,
  type RosterTally,
  type StoredPerson,
} from '../db/participants';
import { freeUnfitting } from '../db/kits';
import { asOrganisation } from '../db/pool';
import { keepRecord, leaveNoTrace, noteDeed } from '../db/records';
import { workAheadOf } from '../planner/ahead';
import { addRevision, findProgramme, lockProgramme, programmeId, type StoredProgramme } from '../db/programmes';
import { linkHash, linkKey } from '../participant-page/private-link';
import { asCounted } from './roster-counts';
import { readingOf } from '$lib/ask/reading';

/** People a page of the roster shows. */
export const PAGE = 100;

export interface RosterPage {
  people: StoredPerson[];
  found: number;
  tally: RosterTally[];
}

/** The people who are asked for, a page of them; undefined where there is no such programme. */
export async function rosterPage(
  organisation: string,
  slug: string,
  question: RosterQuestion,
  page: number,
): Promise<RosterPage | undefined> {
  return asOrganisation(organisation, async (db) => {
    const stored = await findProgramme(db, slug);
    if (!stored || stored.removed) return undefined;
    const months = (stored.document.months ?? []).map((m) => m.id);
    const { people, found } = await findPeople(db, slug, question, { from: page * PAGE, most: PAGE, months });
    return { people, found, tally: await tallyPeople(db, slug) };
  });
}

/** The ids of all who are asked for. */
export const rosterIds = (organisation: string, slug: string, question: RosterQuestion): Promise<string[] | undefined> =>
  asOrganisation(organisation, async (db) => ((await programmeId(db, slug)) ? findIds(db, slug, question) : undefined));

/** Everybody on the roster. */
export const everybody = (organisation: string, slug: string): Promise<StoredPerson[]> =>
  asOrganisation(organisation, (db) => allPeople(db, slug));

/** Those with these ids. */
export const peopleNamed = (organisation: string, slug: string, ids: readonly string[]): Promise<StoredPerson[]> =>
  asOrganisation(organisation, (db) => somePeople(db, slug, ids));

export interface RosterFault {
  id: string;
  name: string;
  field: keyof Person;
  message: string;
}

export type RosterSaved =
  | { kind: 'saved'; revision: number; tally: RosterTally[] }
  | { kind: 'missing' }
  | { kind: 'refused'; errors: RosterFault[] }
  | { kind: 'conflict'; meetings: RosterMeeting[] };

/** People of one programme. */
const MOST_PEOPLE = 20_000;

/** Makes all changes or none; the document's head counts follow in the same breath. */
export const changeRoster = (organisation: string, slug: string, changes: readonly RosterChange[]): Promise<RosterSaved> =>
  asOrganisation(organisation, (db) => changeRosterIn(db, { organisation, slug }, changes));

/** As changeRoster, within a transaction that goes on. */
export async function changeRosterIn(
  db: pg.ClientBase,
  { organisation, slug }: { organisation: string; slug: string },
  changes: readonly RosterChange[],
): Promise<RosterSaved> {
  // Whoever changes the roster holds the programme, so that two people's counts cannot cross.
  const stored = await lockProgramme(db, slug);
  const reading = stored && !stored.removed ? readingOf(stored.document) : undefined;
  if (!stored || !reading?.ok) return { kind: 'missing' };
  const known = await somePeople(
    db,
    slug,
    changes.map((c) => c.id),
  );
  const result = changedPeople(new Map(known.map((p) => [p.id, p])), changes);
  if ('meetings' in result) return { kind: 'conflict', meetings: result.meetings };
  const kept = [...result.people.values()].filter((p) => p !== undefined);
  const gone = [...result.people].flatMap(([id, p]) => (p ? [] : [id]));
  const errors: RosterFault[] = kept.flatMap((p) =>
    personFaults(p, reading.programme).map(({ field, message }) => ({ id: p.id, name: p.name, field, message })),
  );
  for (const name of gone.length > 0 ? await touchedPeople(db, slug, gone) : [])
    errors.push({
      ...{ id: '', name, field: 'state' },
      message: words.hasAKitASheet,
    });
  const added = kept.filter((p) => !known.some((k) => k.id === p.id));
  if (added.length > 0) {
    const there = (await tallyPeople(db, slug)).reduce((sum, t) => sum + t.people, 0);
    if (there + added.length - gone.length > MOST_PEOPLE)
      errors.push({ id: '', name: added[0]!.name, field: 'name', message: words.tooManyPeople(MOST_PEOPLE) });
  }
  if (errors.length > 0) return { kind: 'refused', errors };
  await putPeople(db, slug, kept);
  await deletePeople(db, slug, gone);
  const ids = kept.map((p) => p.id);
  await freeUnfitting(db, slug, ids, reading.programme.kits.kind);
  await keepLinks(db, { organisation, slug, people: await somePeople(db, slug, ids) });
  const tally = await tallyPeople(db, slug);
  workAheadOf(organisation, slug);
  return { kind: 'saved', revision: await followRoster(db, stored, tally), tally };
}

export async function keepLinks(
  db: pg.ClientBase,
  { organisation, slug, people }: { organisation: string; slug: string; people: readonly StoredPerson[] },
): Promise<void> {
  const programme = await programmeId(db, slug);
  if (!programme || people.length === 0) return;
  const hashes = people.map(({ id, link }) => ({
    id,
    hash: linkHash(linkKey({ organisation, programme, participant: id, link })).toString('hex'),
  }));
  await keepHashes(db, slug, hashes);
}

/** The key of a person's page; undefined where there is no such person. */
export async function linkOf(organisation: string, slug: string, id: string): Promise<string | undefined> {
  return asOrganisation(organisation, async (db) => {
    const programme = await programmeId(db, slug);
    const [person] = await somePeople(db, slug, [id]);
    return programme && person && linkKey({ organisation, programme, participant: id, link: person.link });
  });
}

/** Ends a person's link and answers with the key of a new one. */
export async function renewLink(organisation: string, slug: string, id: string): Promise<string | undefined> {
  return asOrganisation(organisation, async (db) => {
    const programme = await programmeId(db, slug);
    const link = await endLink(db, slug, id);
    if (!programme || link === undefined) return undefined;
    await keepLinks(db, { organisation, slug, people: await somePeople(db, slug, [id]) });
    return linkKey({ organisation, programme, participant: id, link });
  });
}

/** Erases everything that is kept of a person; her kits stay, for nobody. False where there is no such person. */
export async function erasePerson(organisation: string, slug: string, id: string): Promise<boolean> {
  return asOrganisation(organisation, async (db) => {
    const stored = await lockProgramme(db, slug);
    if (!stored || (await somePeople(db, slug, [id])).length === 0) return false;
    await leaveNoTrace(db, stored.id, id);
    await deletePeople(db, slug, [id]);
    await keepRecord(db);
    await noteDeed(db, stored.id, 'erasure');
    await followRoster(db, stored, await tallyPeople(db, slug));
    return true;
  });
}

/** Brings the stored document's head counts in line with the roster; resolves to the revision that then stands. */
export async function followRoster(
  db: pg.ClientBase,
  { slug, title, document, revision }: StoredProgramme,
  tally: readonly RosterTally[],
): Promise<number> {
  const counted = asCounted(document, tally);
  if (counted === document) return revision;
  await addRevision(db, slug, title, counted);
  return revision + 1;
}
