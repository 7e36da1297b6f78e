/** Passkeys of accounts, and what devices are asked to sign. All at the door. */
import type pg from 'pg';

export interface Passkey {
  id: string;
  name: string;
  made: Date;
  /** Null until it was used. */
  used: Date | null;
  transports: string[];
}
export interface PasskeyWithKey extends Passkey {
  account: string;
  publicKey: Buffer;
  counter: number;
}

const COLUMNS = 'id, name, made_at as made, used_at as used, transports';

/** The passkeys of an account, oldest first. */
export const listPasskeys = async (db: pg.ClientBase, account: string): Promise<Passkey[]> =>
  (await db.query<Passkey>(`select ${COLUMNS} from passkey where account_id = $1 order by made_at, id`, [account])).rows;

const FIND = `
  select ${COLUMNS}, account_id as account, public_key as "publicKey", counter::float8 as counter
  from passkey where id = $1 for update`;

/** A passkey with its public half, which nobody else uses before this transaction ends; undefined where there is none. */
export const findPasskey = async (db: pg.ClientBase, id: string): Promise<PasskeyWithKey | undefined> =>
  (await db.query<PasskeyWithKey>(FIND, [id])).rows[0];

const INSERT = `
  insert into passkey (id, account_id, public_key, counter, transports, name, made_at) values ($1, $2, $3, $4, $5, $6, $7)
  on conflict do nothing`;

/** Adds one; false where that one is there already. */
export const insertPasskey = async (
  db: pg.ClientBase,
  { id, account, publicKey, counter, transports, name, made }: Omit<PasskeyWithKey, 'used'>,
): Promise<boolean> => (await db.query(INSERT, [id, account, publicKey, counter, transports, name, made])).rowCount === 1;

/** Notes that it was used. */
export const usePasskey = async (db: pg.ClientBase, id: string, counter: number, at: Date): Promise<void> =>
  void (await db.query(`update passkey set counter = $2, used_at = $3 where id = $1`, [id, counter, at]));

/** Takes one away from its account; false where it has none of that name. */
export const deletePasskey = async (db: pg.ClientBase, account: string, id: string): Promise<boolean> =>
  (await db.query(`delete from passkey where account_id = $1 and id = $2`, [account, id])).rowCount === 1;

/** Notes what a device is asked to sign. */
export const putChallenge = async (db: pg.ClientBase, hash: Buffer, account: string | null, ends: Date): Promise<void> =>
  void (await db.query(`insert into passkey_challenge (hash, account_id, ends_at) values ($1, $2, $3)`, [hash, account, ends]));

const TAKE = `delete from passkey_challenge where hash = $1 and ends_at > $2 and account_id is not distinct from $3`;

/** Uses one up; false where it was used, has ended, or was somebody else's. */
export const takeChallenge = async (db: pg.ClientBase, hash: Buffer, account: string | null, at: Date): Promise<boolean> =>
  (await db.query(TAKE, [hash, at, account])).rowCount === 1;

/** Clears away what nobody signed. */
export const sweepChallenges = async (db: pg.ClientBase, at: Date): Promise<void> =>
  void (await db.query(`delete from passkey_challenge where ends_at <= $1`, [at]));
