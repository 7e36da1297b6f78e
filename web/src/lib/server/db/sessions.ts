/** Devices on which people are signed in. All at the door. */
import type pg from 'pg';
import type { Role } from '../auth/roles';

export interface SessionRow {
  id: string;
  account: string;
  email: string;
  name: string;
  /** Null while she has a part in none, or none was chosen. */
  organisation: string | null;
  organisationName: string | null;
  language: string | null;
  role: Role | null;
  seen: Date;
}

const INSERT = `
  insert into session (hash, account_id, organisation_id, device, made_at, seen_at, ends_at)
  values ($1, $2, $3, $4, $5, $5, $6)`;

export async function insertSession(
  db: pg.ClientBase,
  s: { hash: Buffer; account: string; organisation: string | null; device: string; at: Date; ends: Date },
): Promise<void> {
  await db.query(INSERT, [s.hash, s.account, s.organisation, s.device, s.at, s.ends]);
}

const FIND = `
  select s.id, s.account_id as account, a.email, a.name, m.organisation_id as organisation, o.name as "organisationName", o.language, m.role, s.seen_at as seen
  from session s
  join account a on a.id = s.account_id
  left join membership m on m.account_id = s.account_id and m.organisation_id = s.organisation_id
  left join organisation o on o.id = m.organisation_id
  where s.hash = $1 and s.ends_at > $2`;

/** Who is signed in with that key, and for whom she acts; undefined once it has ended. */
export const findSession = async (db: pg.ClientBase, hash: Buffer, at: Date): Promise<SessionRow | undefined> =>
  (await db.query<SessionRow>(FIND, [hash, at])).rows[0];

/** Notes that the device was seen, which makes its session last longer, but never beyond `longest` after it began. */
export const touchSession = async (
  db: pg.ClientBase,
  id: string,
  { at, ends, longestDays }: { at: Date; ends: Date; longestDays: number },
): Promise<void> =>
  void (await db.query(
    `update session set seen_at = $2, ends_at = least($3::timestamptz, made_at + make_interval(days => $4)) where id = $1`,
    [id, at, ends, longestDays],
  ));

export interface Device {
  id: string;
  device: string;
  made: Date;
  seen: Date;
}

const LIST = `
  select id, device, made_at as made, seen_at as seen from session where account_id = $1 and ends_at > $2 order by seen_at desc`;

/** The devices on which somebody is signed in. */
export const listDevices = async (db: pg.ClientBase, account: string, at: Date): Promise<Device[]> =>
  (await db.query<Device>(LIST, [account, at])).rows;

/** Ends one session of somebody's own. */
export const endSession = async (db: pg.ClientBase, account: string, id: string): Promise<boolean> =>
  (await db.query(`delete from session where account_id = $1 and id = $2`, [account, id])).rowCount === 1;

/** Ends all sessions of somebody, but for the one that is kept. */
export const endSessions = async (db: pg.ClientBase, account: string, kept: string | null): Promise<void> =>
  void (await db.query(`delete from session where account_id = $1 and ($2::uuid is null or id <> $2)`, [account, kept]));

/** Acts for another organisation from now on, on that device; false where she has no part in it. */
export const chooseOrganisation = async (db: pg.ClientBase, id: string, organisation: string): Promise<boolean> =>
  (
    await db.query(
      `update session s set organisation_id = $2 where id = $1
       and exists (select from membership m where m.account_id = s.account_id and m.organisation_id = $2)`,
      [id, organisation],
    )
  ).rowCount === 1;

/** Clears away what has ended. */
export const sweepSessions = async (db: pg.ClientBase, at: Date): Promise<void> => {
  await db.query(`delete from session where ends_at <= $1`, [at]);
  await db.query(`delete from recovery where ends_at <= $1`, [at]);
};
