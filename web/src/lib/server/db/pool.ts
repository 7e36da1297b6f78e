/** The connection to PostgreSQL, always as one organisation: row-level security sees to the rest. */
import { AsyncLocalStorage } from 'node:async_hooks';
import pg from 'pg';
import { keyed, takeKey, type Keyed } from './first-answers';
import { isId } from './ids';
import { away, unkept } from '../web/outside';

let pool: pg.Pool | undefined;
/** Of a streaming replica, where AGGREGA_READ_DATABASE_URL names one. */
let replica: pg.Pool | undefined;

/** The database is away, shutting down or out of room; what was asked for has not happened, and may be asked again. */
const databaseAway = (cause: unknown) =>
  away(
    'database',
    (cause as { code?: string } | undefined)?.code === DISK_FULL
      ? 'The disk of the database is full: nothing more can be saved until whoever runs it makes room. What was saved is safe; try again then.'
      : 'The database does not answer just now. Nothing that was saved is lost; try again in a moment.',
    cause,
  );
const DISK_FULL = '53100';

function connections(): pg.Pool {
  const connectionString = process.env.DATABASE_URL;
  if (!connectionString) throw new Error('DATABASE_URL is not set; bin/start sets it');
  return (pool ??= poolOf(connectionString));
}

function poolOf(connectionString: string): pg.Pool {
  const made = new pg.Pool({ connectionString, max: 8, connectionTimeoutMillis: 5_000, idleTimeoutMillis: 30_000 });
  // A connection that breaks while idle is replaced by the next request; without a listener it would end the process.
  made.on('error', () => {});
  return made;
}

/** Who acts, for as long as a request is answered: the record names her, and a role that only looks can change nothing. */
export interface Acting {
  account: string;
  looksOnly: boolean;
  /** Whether everything is read from the replica, and nothing changed: see replicaStandsAt. */
  fromReplica?: boolean;
}
export const acting = new AsyncLocalStorage<Acting>();
/** Work that a request set off, and that goes on when it has been answered: nobody's. */
export const asNobody = <T>(work: () => T): T =>
  keyed.run(undefined as unknown as Keyed, () => acting.run(undefined as unknown as Acting, work));

// One round trip for both: the simple protocol takes no parameters, so what is written in is an id or nothing.
const idOrNothing = (text: string | undefined) => (text && isId(text) ? text : '');
function beginAs(organisation: string): string {
  const who = acting.getStore();
  return `begin${who?.looksOnly || who?.fromReplica ? ' read only' : ''}; select set_config('app.organisation', '${idOrNothing(organisation)}', true), set_config('app.account', '${idOrNothing(who?.account)}', true)`;
}
const BEGIN_DOOR = `begin; select set_config('app.door', 'on', true)`;
const BEGIN_CLOCKWORK = `begin; select set_config('app.clockwork', 'on', true)`;

/**
 * Runs `work` in one transaction that sees and changes nothing but the rows of `organisation`. Commits when it returns,
 * rolls back when it throws, and is done again where it waited in a circle with another; whatever is no id is nobody, who sees nothing. Answers 503 (`away`) when the server cannot be reached or goes away, and 400
 * (`unkept`) for a value that no column can hold.
 */
export const asOrganisation = <T>(organisation: string, work: (db: pg.PoolClient) => Promise<T>): Promise<T> =>
  again(() =>
    inTransaction(beginAs(organisation), async (db) => {
      const result = await work(db);
      await takeKey(db, organisation);
      return result;
    }),
  );

/** Times that work is tried of which the database says that it waited in a circle with somebody else's. */
const TRIES = 5;

/** Does it again where two waited for each other: one of them is ended by the database, rolled back, and comes after the other. */
async function again<T>(work: () => Promise<T>, tries = TRIES): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (tries > 1 && (error as { code?: string }).code === DEADLOCK) return again(work, tries - 1);
    throw error;
  }
}
const DEADLOCK = '40P01';

/** As asOrganisation, for reading much: everything is as it was at one moment, and nothing can be changed. */
export const asReader = <T>(organisation: string, work: (db: pg.PoolClient) => Promise<T>): Promise<T> =>
  inTransaction(beginAs(organisation).replace(/^begin( read only)?/, 'begin isolation level repeatable read read only'), work);

/** As asOrganisation, for what runs by the clock: it sees which organisations there are, and none of their rows. */
export const asClockwork = <T>(work: (db: pg.PoolClient) => Promise<T>): Promise<T> => inTransaction(BEGIN_CLOCKWORK, work);

