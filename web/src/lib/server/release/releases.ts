/** A month's way out: proofed, scheduled, released at its minute. What goes out is the version that was proofed, whatever the draft becomes. */
import { spokenTag } from '@aggrega/core/words';
import { words } from './words';
import { dayText } from '$lib/look/day-text';
import { handsOut, hasSheet, madeAhead, packetOfMonth, wayOf, type Month, type Programme } from '@aggrega/core/programme';
import { missedSizes, readSizes, releaseInstant, releaseLetter, type FabricComes } from '@aggrega/core/running';
import { groupOf } from '@aggrega/core/foresee';
import { homeworkWords, proofPoints, type ProofPoint } from '@aggrega/core/sheet';
import { isHttpError } from '@sveltejs/kit';
import type pg from 'pg';
import { now, todayIn } from '../clock';
import { aboutMonth } from './corrections';
import { listHolders, noteHeld, type Holder } from '../db/held';
import { countMails, writeMails, type MailRow, type NewMail } from '../db/mails';
import { organisationLanguage, organisationName } from '../db/organisations';
import { languageFor, spokenIn } from '../web/languages';
import { allPeople, somePeople, type StoredPerson } from '../db/participants';
import { groupSizes } from '../participants/group-sizes';
import { asOrganisation } from '../db/pool';
import { findProgramme, findRevision, lockProgramme } from '../db/programmes';
import { programmeIn } from '$lib/ask/reading';
import {
  dueReleases,
  listReleases,
  markProofed,
  markReleased,
  setAside,
  setDue,
  unproof,
  type MonthRelease,
} from '../db/releases';
import { log, said } from '../web/log';
import { noteRelease } from '../web/metrics';
import { isAway } from '../web/outside';
import { newestSample } from '../db/samples';
import { findVersion } from '../db/sheet-versions';
import { changesBetween, changesKept } from '../sheet/sheet-changes';
import { publishIn } from '../sheet/sheet-versions';

export interface ReleaseOfMonth {
  /** Undefined for a draft. */
  release?: MonthRelease;
  points: ProofPoint[];
  /** What the draft says otherwise than the version that was proofed. */
  since: { colourway: string; says: string[] }[];
  /** The minute at which it would go out, by its day and the calendar. */
  minute?: string;
}

/** How far a month is, and what is to be looked at; undefined where there is no such month. */
export async function releaseOf(organisation: string, slug: string, monthId: string): Promise<ReleaseOfMonth | undefined> {
  return asOrganisation(organisation, async (db) => {
    const found = await monthIn(db, slug, monthId);
    if (!found) return undefined;
    const { programme, month } = found;
    const release = (await listReleases(db, slug)).find((r) => r.month === monthId);
    // Where nothing was saved since, nothing can differ.
    const frozen =
      release && release.revision !== found.revision ? await findVersion(db, slug, monthId, release.version) : undefined;
    return {
      release,
      // What is out, or proofed, is not looked at again.
      points: release ? [] : await pointsOf(db, slug, found),
      since: frozen
        ? changesKept(
            [release!.programme, release!.revision, found.revision, monthId].join(' '),
            frozen,
            found.document,
            monthId,
          )
        : [],
      minute: month.release && releaseInstant(month.release, programme.calendar),
    };
  });
}

export interface ReleasePage extends ReleaseOfMonth {
  holders: Holder[];
  /** Mails about the month, by state. */
  mails: Partial<Record<MailRow['state'], number>>;
}

/** As releaseOf, with who holds which version and how far the mails are. */
export async function releasePage(
  organisation: string,
  slug: string,
  month: string,
  most: number | null = null,
): Promise<ReleasePage | undefined> {
  const found = await releaseOf(organisation, slug, month);
  if (!found) return undefined;
  return asOrganisation(organisation, async (db) => {
    const counts = await countMails(db, slug, month);
    return {
      ...found,
      holders: await listHolders(db, slug, month, most),
      mails: Object.fromEntries(counts.map((c) => [c.state, c.mails])),
    };
  });
}

/** Notes that somebody was handed the sheet that is out. */
export async function handSheet(organisation: string, slug: string, month: string, participant: string): Promise<Stepped> {
  return asOrganisation(organisation, async (db) => {
    const out = (await listReleases(db, slug)).find((r) => r.month === month && r.state === 'released');
    if (!out) return refused(words.itIsNotOutSo);
    if ((await somePeople(db, slug, [participant])).length === 0) return missing;
    await noteHeld(db, slug, { people: [participant], month, version: out.version, way: 'hand', at: now() });
    return done;
  });
}

