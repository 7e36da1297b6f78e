/** Who changed what and when, in words; taking a save back, and bringing back what was deleted. */
import { spokenTag } from '@aggrega/core/words';
import { fieldNames, words as spoken } from './words';
import { differenceWords, differences, inverse, type ProgrammeFile } from '@aggrega/core/programme';
import { roleName } from '$lib/look/role-name';
import { LRUCache } from 'lru-cache';
import type pg from 'pg';
import type { Role } from '../auth/roles';
import { listMembers } from '../db/accounts';
import { documentsOf, listRevision } from '../db/documents';
import { asOrganisation } from '../db/pool';
import { findProgramme, lockProgramme, programmeId } from '../db/programmes';
import { tallyPeople } from '../db/participants';
import { findDeleted, listRecord, putBack, type RecordRow } from '../db/records';
import { saveChanges } from '../programme/programmes';
import { followRoster } from '../participants/roster';

export interface RecordEntry {
  id: number;
  at: Date;
  by: string;
  says: string[];
  /** What can be done about it. */
  way?: 'undo' | 'restore';
  /** The save after which the programme was as its picture shows it. */
  revision?: number;
}

const MOST = 60;
/** Lines of one save that are shown. */
const LINES = 8;

export interface RecordPage {
  entries: RecordEntry[];
  /** The id before which it goes on; undefined at the end. */
  next?: number;
}

/** A programme's record, newest first; undefined where there is none. */
export async function recordOf(organisation: string, slug: string, before: number | null): Promise<RecordPage | undefined> {
  return asOrganisation(organisation, async (db) => {
    const stored = await findProgramme(db, slug);
    if (!stored) return undefined;
    const rows = await listRecord(db, stored.id, { before, most: MOST });
    const saves = rows.filter((r) => r.subject === 'programme_revision').map((r) => Number(r.key.revision));
    const lines = await linesOf(db, stored.id, saves);
    const { months = [], colourways = [] } = stored.document;
    const names: Names = {
      months: new Map(months.map((m) => [m.id, m.name ?? m.id])),
      colourways: new Map(colourways.map((c) => [c.id, c.name ?? c.id])),
    };
    return pageOf(rows, (row) => {
      if (row.subject !== 'programme_revision') return wordsOf(row, names);
      return lines.get(Number(row.key.revision)) ?? [spoken.madeTheProgramme];
    });
  });
}

/** What saves have changed, in words, by programme and revision: they never change any more. */
const known = new LRUCache<string, string[]>({ max: 5_000 });

/** The lines of these revisions of a programme; those of its first one are not among them. */
async function linesOf(db: pg.ClientBase, id: string, revisions: readonly number[]): Promise<Map<number, string[]>> {
  const keyOf = (revision: number) => `${id} ${revision} ${spokenTag()}`;
  const missing = revisions.filter((revision) => revision > 1 && !known.has(keyOf(revision)));
  // The newest last: it is what everybody works on, and of what is kept the last is kept longest.
  const asked = [...new Set(missing.flatMap((revision) => [revision - 1, revision]))].sort((a, b) => a - b);
  const documents = await documentsOf(
    db,
    asked.map((revision) => ({ id, revision })),
  );
  const at = new Map(asked.map((revision, i) => [revision, documents[i]]));
  for (const revision of missing) known.set(keyOf(revision), linesBetween(at.get(revision - 1)!, at.get(revision)!));
  return new Map(
    revisions.flatMap((revision) => (known.has(keyOf(revision)) ? [[revision, known.get(keyOf(revision))!]] : [])),
  );
}

function linesBetween(older: ProgrammeFile, newer: ProgrammeFile): string[] {
  const lines = differenceWords(older, newer);
  return lines.length > LINES ? [...lines.slice(0, LINES), spoken.andMore(lines.length - LINES)] : lines;
}

/** The record of what belongs to no programme: who works here. */
export const houseRecord = (organisation: string): Promise<RecordPage> =>
  asOrganisation(organisation, async (db) => {
    const members = new Map((await listMembers(db)).map((m) => [m.id, m.name]));
    return pageOf(await listRecord(db, null, { before: null, most: MOST }), (row) => wordsOf(row, { members }));
  });

/** What is told as one line with its like, and within how many milliseconds. */
const TOGETHER: Record<string, number> = { kit: 0, cut_step: 4 * 3_600_000 };
/** People who came or changed in one go, by what was done: how many they are says more than all their names. Whoever was deleted has a line, to be brought back. */
const MANY: Record<string, (count: number) => string> = {
  insert: (count) => spoken.peopleAdded(count),
  update: (count) => spoken.peopleChanged(count),
};

function pageOf(rows: readonly RecordRow[], says: (row: RecordRow) => string[]): RecordPage {
  const entries: RecordEntry[] = [];
  let alike: { key: string; at: number; count: number } | undefined;
  for (const row of rows) {
    const by = row.by ?? spoken.byItself;
    const many = row.together > 1 ? MANY[row.deed] : undefined;
    const words = many ? [many(row.together)] : says(row);
    const at = row.at.getTime();
    // What was done to many kits at once is one line, and so are somebody's cuts of one evening.
    const key = [by, row.subject, row.deed, ...(row.subject in TOGETHER ? words : [row.id])].join('|');
    if (alike?.key === key && alike.at - at <= (TOGETHER[row.subject] ?? 0)) {
      alike.count += 1;
      entries.at(-1)!.says = [`${alike.count} × ${words[0]}`];
      continue;
    }
    alike = { key, at, count: 1 };
    const way = row.kept
      ? 'restore'
      : row.subject === 'programme_revision' && Number(row.key.revision) > 1
        ? 'undo'
        : undefined;
    const revision = row.subject === 'programme_revision' ? Number(row.key.revision) : undefined;
    entries.push({ id: row.id, at: row.at, by, says: words, ...(way && { way }), ...(revision && { revision }) });
  }
  return { entries, ...(rows.length === MOST && { next: rows.at(-1)!.id }) };
}

