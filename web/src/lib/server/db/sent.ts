/** What participants send and tick, as those who run the programme see it: pictures only of those who agreed. */
import type { WrittenSize } from '@aggrega/core/running';
import type pg from 'pg';
import type { Filing } from './files';

/** What is asked for; '' asks for everything. */
export interface SentQuestion {
  month: string;
  person: string;
}

export interface SentPicture {
  id: string;
  participant: string;
  name: string;
  month: string;
  at: Date;
  /** Shown to the group too. */
  shows: boolean;
}

export interface SentMeasurement {
  id: string;
  participant: string;
  name: string;
  month: string;
  at: Date;
  sizes: WrittenSize[];
}

export interface PersonProgress {
  id: string;
  name: string;
  /** Steps that are ticked, by month. */
  done: Record<string, number>;
}

const MOST = 120;
const ASKED = `p.slug = $1 and ($2 = '' or s.month = $2) and ($3 = '' or t.id::text = $3)`;

const PICTURES = `
  select s.id, t.id as participant, t.name, s.month, taken_at as at, shows from picture s
  join programme p on p.id = s.programme_id join participant t on t.programme_id = s.programme_id and t.id = s.participant_id
  where ${ASKED} and (shows or seen) order by taken_at desc, s.id limit ${MOST}`;
const PRIVATE = `
  select count(*)::int as n from picture s
  join programme p on p.id = s.programme_id join participant t on t.programme_id = s.programme_id and t.id = s.participant_id
  where ${ASKED} and not (shows or seen)`;
const MEASUREMENTS = `
  select s.id, t.id as participant, t.name, s.month, sent_at as at, sizes from measurement s
  join programme p on p.id = s.programme_id join participant t on t.programme_id = s.programme_id and t.id = s.participant_id
  where ${ASKED} order by sent_at desc, s.id limit ${MOST}`;

const values = (slug: string, { month, person }: SentQuestion) => [slug, month, person];

/** Pictures that may be seen, newest first, and how many more are kept private. */
export async function sentPictures(
  db: pg.ClientBase,
  slug: string,
  asked: SentQuestion,
): Promise<{ pictures: SentPicture[]; hidden: number }> {
  const { rows } = await db.query<SentPicture>(PICTURES, values(slug, asked));
  return { pictures: rows, hidden: (await db.query<{ n: number }>(PRIVATE, values(slug, asked))).rows[0]!.n };
}

/** Measurements that were sent, newest first. */
export async function sentMeasurements(db: pg.ClientBase, slug: string, asked: SentQuestion): Promise<SentMeasurement[]> {
  return (await db.query<SentMeasurement>(MEASUREMENTS, values(slug, asked))).rows;
}

const PROGRESS = `
  select t.id, t.name, coalesce((
    select jsonb_object_agg(month, steps) from (
      select month, count(*)::int as steps from progress g where g.programme_id = p.id and g.participant_id = t.id group by month) as m), '{}') as done
  from participant t join programme p on p.id = t.programme_id
  where slug = $1 and t.state = 'in' and ($2 = '' or t.id::text = $2)
  order by (select count(*) from progress g where g.programme_id = p.id and g.participant_id = t.id), lower(t.name), t.id
  limit $3 offset $4`;
const STEPS = `
  select month, step, count(*)::int as people from progress g join programme p on p.id = g.programme_id
  join participant t on t.programme_id = g.programme_id and t.id = g.participant_id
  where slug = $1 and t.state = 'in' group by month, step`;
const SEWING = `select count(*)::int as n from participant t join programme p on p.id = t.programme_id where slug = $1 and t.state = 'in'`;

/** How far people are, whoever has ticked least first. */
export async function progressOf(
  db: pg.ClientBase,
  slug: string,
  { person, most, from }: { person: string; most: number; from: number },
): Promise<PersonProgress[]> {
  return (await db.query<PersonProgress>(PROGRESS, [slug, person, most, from])).rows;
}

/** How many have ticked each step of each month, and how many take part. */
export async function countSteps(
  db: pg.ClientBase,
  slug: string,
): Promise<{ steps: { month: string; step: string; people: number }[]; people: number }> {
  const { rows } = await db.query<{ month: string; step: string; people: number }>(STEPS, [slug]);
  return { steps: rows, people: (await db.query<{ n: number }>(SEWING, [slug])).rows[0]!.n };
}

const PICTURE = `
  select jpeg, object from picture s join programme p on p.id = s.programme_id
  join participant t on t.programme_id = s.programme_id and t.id = s.participant_id
  where p.slug = $1 and s.id = $2 and (shows or seen)`;

/** Where a picture stands that the organiser may see. */
export async function sentPicture(db: pg.ClientBase, slug: string, id: string): Promise<Filing | undefined> {
  return (await db.query<Filing>(PICTURE, [slug, id])).rows[0];
}
