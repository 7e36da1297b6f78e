/** Accounts and the parts that they have in organisations. Statements on accounts run at the door. */
import type pg from 'pg';
import type { Role } from '../auth/roles';

export interface Account {
  id: string;
  email: string;
  name: string;
}
export interface AccountKey extends Account {
  password: string;
  codeSecret: string | null;
  codeStep: number;
}

const WITH_KEY = `
  select id, email, name, password, code_secret as "codeSecret", code_step::int as "codeStep"
  from account a join account_key k on k.account_id = a.id`;

/** The account of a mail address with what opens it, or undefined. */
export const findByEmail = async (db: pg.ClientBase, email: string): Promise<AccountKey | undefined> =>
  (await db.query<AccountKey>(`${WITH_KEY} where email = $1`, [email])).rows[0];

/** An account with what opens it, or undefined: one of the demonstration has no key. */
export const findWithKey = async (db: pg.ClientBase, id: string): Promise<AccountKey | undefined> =>
  (await db.query<AccountKey>(`${WITH_KEY} where id = $1 for update of k`, [id])).rows[0];

const INSERT = `insert into account (email, name) values ($1, $2) on conflict (email) do nothing returning id`;

/** A new account; undefined where the address has one. */
export async function insertAccount(
  db: pg.ClientBase,
  { email, name, password }: { email: string; name: string; password: string },
): Promise<string | undefined> {
  const id = (await db.query<{ id: string }>(INSERT, [email, name])).rows[0]?.id;
  if (id) await db.query(`insert into account_key (account_id, password) values ($1, $2)`, [id, password]);
  return id;
}

/** Changes a password. */
export const setPassword = async (db: pg.ClientBase, id: string, password: string): Promise<void> =>
  void (await db.query(`update account_key set password = $2 where account_id = $1`, [id, password]));

/** Changes a name. */
export const setName = async (db: pg.ClientBase, id: string, name: string): Promise<void> =>
  void (await db.query(`update account set name = $2 where id = $1`, [id, name]));

/** Asks for one-time codes from now on, or, with null, no more. */
export const setCodeSecret = async (db: pg.ClientBase, id: string, secret: string | null): Promise<void> =>
  void (await db.query(`update account_key set code_secret = $2, code_step = 0 where account_id = $1`, [id, secret]));

const USE_STEP = `update account_key set code_step = $2 where account_id = $1 and code_step < $2`;

/** Uses up the code of a step; false where it, or a later one, was used. */
export const useCodeStep = async (db: pg.ClientBase, id: string, step: number): Promise<boolean> =>
  (await db.query(USE_STEP, [id, step])).rowCount === 1;

export interface Member extends Account {
  role: Role;
  since: Date;
}

const MEMBERS = `
  select id, email, name, role, since from membership m join account a on a.id = m.account_id order by lower(name), id`;

/** Everybody who has a part in the organisation that the transaction acts for. */
export const listMembers = async (db: pg.ClientBase): Promise<Member[]> => (await db.query<Member>(MEMBERS)).rows;

const LOCK = `select account_id from membership where organisation_id = $1 for update`;

/** Nobody else changes the members before this transaction ends. */
export const lockMembers = async (db: pg.ClientBase, organisation: string): Promise<void> =>
  void (await db.query(LOCK, [organisation]));

const PUT = `
  insert into membership (organisation_id, account_id, role) values ($1, $2, $3)
  on conflict (organisation_id, account_id) do update set role = excluded.role`;

/** Gives somebody a part, or another one. */
export const putMember = async (db: pg.ClientBase, organisation: string, account: string, role: Role): Promise<void> =>
  void (await db.query(PUT, [organisation, account, role]));

/** Takes somebody's part away; false where she had none. */
export const deleteMember = async (db: pg.ClientBase, account: string): Promise<boolean> =>
  (await db.query(`delete from membership where account_id = $1`, [account])).rowCount === 1;

export interface PartIn {
  organisation: string;
  name: string;
  role: Role;
}

const PARTS = `
  select organisation_id as organisation, o.name, role from membership m join organisation o on o.id = m.organisation_id
  where account_id = $1 order by lower(o.name), o.id`;

/** The organisations in which somebody has a part. At the door. */
export const partsOf = async (db: pg.ClientBase, account: string): Promise<PartIn[]> =>
  (await db.query<PartIn>(PARTS, [account])).rows;

/** Puts a founder's demonstration account there, which nothing opens. */
export const putDemoAccount = async (db: pg.ClientBase, { id, email, name }: Account): Promise<void> =>
  void (await db.query(`insert into account (id, email, name) values ($1, $2, $3) on conflict do nothing`, [id, email, name]));