type Found = NonNullable<Awaited<ReturnType<typeof monthIn>>>;

async function monthIn(db: pg.ClientBase, slug: string, id: string, lock = false) {
  const stored = await (lock ? lockProgramme : findProgramme)(db, slug);
  const programme = stored && !stored.removed ? programmeIn(stored.document) : undefined;
  const month = programme?.months.find((m) => m.id === id);
  return stored && programme && month ? { document: stored.document, revision: stored.revision, programme, month } : undefined;
}

async function pointsOf(db: pg.ClientBase, slug: string, { document, programme, month }: Found): Promise<ProofPoint[]> {
  const sample = await newestSample(db, slug, month.id);
  const sewn = sample && (await findRevision(db, slug, sample.revision));
  const sinceSample =
    sewn && changesBetween(sewn, document, month.id).flatMap((c) => c.says.map((s) => `${c.colourway}: ${s}`));
  const missed = sample && missedSizes(readSizes(sample.measured, programme.unit), programme.unit);
  const group = groupOf(await groupSizes(db, slug, programme), programme.unit);
  return proofPoints(programme, month, {
    ...{ sinceSample, missed, today: todayIn(programme.calendar.timeZone) },
    ...(group.persons > 0 && { people: group.people }),
  });
}

export type Stepped = { kind: 'done' } | { kind: 'missing' } | { kind: 'refused'; message: string };
const missing: Stepped = { kind: 'missing' };
const done: Stepped = { kind: 'done' };
const refused = (message: string): Stepped => ({ kind: 'refused', message });

/** Notes that everything was looked at, and freezes the sheet as it stands. `checks` are the points that were ticked. */
export async function proofMonth(organisation: string, slug: string, monthId: string, checks: string[]): Promise<Stepped> {
  return asOrganisation(organisation, async (db) => {
    const found = await monthIn(db, slug, monthId, true);
    if (!found) return missing;
    const points = await pointsOf(db, slug, found);
    const stop = points.find((p) => p.stops);
    if (stop) return refused(`${stop.asks}: ${stop.says.join(' ')}`);
    const left = points.find((p) => !checks.includes(p.id));
    if (left) return refused(words.isNotTickedYet(left.asks));
    if ((await listReleases(db, slug)).some((r) => r.month === monthId && r.state === 'released'))
      return refused(words.itIsOutAlreadyWhat);
    return freeze(db, slug, monthId, { checks, at: now() });
  });
}

/** Freezes the month as it stands and notes it as proofed. */
export async function freeze(
  db: pg.ClientBase,
  slug: string,
  month: string,
  { checks, at }: { checks: string[]; at: Date },
): Promise<Stepped> {
  const published = await publishIn(db, slug, month, at);
  if (published.kind === 'missing') return missing;
  await markProofed(db, slug, { month, version: published.version, checks, at });
  return done;
}

/** Sets a proofed month to go out at its minute. */
export async function scheduleMonth(organisation: string, slug: string, monthId: string): Promise<Stepped> {
  return asOrganisation(organisation, async (db) => {
    const found = await monthIn(db, slug, monthId, true);
    if (!found) return missing;
    const { month, programme } = found;
    if (!month.release) return refused(words.itHasNoDayYet);
    const due = new Date(releaseInstant(month.release, programme.calendar));
    return (await setDue(db, slug, monthId, due)) ? done : refused(words.itIsNotProofedOr);
  });
}

/** Takes a schedule back; the month stays proofed. */
export async function unscheduleMonth(organisation: string, slug: string, month: string): Promise<Stepped> {
  return asOrganisation(organisation, async (db) =>
    (await setDue(db, slug, month, null)) ? done : refused(words.itIsNotScheduledOr),
  );
}

/** Makes a month a draft again. */
export async function redraftMonth(organisation: string, slug: string, month: string): Promise<Stepped> {
  return asOrganisation(organisation, async (db) => ((await unproof(db, slug, month)) ? done : refused(words.itIsADraftOr)));
}

/** Releases a proofed month now, before its minute. */
export async function releaseNow(organisation: string, slug: string, month: string): Promise<Stepped> {
  return asOrganisation(organisation, async (db) => {
    if (!(await lockProgramme(db, slug))) return missing;
    return (await release(db, slug, month, now())) ? done : refused(words.itIsNotProofedOr);
  }).catch((error: unknown): Stepped => {
    if (isHttpError(error)) throw error;
    log('error', 'release', { organisation, month, ...said(error) });
    return refused(words.itCouldNotGoOut);
  });
}

