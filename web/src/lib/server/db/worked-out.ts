/** What was worked out, plans and papers, kept for all processes, and for after a restart. */
import type pg from 'pg';

/** Reading counts as use once a day: looking writes nothing otherwise. */
const GET = `
  with known as (select body, used_at from worked_out where name = $1),
  used as (update worked_out set used_at = $2 where name = $1 and used_at < $2::timestamptz - interval '1 day')
  select body from known`;

/** The result under that name, or undefined. */
export async function findWorkedOut(db: pg.ClientBase, name: Buffer, now: Date): Promise<Buffer | undefined> {
  return (await db.query<{ body: Buffer }>(GET, [name, now])).rows[0]?.body;
}

/** Whether there is a result under that name. */
export async function isWorkedOut(db: pg.ClientBase, name: Buffer): Promise<boolean> {
  return (await db.query('select from worked_out where name = $1', [name])).rowCount! > 0;
}

const PUT = `
  insert into worked_out (organisation_id, name, body, used_at) values (current_organisation(), $1, $2, $3)
  on conflict (organisation_id, name) do update set body = excluded.body, used_at = excluded.used_at`;

/** Goes by what was not asked for longest. */
const SHRINK = `
  delete from worked_out where name in (
    select name from (select name, sum(octet_length(body)) over (order by used_at desc, name) as bytes from worked_out) sized where bytes > $1)`;

/** Keeps a result; what an organisation keeps takes no more than `most` bytes together. */
export async function putWorkedOut(
  db: pg.ClientBase,
  { name, body, now, most }: { name: Buffer; body: Buffer; now: Date; most: number },
): Promise<void> {
  await db.query(PUT, [name, body, now]);
  await db.query(SHRINK, [most]);
}
