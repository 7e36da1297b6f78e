/** What a participant's own page reads and writes. */
import type { ProgressStep, WrittenSize } from '@aggrega/core/running';
import type pg from 'pg';
import type { Filing } from './files';

export interface OwnRows {
  progress: { month: string; step: ProgressStep }[];
  held: { month: string; version: number }[];
  kits: { month: string; state: 'cut' | 'packed' | 'handed' }[];
  pictures: { id: string; month: string; taken: Date }[];
  measurements: { id: string; month: string; sizes: WrittenSize[]; sent: Date }[];
  questions: { id: string; month: string; asks: string; asked: Date; answer: string; answered: Date | null }[];
}

const PROGRESS = `select month, step from progress where participant_id = $1`;
const HELD = `select month, max(version) as version from sheet_held where participant_id = $1 group by month`;
const KITS = `select month, state from kit where participant_id = $1`;
const PICTURES = `select id, month, taken_at as taken from picture where participant_id = $1 order by taken_at desc, id`;
const MEASUREMENTS = `select id, month, sizes, sent_at as sent from measurement where participant_id = $1 order by sent_at desc, id`;
const QUESTIONS = `
  select id, month, asks, asked_at as asked, answer, answered_at as answered from question where participant_id = $1 order by asked_at desc, id`;

/** Everything of a person that her page shows. */
export async function ownRows(db: pg.ClientBase, participant: string): Promise<OwnRows> {
  const rows = async <T extends pg.QueryResultRow>(sql: string) => (await db.query<T>(sql, [participant])).rows;
  return {
    progress: await rows(PROGRESS),
    held: await rows(HELD),
    kits: await rows(KITS),
    pictures: await rows(PICTURES),
    measurements: await rows(MEASUREMENTS),
    questions: await rows(QUESTIONS),
  };
}

const TICK = `
  insert into progress (organisation_id, programme_id, participant_id, month, step, done_at)
  select organisation_id, programme_id, id, $2, $3, $4 from participant where id = $1 on conflict do nothing`;
const UNTICK = `delete from progress where participant_id = $1 and month = $2 and step = $3`;

/** Ticks a step of a month, or takes the tick back. */
export async function setProgress(
  db: pg.ClientBase,
  participant: string,
  { month, step, done, at }: { month: string; step: ProgressStep; done: boolean; at: Date },
): Promise<void> {
  if (done) await db.query(TICK, [participant, month, step, at]);
  else await db.query(UNTICK, [participant, month, step]);
}

const ASK = `
  insert into question (organisation_id, programme_id, participant_id, month, asks, asked_at)
  select organisation_id, programme_id, id, $2, $3, $4 from participant where id = $1`;
const OPEN = `select count(*)::int as open from question where participant_id = $1 and answered_at is null`;

/** Asks the organiser something. */
export async function insertQuestion(
  db: pg.ClientBase,
  participant: string,
  month: string,
  asks: string,
  at: Date,
): Promise<void> {
  await db.query(ASK, [participant, month, asks, at]);
}
/** How many of her questions wait for an answer. */
export async function openQuestions(db: pg.ClientBase, participant: string): Promise<number> {
  return (await db.query<{ open: number }>(OPEN, [participant])).rows[0]!.open;
}

const ADD_PICTURE = `
  insert into picture (organisation_id, programme_id, participant_id, month, jpeg, taken_at)
  select organisation_id, programme_id, id, $2, $3, $4 from participant where id = $1`;
const REMOVE_PICTURE = `delete from picture where participant_id = $1 and id = $2`;
const COUNT_PICTURES = `select count(*)::int as pictures from picture where participant_id = $1`;

