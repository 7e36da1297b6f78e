/** What was answered to a request that wrote something and carried its caller's key. The key is taken by the very transaction that writes. */
import { AsyncLocalStorage } from 'node:async_hooks';
import type pg from 'pg';

/** A request that carries a key: whose rows it may change, and a hash (32 bytes) of what is asked of, and by whom. */
export interface Keyed {
  organisation: string;
  key: string;
  door: Buffer;
  /** Whether something was written under it: then it is not to be done again. */
  taken: boolean;
}
/** The keyed request that is being answered. */
export const keyed = new AsyncLocalStorage<Keyed>();

/** Another request with the same key wrote in the meantime; what this one wrote is rolled back. */
export class TakenMeanwhile extends Error {}

/** Letters of an answer that is kept at most. */
const LONGEST = 20_000;
/** Days after which a key is forgotten: as long as a device may keep what it could not send. */
const FORGOTTEN_AFTER = 30;

// A transaction that only looked takes no key, and neither does one that locked what it looked at: that has a number, but no rows.
const TAKE = `
  with wrote as (select pg_current_xact_id_if_assigned() is not null
    and exists (select from pg_stat_xact_user_tables where n_tup_ins + n_tup_upd + n_tup_del > 0) as yes),
  put as (insert into first_answer (organisation_id, key, door, at) select current_organisation(), $1, $2, now() from wrote where yes
    on conflict do nothing returning true)
  select (select yes from wrote) as wrote, exists (select from put) as put`;

/** At the end of a transaction: takes the key of the request that is being answered, if anything was written. Throws TakenMeanwhile. */
export async function takeKey(db: pg.ClientBase, organisation: string): Promise<void> {
  const own = keyed.getStore();
  if (!own || own.taken || own.organisation !== organisation) return;
  const { rows } = await db.query<{ wrote: boolean; put: boolean }>(TAKE, [own.key, own.door]);
  if (rows[0]!.wrote && !rows[0]!.put) throw new TakenMeanwhile('the same request has been answered meanwhile');
  own.taken = rows[0]!.put;
}

export interface FirstAnswer {
  /** Null where the process ended before it had answered. */
  status: number | null;
  body: string | null;
}

/** What that request was answered; undefined where nothing was written under its key. */
export async function readFirstAnswer(db: pg.ClientBase, { key, door }: Keyed): Promise<FirstAnswer | undefined> {
  const { rows } = await db.query<FirstAnswer>('select status, body from first_answer where key = $1 and door = $2', [
    key,
    door,
  ]);
  return rows[0];
}

/** Keeps what it was answered; of a long answer its status alone. */
export async function keepFirstAnswer(db: pg.ClientBase, { key, door }: Keyed, status: number, body: string): Promise<void> {
  await db.query('update first_answer set status = $3, body = $4 where key = $1 and door = $2', [
    ...[key, door, status],
    body.length <= LONGEST ? body : null,
  ]);
}

/** Lets go of keys that nobody will bring again. */
export const sweepFirstAnswers = async (db: pg.ClientBase): Promise<void> =>
  void (await db.query(`delete from first_answer where at < now() - make_interval(days => $1)`, [FORGOTTEN_AFTER]));
