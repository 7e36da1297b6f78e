/** The desk of a house: its programmes, how far each is, and what of them needs a hand. */
import { dominantColour } from '$lib/frame/programme-view';
import { neededAt } from '$lib/frame/stations';
import { readingOf } from '$lib/ask/reading';
import { handsOut, type Month, type Programme } from '@aggrega/core/programme';
import { deskTasks, type DeskChecks, type DeskFacts, type DeskTask } from '@aggrega/core/running';
import type pg from 'pg';
import { may, type Role } from '../auth/roles';
import { now, todayIn } from '../clock';
import { countMailBack, openQuestions, peopleBehind, sewnMonths, unpaidNames, type Behind } from '../db/desk';
import { countKits } from '../db/kits';
import { organisationName } from '../db/organisations';
import { asOrganisation } from '../db/pool';
import { findProgramme, listProgrammes, type StoredProgramme } from '../db/programmes';
import { listReleases } from '../db/releases';
import { planned } from '../planner/ask';
import { words } from './words';

export interface DeskMonth {
  id: string;
  name: string;
  number: number;
  /** Of its dominant fabric; undefined while nothing is drawn. */
  colour?: string;
  state: 'draft' | 'proofed' | 'scheduled' | 'released';
}

export interface DeskProgramme {
  slug: string;
  title: string;
  today: string;
  people: number;
  months: DeskMonth[];
  /** What comes out next. */
  next?: { name: string; day: string };
  /** Whether there is a quilt to show. */
  quilt: boolean;
  tasks: DeskTask[];
  /** A document that newer checks refuse has no tasks, but why. */
  trouble?: string;
}

export interface Desk {
  programmes: DeskProgramme[];
  /** Put aside. */
  archived: { slug: string; title: string }[];
}

/** Months that are not done, the newest left out, from which somebody is behind. */
const BEHIND_BY = 2;

/** What of a desk a role may see: its tasks, and where they are done. */
const seenBy = (role: Role | undefined, tasks: DeskTask[]) =>
  tasks.filter(({ station, month }) => may(role, neededAt(month ? ['months', month, station] : [station]) ?? 'own'));

/** Everything that is known at once; what takes longer is asked for programme by programme, with `checkedTasks`. */
export async function deskOf(organisation: string, role: Role | undefined): Promise<Desk> {
  return asOrganisation(organisation, async (db) => {
    const stored = await listProgrammes(db);
    const programmes: DeskProgramme[] = [];
    for (const one of stored.filter((s) => !s.removed)) programmes.push(await deskProgramme(db, one, role));
    return {
      programmes: programmes.sort((a, b) => (a.tasks[0]?.days ?? 99) - (b.tasks[0]?.days ?? 99)),
      archived: stored.filter((s) => s.removed).map(({ slug, title }) => ({ slug, title })),
    };
  });
}

/** One programme's part of it; undefined where there is none. */
export async function deskOfProgramme(
  organisation: string,
  slug: string,
  role: Role | undefined,
): Promise<DeskProgramme | undefined> {
  return asOrganisation(organisation, async (db) => {
    const stored = await findProgramme(db, slug);
    return stored && !stored.removed ? deskProgramme(db, stored, role) : undefined;
  });
}

async function deskProgramme(db: pg.ClientBase, stored: StoredProgramme, role: Role | undefined): Promise<DeskProgramme> {
  const { slug, title, document } = stored;
  const today = todayIn(document.calendar?.timeZone ?? 'UTC');
  const reading = readingOf(document);
  if (!reading.ok) {
    const trouble = words.cantBeRead(reading.errors[0]!.message);
    return { slug, title, today, people: 0, months: [], quilt: false, tasks: [], trouble };
  }
  const { programme } = reading;
  const facts = await factsOf(db, slug, programme, today);
  const { colourways, months, setting } = programme;
  const next = months.find((m) => m.release && m.release >= today && facts.releases.get(m.id) !== 'released');
  return {
    ...{ slug, title, today },
    people: [...programme.participants.values()].reduce((a, b) => a + b, 0),
    months: months.map((month, i) => ({
      ...{ id: month.id, name: month.name, number: i + 1, state: facts.releases.get(month.id) ?? 'draft' },
      colour: dominantColour(programme, month, colourways[0]!),
    })),
    ...(next && { next: { name: next.name, day: next.release! } }),
    quilt: setting !== undefined && months.some((m) => m.blocks.length > 0),
    tasks: seenBy(role, deskTasks(programme, facts)),
  };
}