/** Keeps a picture of what she has sewn. */
export async function insertPicture(
  db: pg.ClientBase,
  participant: string,
  month: string,
  jpeg: Buffer,
  at: Date,
): Promise<void> {
  await db.query(ADD_PICTURE, [participant, month, jpeg, at]);
}
/** Takes one of her pictures away; false where it is not hers. */
export async function deletePicture(db: pg.ClientBase, participant: string, id: string): Promise<boolean> {
  return (await db.query(REMOVE_PICTURE, [participant, id])).rowCount === 1;
}
/** How many pictures she has. */
export async function countPictures(db: pg.ClientBase, participant: string): Promise<number> {
  return (await db.query<{ pictures: number }>(COUNT_PICTURES, [participant])).rows[0]!.pictures;
}

const SEND = `
  insert into measurement (organisation_id, programme_id, participant_id, month, sizes, sent_at)
  select organisation_id, programme_id, id, $2, $3, $4 from participant where id = $1`;
const TAKE_BACK = `delete from measurement where participant_id = $1 and id = $2`;
const COUNT_MEASUREMENTS = `select count(*)::int as measurements from measurement where participant_id = $1`;

/** Sends sizes that she measured to the organiser. */
export async function insertMeasurement(
  db: pg.ClientBase,
  participant: string,
  { month, sizes, at }: { month: string; sizes: readonly WrittenSize[]; at: Date },
): Promise<void> {
  await db.query(SEND, [participant, month, JSON.stringify(sizes), at]);
}
/** Takes sizes back; false where they are not hers. */
export async function deleteMeasurement(db: pg.ClientBase, participant: string, id: string): Promise<boolean> {
  return (await db.query(TAKE_BACK, [participant, id])).rowCount === 1;
}
/** How many measurements she has sent. */
export async function countMeasurements(db: pg.ClientBase, participant: string): Promise<number> {
  return (await db.query<{ measurements: number }>(COUNT_MEASUREMENTS, [participant])).rows[0]!.measurements;
}

/** Who sees her pictures: she alone, the organiser too, or the group as well. */
export type PicturesFor = 'me' | 'organiser' | 'group';

const SHOWS = `update participant set shows = $2, seen = $3 where id = $1`;
/** Who sees her pictures. */
export async function setPicturesFor(db: pg.ClientBase, participant: string, whom: PicturesFor): Promise<void> {
  await db.query(SHOWS, [participant, whom === 'group', whom !== 'me']);
}

const SHEET = `update participant set sheet = $2 where id = $1`;
/** How her sheets are set. */
export async function setSheet(db: pg.ClientBase, participant: string, sheet: string): Promise<void> {
  await db.query(SHEET, [participant, sheet]);
}

export interface GalleryPicture {
  id: string;
  month: string;
  name: string;
  colourway: string;
}

const GALLERY = `
  select i.id, i.month, t.name, t.colourway from picture i
  join participant t on t.programme_id = i.programme_id and t.id = i.participant_id
  join programme p on p.id = i.programme_id
  join release r on r.programme_id = i.programme_id and r.month = i.month and r.state = 'released'
  where slug = $1 and shows and t.state <> 'waiting' order by i.month, taken_at desc, i.id limit 500`;

/** Pictures of those who agreed, of months that are out. */
export async function galleryOf(db: pg.ClientBase, slug: string): Promise<GalleryPicture[]> {
  return (await db.query<GalleryPicture>(GALLERY, [slug])).rows;
}

const PICTURE = `
  select jpeg, object from picture i join participant t on t.programme_id = i.programme_id and t.id = i.participant_id
  join programme p on p.id = i.programme_id
  where slug = $1 and i.id = $3 and (i.participant_id = $2 or (shows and exists (
    select 1 from release r where r.programme_id = i.programme_id and r.month = i.month and r.state = 'released')))`;

/** Where a picture stands that this person may see: her own, or one of the gallery. */
export async function pictureFor(
  db: pg.ClientBase,
  slug: string,
  participant: string,
  id: string,
): Promise<Filing | undefined> {
  return (await db.query<Filing>(PICTURE, [slug, participant, id])).rows[0];
}
