/** Cutting lists that were begun, their steps that are done with what they gave, and what evenings took. */
import type pg from 'pg';
import type { CutPiece } from '@aggrega/core/programme';

export interface BegunList {
  list: string;
  /** Kits that it is for. */
  kits: number;
  /** Steps of earlier lists that it counts as cut, as 'list step'. */
  base: string[];
  /** Minutes by the rates, and what it took. */
  estimated: number;
  minutes: number | null;
}

export interface DoneStep {
  list: string;
  step: string;
  gives: CutPiece[];
}

const LISTS = `
  select list, kits, base, estimated, minutes from cut_list join programme p on p.id = programme_id
  where slug = $1 and place = $2 order by begun_at, list`;

/** The lists begun at a place, oldest first. */
export async function listBegun(db: pg.ClientBase, slug: string, place: string): Promise<BegunList[]> {
  return (await db.query<BegunList>(LISTS, [slug, place])).rows;
}

const STEPS = `
  select list, step, gives from cut_step join programme p on p.id = programme_id
  where slug = $1 and place = $2 order by done_at, list, step`;

/** The steps done at a place, first done first. */
export async function listDone(db: pg.ClientBase, slug: string, place: string): Promise<DoneStep[]> {
  return (await db.query<DoneStep>(STEPS, [slug, place])).rows;
}

const BEGIN = `
  insert into cut_list (organisation_id, programme_id, place, list, kits, base, estimated)
  select organisation_id, id, $2, $3, $4, $5::jsonb, $6 from programme where slug = $1
  on conflict do nothing`;

/** Notes that a list is begun; nothing happens when it was begun before. */
export async function beginList(
  db: pg.ClientBase,
  slug: string,
  place: string,
  begun: Omit<BegunList, 'minutes'>,
): Promise<void> {
  const { list, kits, base, estimated } = begun;
  await db.query(BEGIN, [slug, place, list, kits, JSON.stringify(base), estimated]);
}

const TICK = `
  insert into cut_step (organisation_id, programme_id, place, list, step, gives)
  select organisation_id, id, $2, $3, $4, $5::jsonb from programme where slug = $1
  on conflict do nothing`;

/** Ticks a step; nothing happens when it is ticked already, or when there is no such programme. */
export async function tickStep(db: pg.ClientBase, slug: string, place: string, done: DoneStep): Promise<void> {
  await db.query(TICK, [slug, place, done.list, done.step, JSON.stringify(done.gives)]);
}

const UNTICK = `
  delete from cut_step using programme p where p.id = programme_id and slug = $1 and list = $2 and step = $3
    and not exists (select 1 from cut_list l where l.programme_id = p.id and l.base ? ($2::text || ' ' || $3::text))`;

/** Takes a tick back; one that a later list counts as cut stays. */
export async function untickStep(db: pg.ClientBase, slug: string, list: string, step: string): Promise<void> {
  await db.query(UNTICK, [slug, list, step]);
}

const LOG = `
  update cut_list set minutes = $3 from programme p where p.id = programme_id and slug = $1 and list = $2`;

/** Notes the minutes that a list took, of all hands together; null takes the note back. */
export async function logMinutes(db: pg.ClientBase, slug: string, list: string, minutes: number | null): Promise<void> {
  await db.query(LOG, [slug, list, minutes]);
}

const LOGGED = `select estimated, minutes as taken from cut_list where minutes is not null and estimated > 0`;

/** All evenings that the organisation logged. */
export async function loggedEvenings(db: pg.ClientBase): Promise<{ estimated: number; taken: number }[]> {
  return (await db.query<{ estimated: number; taken: number }>(LOGGED)).rows;
}
