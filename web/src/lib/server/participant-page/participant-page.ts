/**
 * A participant's own page, by her private link: what is out, and nothing of what is not. Of a month that is not out she is told its number and
 * its day; everything else here is read from versions that were released.
 */
import { words } from './words';
import { lettersOf, lettersOfMonths, monthTitle, type Colourway, type Programme } from '@aggrega/core/programme';
import { homeworkWords } from '@aggrega/core/sheet';
import {
  catchUp,
  monthMinutes,
  progressSteps,
  type CatchUpWeek,
  type ProgressStep,
  type WrittenSize,
} from '@aggrega/core/running';
import type { StepMinutes } from '@aggrega/core/construction';
import type pg from 'pg';
import { now, todayIn } from '../clock';
import { noteHeld } from '../db/held';
import { bytesOf } from '../files/store';
import {
  countMeasurements,
  countPictures,
  deleteMeasurement,
  deletePicture,
  galleryOf,
  insertMeasurement,
  insertPicture,
  insertQuestion,
  openQuestions,
  ownRows,
  pictureFor,
  setProgress,
  setSheet,
  setPicturesFor,
  type GalleryPicture,
  type OwnRows,
  type PicturesFor,
} from '../db/participant-page';
import { personByLink, type StoredPerson } from '../db/participants';
import { asOrganisation } from '../db/pool';
import { newestRevision } from '../db/programmes';
import { listReleases } from '../db/releases';
import { frozenProgramme } from '../programme/frozen';
import { paceIn } from '../test-blocks/samples';
import { linkHash, organisationOfKey } from './private-link';
import { cleanPicture } from './pictures';

/** Whose page it is, and on whose behalf it is read. */
export interface OpenPage {
  organisation: string;
  slug: string;
  person: StoredPerson;
}

/** The page that a link opens, or undefined: the link was never made, or was ended. */
export async function openPage(key: string): Promise<OpenPage | undefined> {
  const organisation = organisationOfKey(key);
  if (!organisation) return undefined;
  const found = await asOrganisation(organisation, (db) => personByLink(db, linkHash(key)));
  return found && { organisation, slug: found.slug, person: found };
}

export interface ShownMonth {
  id: string;
  name: string;
  released: Date;
  version: number;
  /** The newest version that she held before; less than `version` when hers is out of date. */
  held: number;
  homework: string;
  minutes: StepMinutes;
  done: ProgressStep[];
  kit: 'to come' | 'ready' | 'handed' | 'none';
}

export interface ParticipantView {
  title: string;
  contact: string;
  name: string;
  colourway: string;
  size: string;
  left: boolean;
  sheet: string;
  picturesFor: PicturesFor;
  today: string;
  /** What the house sews. */
  seam: number;
  unit: 'in' | 'cm';
  months: ShownMonth[];
  /** Weeks to catch up in, for whoever is behind by more than a month: by the hours that she has in a week. */
  catchingUp: { hours: number; weeks: CatchUpWeek[] }[];
  /** What is still to come: its place in the year and its day, no more. */
  ahead: { number: number; day: string }[];
  fabrics: { letters: string; name: string; sku: string; colour: string }[];
  pictures: OwnRows['pictures'];
  measurements: OwnRows['measurements'];
  questions: OwnRows['questions'];
  gallery: number;
}

/** A month that is out for her, with the programme as it was frozen. */
export interface ReleasedMonth {
  month: string;
  version: number;
  /** When that version was made, and when the month went out. */
  published: Date;
  released: Date;
  programme: Programme;
  /** All months that are out for her. */
  out: ReadonlySet<string>;
  /** A name for the programme as it is shown, which no other has. */
  key: string;
}

/** The months that are out for a person, in the order of the year. Who has left sees those that were out by then. */
export async function releasedFor(db: pg.ClientBase, { slug, person }: OpenPage): Promise<ReleasedMonth[]> {
  const out = (await listReleases(db, slug)).filter((r) => r.state === 'released' && r.released !== null);
  const hers = out.filter(
    (r) => !(person.state === 'left' && person.left && r.released!.toISOString().slice(0, 10) > person.left),
  );
  const names = new Set(hers.map((r) => r.month));
  const found: ReleasedMonth[] = [];
  for (const { month, version, published, released, revision, programme: id } of hers) {
    const programme = await frozenProgramme(db, { slug, revision, out: names });
    if (programme)
      found.push({
        month,
        version,
        published,
        released: released!,
        programme,
        out: names,
        key: [id, revision, ...[...names].sort()].join(' '),
      });
  }
  return found.sort((a, b) => placeOf(a) - placeOf(b));
}

const placeOf = ({ programme, month }: ReleasedMonth) => programme.months.findIndex((m) => m.id === month);
const colourwayOf = (programme: Programme, person: StoredPerson): Colourway | undefined =>
  programme.colourways.find((c) => c.id === person.colourway);