async function factsOf(db: pg.ClientBase, slug: string, programme: Programme, today: string) {
  const rows = await listReleases(db, slug);
  const releases = new Map(rows.map((r) => [r.month, r.state]));
  const stuck = new Set(rows.filter((r) => r.state === 'scheduled' && r.tries > 0).map((r) => r.month));
  const out = programme.months.filter((m) => releases.get(m.id) === 'released');
  const newest = out.at(-1);
  const paid = newest ? programme.months.slice(programme.months.indexOf(newest)).map((m) => m.id) : [];
  return {
    ...{ today, releases, stuck },
    kits: await countKits(db, slug, packetsOf(programme), programme.kits.kind),
    sewn: new Set(await sewnMonths(db, slug)),
    questions: (await openQuestions(db, slug)).map(({ asked, ...q }) => ({
      ...q,
      asked: todayIn(programme.calendar.timeZone, asked),
    })),
    mailBack: await countMailBack(db, slug),
    unpaid: newest ? await unpaidNames(db, slug, paid) : [],
    behind: (await behindIn(db, slug, programme, releases)).map((p) => p.name),
  };
}

const packetsOf = (programme: Programme) =>
  programme.kits.packets.filter((p) => p.some((m) => handsOut(programme, m))).map((p) => p[0]!.id);

/** Who is behind by months that are out, the newest left out: it has only just come. */
export function behindIn(
  db: pg.ClientBase,
  slug: string,
  programme: Programme,
  releases: ReadonlyMap<string, string>,
): Promise<Behind[]> {
  const out = programme.months.filter((m) => m.blocks.length > 0 && releases.get(m.id) === 'released');
  return peopleBehind(
    db,
    slug,
    out.slice(0, -1).map((m) => m.id),
    BEHIND_BY,
  );
}

/** As a programme's tasks, with what would spoil kits and what has to be ordered: worked out by the planning thread, once for a document. */
export async function checkedTasks(
  organisation: string,
  slug: string,
  role: Role | undefined,
): Promise<DeskTask[] | undefined> {
  const found = await asOrganisation(organisation, async (db) => {
    const stored = await findProgramme(db, slug);
    const reading = stored && !stored.removed ? readingOf(stored.document) : undefined;
    if (!stored || !reading?.ok) return undefined;
    const { programme } = reading;
    const today = todayIn(programme.calendar.timeZone, now());
    return { document: stored.document, programme, facts: await factsOf(db, slug, programme, today) };
  });
  if (!found) return undefined;
  const { document, programme, facts } = found;
  const ahead = (m: Month) => !facts.releases.has(m.id);
  const done = await planned({
    ...{ kind: 'desk', document },
    months: programme.months
      .filter((m) => ahead(m) && m.blocks.length > 0)
      .map((m) => m.id)
      .slice(0, CHECKED),
    packets: toBeCut(programme, facts),
  });
  if ('refused' in done) return seenBy(role, deskTasks(programme, facts));
  return seenBy(role, deskTasks(programme, { ...facts, checked: JSON.parse(done.body!) as DeskChecks }));
}

/** Sheets that are looked through: those of the next months. */
const CHECKED = 3;

/** Packets that are not out and of which some kits are still to be cut. Who joined since is cut for with what comes next. */
function toBeCut(programme: Programme, { kits, releases }: Pick<DeskFacts, 'kits' | 'releases'>): number[] {
  const planned = new Set(kits.filter((k) => k.state === 'planned').map((k) => k.month));
  return programme.kits.packets.flatMap(([first], i) =>
    releases.get(first!.id) !== 'released' && (planned.has(first!.id) || kits.length === 0) ? [i] : [],
  );
}

export interface DayTask extends DeskTask {
  slug: string;
  programme: string;
  /** The day that `days` counts from. */
  today: string;
}

/** Every task of a house, looked through, as who organises sees it. */
export async function deskDays(organisation: string, role: Role = 'organiser'): Promise<{ house: string; tasks: DayTask[] }> {
  const { programmes } = await deskOf(organisation, role);
  const tasks: DayTask[] = [];
  for (const { slug, title, today, trouble } of programmes)
    if (!trouble)
      for (const task of (await checkedTasks(organisation, slug, role)) ?? [])
        tasks.push({ ...task, slug, programme: title, today });
  return { house: await asOrganisation(organisation, organisationName), tasks: tasks.sort((a, b) => a.days - b.days) };
}