/** What ids of a programme, or accounts of a house, are called. */
interface Names {
  months?: ReadonlyMap<string, string>;
  colourways?: ReadonlyMap<string, string>;
  members?: ReadonlyMap<string, string>;
}

function wordsOf({ subject, deed, key, changed, person, about }: RecordRow, { months, colourways, members }: Names): string[] {
  const month = months?.get(String(key.month)) ?? String(key.month ?? '');
  const who = person ?? spoken.someoneWhoseDataWasErased;
  switch (subject) {
    case 'programme':
      return [
        deed === 'insert'
          ? spoken.createdTheProgramme
          : key.removed_at
            ? spoken.archivedTheProgramme
            : spoken.restoredTheProgramme,
      ];
    case 'participant': {
      const fields = changed
        .filter((f) => f !== 'link_hash' || changed.length === 1)
        .map((f) => fieldNames[f as keyof typeof fieldNames] ?? f);
      return [
        deed === 'insert' ? spoken.added(who) : deed === 'delete' ? spoken.personDeleted(who) : `${who}: ${fields.join(', ')}`,
      ];
    }
    case 'erasure':
      return [spoken.onePersonsDataErased];
    case 'kit':
      return [
        deed === 'delete'
          ? spoken.kitOfBackToPlanned(month)
          : spoken.kitOf(month, { cut: 'cut', packed: 'packed', handed: spoken.handedOut }[String(key.state)]),
      ];
    case 'cut_step':
      return [spoken.cutOf(cuttingName(), deed === 'delete' ? spoken.unticked : spoken.ticked)];
    case 'cut_list':
      return [
        key.minutes === null
          ? spoken.recordedTimeRemoved(cuttingName())
          : spoken.minutesRecorded(cuttingName(), String(key.minutes)),
      ];
    case 'release':
      return [`${month}: ${deed === 'delete' ? spoken.backToDraft : String(key.state)}`];
    case 'sheet_version':
      return [spoken.versionOfTheSheetPublished(month, String(key.version))];
    case 'sample':
      return [spoken.aTestBlockOf(month, deed === 'delete' ? spoken.deleted : spoken.recorded)];
    case 'question':
      return [deed === 'delete' ? spoken.aQuestionDeleted : spoken.aQuestionAnswered];
    case 'membership': {
      const member = members?.get(String(key.account_id)) ?? about ?? spoken.someoneWhoHasLeft;
      return [
        deed === 'delete'
          ? spoken.removedFromTheTeam(member)
          : `${member} ${deed === 'insert' ? spoken.joinedAs : spoken.isNow} ${roleName(key.role as Role)}`,
      ];
    }
    case 'invitation':
      return [
        deed === 'delete'
          ? spoken.theInvitationOfAcceptedOr(String(key.email))
          : spoken.invitedAs(String(key.email), roleName(key.role as Role)),
      ];
    default:
      return [`${subject} ${deed}`];
  }

  /** A place where is cut, 'm1~frost~batch', in words. */
  function cuttingName(): string {
    const [m = '', colourway = ''] = String(key.place).split('~');
    return `${months?.get(m) ?? m}, ${colourways?.get(colourway) ?? colourway}`;
  }
}

/** Takes back what one save changed, as a new save; a sentence where somebody has changed the same since. */
export async function takeBack(organisation: string, slug: string, entry: number): Promise<string | undefined> {
  const found = await asOrganisation(organisation, async (db) => {
    const id = await programmeId(db, slug);
    const [row] = id ? await listRecord(db, id, { before: entry + 1, most: 1 }) : [];
    if (!id || row?.id !== entry || row.subject !== 'programme_revision') return undefined;
    const revision = Number(row.key.revision);
    const [older, newer] = [await listRevision(db, id, revision - 1), await listRevision(db, id, revision)];
    return older && newer && inverse(differences(older, newer));
  });
  if (!found) return spoken.weCantFindThatSave;
  const saved = await saveChanges(organisation, slug, found);
  if (saved.kind === 'conflict') return spoken.aLaterChangeTouchedThe;
  if (saved.kind === 'refused') return spoken.itCannotBeTakenBack(saved.errors[0]!.message);
  return saved.kind === 'missing' ? spoken.weCantFindThatProgramme : undefined;
}

/** Brings back what was deleted; a sentence where it cannot be. */
export async function bringBack(organisation: string, slug: string, entry: number): Promise<string | undefined> {
  return asOrganisation(organisation, async (db) => {
    const stored = await lockProgramme(db, slug);
    const deleted = stored && (await findDeleted(db, entry, stored.id));
    if (!stored || !deleted) return spoken.itIsKeptNoLonger;
    if (!(await putBack(db, deleted))) return spoken.somethingElseStandsThereBy;
    if (deleted.subject === 'participant') await followRoster(db, stored, await tallyPeople(db, slug));
    return undefined;
  });
}