/** Everything on her page. */
export async function participantView(page: OpenPage): Promise<ParticipantView | undefined> {
  const { organisation, slug, person } = page;
  return asOrganisation(organisation, async (db) => {
    const released = await releasedFor(db, page);
    const shown = new Set(released.map((r) => r.month));
    const current = await frozenProgramme(db, { slug, revision: await newestRevision(db, slug), out: shown });
    if (!current) return undefined;
    const own = await ownRows(db, person.id);
    const pace = await paceIn(db, slug, current);
    const packetOf = new Map(current.kits.packets.flatMap((p) => p.map((m) => [m.id, p[0]!.id] as const)));
    const kitOf = (month: string): ShownMonth['kit'] => {
      if ((person.kit || current.kits.kind) === 'list') return 'none';
      const kit = own.kits.find((k) => k.month === packetOf.get(month));
      return kit?.state === 'handed' ? 'handed' : kit?.state === 'packed' ? 'ready' : 'to come';
    };
    const months = released.flatMap(({ month, version, released: at, programme }): ShownMonth[] => {
      const known = programme.months.find((m) => m.id === month);
      const colourway = colourwayOf(programme, person);
      if (!known || !colourway) return [];
      const size = programme.sizes.find((s) => s.id === person.size);
      return [
        {
          ...{
            id: month,
            name: monthTitle(known),
            released: at,
            version,
            homework: homeworkWords(programme, known, colourway, size),
            kit: kitOf(month),
          },
          held: own.held.find((h) => h.month === month)?.version ?? 0,
          minutes: paced(monthMinutes(programme, known, colourway, size), pace),
          done: progressSteps.filter((step) => own.progress.some((p) => p.month === month && p.step === step)),
        },
      ];
    });
    const newest = released.at(-1)?.programme;
    const today = todayIn(current.calendar.timeZone);
    return {
      // Titles and where to ask are no secret; everything of the months comes from what is out.
      ...{ title: current.title, contact: current.contact, name: person.name, left: person.state === 'left' },
      colourway: colourwayOf(current, person)?.name ?? person.colourway,
      size: current.sizes.find((s) => s.id === person.size)?.name ?? '',
      ...{
        sheet: person.sheet,
        picturesFor: person.shows ? 'group' : person.seen ? 'organiser' : 'me',
        today,
      },
      ...{ seam: current.house.seam.valueOf(), unit: current.unit },
      months,
      catchingUp: catchingUp(months, today),
      ahead: current.months.flatMap((m, i) =>
        !shown.has(m.id) && m.release && person.state === 'in' ? [{ number: i + 1, day: m.release }] : [],
      ),
      fabrics: newest ? fabricsOf(released, person) : [],
      pictures: own.pictures.filter((p) => shown.has(p.month)),
      ...{ questions: own.questions, measurements: own.measurements },
      gallery: (await galleryOf(db, slug)).length,
    };
  });
}

/** Hours a week that somebody may have. */
const HOURS = [1, 2, 3, 4, 6, 8, 12];

function catchingUp(months: readonly ShownMonth[], today: string): ParticipantView['catchingUp'] {
  const toDo = months.filter((m) => m.done.length < progressSteps.length).map((m) => ({ ...m, done: new Set(m.done) }));
  return toDo.length > 1 ? HOURS.map((hours) => ({ hours, weeks: catchUp(toDo, { hours, today }) })) : [];
}

const paced = ({ cut, units, block }: StepMinutes, pace: number): StepMinutes => ({
  cut: cut * pace,
  units: units * pace,
  block: block * pace,
});

/** Letters and fabrics of her colourway that what is out uses; the newest month that uses a letter says its fabric. */
function fabricsOf(released: readonly ReleasedMonth[], person: StoredPerson): ParticipantView['fabrics'] {
  const found = new Map<string, ParticipantView['fabrics'][number]>();
  for (const { programme, month } of released) {
    const colourway = colourwayOf(programme, person);
    const own = programme.months.filter((m) => m.id === month);
    const used = lettersOfMonths(own, programme.sizes.find((s) => s.id === person.size)?.setting ?? programme.setting);
    for (const [role, fabric] of colourway ? lettersOf(colourway) : [])
      for (const f of used.has(role) ? (colourway!.pools.get(role)?.fabrics ?? [fabric]) : [])
        found.set(`${role} ${f.id}`, { letters: role, name: f.name, sku: f.sku, colour: f.own ? '' : f.colour });
  }
  return [...found.values()].sort((a, b) => (a.letters < b.letters ? -1 : a.letters > b.letters ? 1 : 0));
}

