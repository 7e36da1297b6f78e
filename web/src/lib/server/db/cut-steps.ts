/** Steps of cutting lists that are done. */
import type pg from 'pg';

const LIST = `
  select step from cut_step join programme p on p.id = programme_id
  where slug = $1 and list = $2 order by done_at, step`;

/** The steps of a list that are done, first done first. */
export async function listDone(db: pg.ClientBase, slug: string, list: string): Promise<string[]> {
  return (await db.query<{ step: string }>(LIST, [slug, list])).rows.map((row) => row.step);
}

const TICK = `
  insert into cut_step (organisation_id, programme_id, list, step)
  select organisation_id, id, $2, $3 from programme where slug = $1
  on conflict do nothing`;

/** Ticks a step; nothing happens when it is ticked already, or when there is no such programme. */
export async function tickStep(db: pg.ClientBase, slug: string, list: string, step: string): Promise<void> {
  await db.query(TICK, [slug, list, step]);
}

const UNTICK = `
  delete from cut_step using programme p where p.id = programme_id and slug = $1 and list = $2 and step = $3`;

/** Takes a tick back. */
export async function untickStep(db: pg.ClientBase, slug: string, list: string, step: string): Promise<void> {
  await db.query(UNTICK, [slug, list, step]);
}
