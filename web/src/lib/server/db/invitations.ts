/** Invitations to have a part, and recoveries of a password: both by a key in a letter, of which only the hash is kept. */
import type pg from 'pg';
import type { Role } from '../auth/roles';

export interface Invitation {
  id: string;
  organisation: string;
  organisationName: string;
  email: string;
  role: Role;
  /** Null while no letter was written: she had a part in an archive's shop. */
  ends: Date | null;
}

const COLUMNS = `
  i.id, i.organisation_id as organisation, o.name as "organisationName", i.email, i.role, i.ends_at as ends
  from invitation i join organisation o on o.id = i.organisation_id`;

/** What the organisation that the transaction acts for has sent out, newest first. */
export const listInvitations = async (db: pg.ClientBase): Promise<Invitation[]> =>
  (await db.query<Invitation>(`select ${COLUMNS} order by i.made_at desc`)).rows;

/** The invitation of a key while it holds. At the door. */
export const findInvitation = async (db: pg.ClientBase, hash: Buffer, at: Date): Promise<Invitation | undefined> =>
  (await db.query<Invitation>(`select ${COLUMNS} where i.hash = $1 and i.ends_at > $2`, [hash, at])).rows[0];

const PUT = `
  insert into invitation (organisation_id, email, role, hash, made_at, ends_at) values ($1, $2, $3, $4, $5, $6)
  on conflict (organisation_id, email) do update
  set role = excluded.role, hash = excluded.hash, made_at = excluded.made_at, ends_at = excluded.ends_at`;

/** Notes an invitation; an older one to the same address ends with it. */
export async function putInvitation(
  db: pg.ClientBase,
  i: { organisation: string; email: string; role: Role; hash: Buffer; at: Date; ends: Date },
): Promise<void> {
  await db.query(PUT, [i.organisation, i.email, i.role, i.hash, i.at, i.ends]);
}

const PREPARE = `
  insert into invitation (organisation_id, email, role, made_at)
  select current_organisation(), $1, $2, $3 where not exists (
    select from membership m join account a on a.id = m.account_id where m.organisation_id = current_organisation() and a.email = $1)
  on conflict do nothing`;

/** Notes somebody who is to be invited, unless she has a part here or is invited already. */
export async function prepareInvitation(db: pg.ClientBase, { email, role, at }: { email: string; role: Role; at: Date }) {
  await db.query(PREPARE, [email, role, at]);
}

/** Takes an invitation back, or uses it up; false where there is none. */
export const deleteInvitation = async (db: pg.ClientBase, id: string): Promise<boolean> =>
  (await db.query(`delete from invitation where id = $1`, [id])).rowCount === 1;

/** Notes a recovery; older ones of the account end with it. At the door. */
export async function putRecovery(db: pg.ClientBase, hash: Buffer, account: string, ends: Date): Promise<void> {
  await db.query(`delete from recovery where account_id = $1`, [account]);
  await db.query(`insert into recovery (hash, account_id, ends_at) values ($1, $2, $3)`, [hash, account, ends]);
}

/** Whose password a key may set anew, while it holds. */
export const findRecovery = async (db: pg.ClientBase, hash: Buffer, at: Date): Promise<string | undefined> =>
  (
    await db.query<{ account: string }>(`select account_id as account from recovery where hash = $1 and ends_at > $2`, [
      hash,
      at,
    ])
  ).rows[0]?.account;

/** Uses a recovery up; the account, or undefined where it was used or has ended. */
export const takeRecovery = async (db: pg.ClientBase, hash: Buffer, at: Date): Promise<string | undefined> =>
  (
    await db.query<{ account: string }>(
      `delete from recovery where hash = $1 and ends_at > $2 returning account_id as account`,
      [hash, at],
    )
  ).rows[0]?.account;