/** A month that is out for her, or undefined. Looking at it is holding it. */
export async function openMonth(page: OpenPage, month: string): Promise<ReleasedMonth | undefined> {
  return asOrganisation(page.organisation, async (db) => {
    const found = (await releasedFor(db, page)).find((r) => r.month === month);
    if (found)
      await noteHeld(db, page.slug, { people: [page.person.id], month, version: found.version, way: 'page', at: now() });
    return found;
  });
}

const isOut = async (db: pg.ClientBase, page: OpenPage, month: string) =>
  (await releasedFor(db, page)).some((r) => r.month === month);

/** Ticks a step of a month that is out; false where it is not. */
export async function tickProgress(
  page: OpenPage,
  tick: { month: string; step: ProgressStep; done: boolean },
): Promise<boolean> {
  return asOrganisation(page.organisation, async (db) => {
    if (!(await isOut(db, page, tick.month))) return false;
    await setProgress(db, page.person.id, { ...tick, at: now() });
    return true;
  });
}

/** Questions that may wait for an answer at once. */
const MOST_OPEN = 20;

/** Asks the organiser; a sentence where that cannot be. */
export async function askOrganiser(
  page: OpenPage,
  { month, asks }: { month: string; asks: string },
): Promise<string | undefined> {
  return asOrganisation(page.organisation, async (db) => {
    if ((await openQuestions(db, page.person.id)) >= MOST_OPEN) return words.twentyOfYourQuestionsWait;
    const known = month === '' || (await isOut(db, page, month));
    await insertQuestion(db, page.person.id, known ? month : '', asks, now());
    return undefined;
  });
}

const MOST_PICTURES = 60;

/** Keeps a picture of a month that is out; a sentence where it cannot be taken. */
export async function keepPicture(page: OpenPage, month: string, sent: Uint8Array): Promise<string | undefined> {
  const picture = await cleanPicture(sent);
  if ('refused' in picture) return picture.refused;
  return asOrganisation(page.organisation, async (db) => {
    if (!(await isOut(db, page, month))) return words.weCantFindThatMonth;
    if ((await countPictures(db, page.person.id)) >= MOST_PICTURES) return words.picturesAreKeptAtMost(MOST_PICTURES);
    await insertPicture(db, page.person.id, month, picture.jpeg, now());
    return undefined;
  });
}

/** Takes one of her pictures away. */
export const takePictureAway = (page: OpenPage, id: string): Promise<boolean> =>
  asOrganisation(page.organisation, (db) => deletePicture(db, page.person.id, id));

const MOST_MEASUREMENTS = 60;

/** Sends sizes that she measured to the organiser; a sentence where that cannot be. */
export async function sendMeasurement(
  page: OpenPage,
  { month, sizes }: { month: string; sizes: WrittenSize[] },
): Promise<string | undefined> {
  return asOrganisation(page.organisation, async (db) => {
    if ((await countMeasurements(db, page.person.id)) >= MOST_MEASUREMENTS)
      return words.measurementsAreKeptAtMost(MOST_MEASUREMENTS);
    const known = month === '' || (await isOut(db, page, month));
    await insertMeasurement(db, page.person.id, { month: known ? month : '', sizes, at: now() });
    return undefined;
  });
}

/** Takes sizes back that she sent. */
export const takeMeasurementBack = (page: OpenPage, id: string): Promise<boolean> =>
  asOrganisation(page.organisation, (db) => deleteMeasurement(db, page.person.id, id));

/** Sets who sees her pictures, or how her sheets are set. */
export const setOwn = (page: OpenPage, { picturesFor, sheet }: { picturesFor?: PicturesFor; sheet?: string }): Promise<void> =>
  asOrganisation(page.organisation, async (db) => {
    if (picturesFor !== undefined) await setPicturesFor(db, page.person.id, picturesFor);
    if (sheet !== undefined) await setSheet(db, page.person.id, sheet);
  });

/** Pictures of those who agreed, of months that are out for her. */
export async function galleryFor(
  page: OpenPage,
): Promise<{ months: { id: string; name: string }[]; pictures: GalleryPicture[] }> {
  return asOrganisation(page.organisation, async (db) => {
    const released = await releasedFor(db, page);
    const months = released.map(({ month, programme }) => ({
      id: month,
      name: monthTitle(programme.months.find((m) => m.id === month)!),
    }));
    const pictures = (await galleryOf(db, page.slug)).filter((p) => months.some((m) => m.id === p.month));
    // Others are called by their first names.
    return { months, pictures: pictures.map((p) => ({ ...p, name: p.name.split(/\s+/)[0]! })) };
  });
}

/** A picture that she may see, as JPEG. */
export async function pictureOf(page: OpenPage, id: string): Promise<Buffer | undefined> {
  const found = await asOrganisation(page.organisation, (db) => pictureFor(db, page.slug, page.person.id, id));
  return found && bytesOf(found);
}