/** As asOrganisation, for what signs people in: it sees accounts, sessions, and the names of organisations, and none of their rows. */
export const atTheDoor = <T>(work: (db: pg.PoolClient) => Promise<T>): Promise<T> => inTransaction(BEGIN_DOOR, work);

/** The rows of one query that takes no parameters and changes nothing, as asOrganisation would see them, in a single round trip. */
export async function inOneTrip<T>(organisation: string, sql: string): Promise<T[]> {
  return tripOf(await withConnections((all) => all.query(oneTrip(organisation, sql))));
}
const oneTrip = (organisation: string, sql: string) => `${beginAs(organisation)}; ${sql}; commit`;
const tripOf = <T>(results: unknown): T[] => (results as pg.QueryResult[]).at(-2)!.rows as T[];

/** Milliseconds for which a replica that did not answer is left alone. */
const LEFT_ALONE = 5_000;
let awayUntil = 0;

/**
 * Whether there is a replica on which that query, which changes nothing, has the same single value for the organisation as it had on the server itself: then
 * whatever is read of hers there is what it is here.
 */
export async function replicaStandsAt(organisation: string, sql: string, value: unknown): Promise<boolean> {
  const url = process.env.AGGREGA_READ_DATABASE_URL;
  if (!url || performance.now() < awayUntil) return false;
  replica ??= poolOf(url);
  try {
    const [row] = tripOf<Record<string, unknown>>(await replica.query(oneTrip(organisation, sql)));
    return Object.values(row ?? {})[0] === value;
  } catch {
    awayUntil = performance.now() + LEFT_ALONE;
    return false;
  }
}

/** The connections, for a library that counts on its own; what it says of a database that is away is said as everywhere. */
export async function withConnections<T>(work: (all: pg.Pool) => Promise<T>): Promise<T> {
  try {
    return await work(connections());
  } catch (error) {
    throw lostBy(error) ?? error;
  }
}

/** How many connections there are, are idle, and are waited for. */
export const connectionCounts = () =>
  pool ? { all: pool.totalCount, idle: pool.idleCount, waiting: pool.waitingCount } : { all: 0, idle: 0, waiting: 0 };

async function inTransaction<T>(begin: string, work: (db: pg.PoolClient) => Promise<T>): Promise<T> {
  let client: pg.PoolClient;
  try {
    client = await (acting.getStore()?.fromReplica && replica ? replica : connections()).connect();
  } catch (error) {
    throw lostBy(error) ?? error;
  }
  // A connection that breaks during the work says so here first; the queries after it fail in words of their own.
  let broken = false;
  const onbreak = () => void (broken = true);
  client.on('error', onbreak);
  try {
    await client.query(begin);
    const result = await work(client);
    await client.query('commit');
    return result;
  } catch (error) {
    const lost = broken ? databaseAway(error) : lostBy(error);
    if (!lost) await client.query('rollback').catch(onbreak);
    else broken = true;
    throw lost ?? unheld(error) ?? error;
  } finally {
    client.off('error', onbreak);
    client.release(broken);
  }
}

/** What to throw for errors that mean a lost or refused connection, a full disk or a server on its way down. */
function lostBy(error: unknown): Error | undefined {
  const { code = '', message = '' } = error as { code?: string; message?: string };
  const lost =
    /^(08|57P0|53)/.test(code) ||
    /^E(CONN|PIPE|HOST|NOTFOUND|TIMEDOUT)/.test(code) ||
    /terminat|timeout|not queryable/i.test(message);
  return lost ? databaseAway(error) : undefined;
}

/** What to throw for a value that a column cannot hold: out of its range, or no id. Every door checks what it is sent; this is for what a check forgot. */
function unheld(error: unknown): Error | undefined {
  return error instanceof pg.DatabaseError && error.code?.startsWith('22') ? unkept(error) : undefined;
}

/** Refuses to work with a role that row-level security does not bind. */
export async function checkRole(): Promise<void> {
  const { rows } = await connections().query(
    'select rolsuper or rolbypassrls as free from pg_roles where rolname = current_user',
  );
  if (rows[0]?.free)
    throw new Error(
      'The database role in DATABASE_URL is free of row-level security; use bin/start, which makes a role that is not.',
    );
}

/** Closes all connections, at the end of the process. */
export async function closePool(): Promise<void> {
  const open = [pool, replica];
  pool = replica = undefined;
  await Promise.all(open.map((p) => p?.end()));
}

/** Resolves when the database answers; answers 503 (`away`) when it does not. */
export async function databaseAnswers(): Promise<void> {
  await asOrganisation('00000000-0000-0000-0000-000000000000', async () => {});
}