/**
 * Releases everything of an organisation whose minute has come; how many months. Each is a transaction of its own; one that fails is set aside, said in the log and
 * on the desk, and tried again later and later.
 */
export async function releaseDue(organisation: string): Promise<number> {
  const at = now();
  const due = await asOrganisation(organisation, (db) => dueReleases(db, at));
  let out = 0;
  for (const { slug, month } of due)
    try {
      const gone = await asOrganisation(organisation, async (db) => {
        await lockProgramme(db, slug);
        return release(db, slug, month, at);
      });
      if (!gone) continue;
      out += 1;
      noteRelease('out');
    } catch (error) {
      if (isAway(error, 'database')) throw error;
      const tries = await asOrganisation(organisation, (db) => setAside(db, slug, month, at));
      noteRelease('set aside');
      log('error', 'release', { organisation, month, tries, ...said(error) });
    }
  return out;
}

/** Releases a month and writes to everybody who takes part, all or nothing; false where it is out already or was never proofed. */
export async function release(db: pg.ClientBase, slug: string, month: string, at: Date): Promise<boolean> {
  const version = await markReleased(db, slug, month, at);
  if (version === undefined) return false;
  const people = (await allPeople(db, slug)).filter((p) => p.state === 'in' && p.email);
  await writeRelease(db, slug, { month, version, people, at });
  return true;
}

/** Puts the release's letter to these people into the box; how many of them had not been written to. */
async function writeRelease(
  db: pg.ClientBase,
  slug: string,
  { month, version, people, at }: { month: string; version: number; people: readonly StoredPerson[]; at: Date },
): Promise<number> {
  const document = (await findVersion(db, slug, month, version))!;
  const programme = programmeIn(document);
  if (!programme) throw new Error(`version ${version} of ${month} cannot be read`);
  const known = programme.months.find((m) => m.id === month)!;
  const homeworkOf = ({ colourway, size }: StoredPerson) =>
    homeworkWords(
      programme,
      known,
      programme.colourways.find((c) => c.id === colourway),
      programme.sizes.find((s) => s.id === size),
    );
  const [from, language] = [await organisationName(db), await organisationLanguage(db)];
  const mails = people.map((person): NewMail => {
    const letter = spokenIn(languageFor(person.sheet, language), () =>
      releaseLetter(person, {
        ...aboutMonth(programme, month, person, from),
        ...{ homework: homeworkOf(person), next: nextDay(programme, month), comes: comesTo(programme, known, person) },
      }),
    );
    return {
      ...letter,
      ...{ participant: person.id, once: `release ${month} ${person.id}`, month, version },
      ...{ recipient: person.email, withSheet: true },
    };
  });
  return writeMails(db, slug, mails, at);
}

/** Sends a month that is out to whoever joined since: those who hold no version of it and were never written to about it. */
export async function sendLate(organisation: string, slug: string, month: string): Promise<Stepped> {
  return asOrganisation(organisation, async (db) => {
    const out = (await listReleases(db, slug)).find((r) => r.month === month && r.state === 'released');
    if (!out) return refused(words.notReleasedYetEveryoneWill);
    const late = (await listHolders(db, slug, month)).filter((h) => h.late).map((h) => h.participant);
    const people = await somePeople(db, slug, late);
    const sent = await writeRelease(db, slug, { month, version: out.version, people, at: now() });
    return sent > 0 ? done : refused(words.everybodyWhoHasAMail);
  });
}

/** How somebody gets the fabric for a month. */
function comesTo(programme: Programme, month: Month, { kit, handing }: StoredPerson): FabricComes {
  const way = wayOf[kit || programme.kits.kind];
  if (!handsOut(programme, month) && !madeAhead(programme, month)) return 'none';
  if (way === 'list') return 'own';
  if (packetOfMonth(programme, month).at > 0) return 'kept';
  if (handing === 'post') return 'post';
  return way === 'pieces' ? 'bag' : 'collect';
}

/** The day of the next release that hands something out, as people read it; '' where there is none. */
function nextDay(programme: Programme, monthId: string): string {
  const after = programme.months.slice(programme.months.findIndex((m) => m.id === monthId) + 1);
  const next: Month | undefined = after.find((m) => m.release && hasSheet(programme, m));
  return dayText(next?.release, spokenTag(), 'plain');
}
