/** How often something may be tried: counted in the database, so that several processes count together. Keys are hashes, which name nobody. */
import { createHash } from 'node:crypto';
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import type pg from 'pg';
import { withConnections } from '../db/pool';

interface Rule {
  /** So many tries within so many seconds; then none for so many. */
  points: number;
  duration: number;
  blockDuration: number;
}

const RULES = {
  /** Wrong passwords of one account from one address: whoever tries them elsewhere does not keep out the one it belongs to. */
  here: { points: 8, duration: 900, blockDuration: 900 },
  /** Wrong passwords of one account, from wherever. */
  account: { points: 40, duration: 900, blockDuration: 900 },
  /** Wrong codes of one account, and wrong passwords of somebody who is signed in: whoever gives them knows something already. */
  inside: { points: 8, duration: 900, blockDuration: 900 },
  /** Wrong passwords and keys from one address, for whomever. */
  address: { points: 40, duration: 900, blockDuration: 900 },
  /** Wrong PINs of one page. */
  pin: { points: 8, duration: 900, blockDuration: 900 },
  /** Letters to one mail address. */
  letter: { points: 4, duration: 3600, blockDuration: 3600 },
} satisfies Record<string, Rule>;
export type Tried = keyof typeof RULES;

const limiters = new Map<Tried, { pool: pg.Pool; limiter: RateLimiterPostgres }>();

function limiter(tried: Tried, storeClient: pg.Pool): RateLimiterPostgres {
  const known = limiters.get(tried);
  if (known?.pool === storeClient) return known.limiter;
  const made = new RateLimiterPostgres({
    ...RULES[tried],
    ...{
      storeClient,
      storeType: 'pool',
      tableName: 'throttle',
      tableCreated: true,
      keyPrefix: tried,
      clearExpiredByTimeout: false,
    },
  });
  limiters.set(tried, { pool: storeClient, limiter: made });
  return made;
}

const hashed = (key: string) => createHash('sha256').update(key).digest('base64url');

/** Minutes until it may be tried again; 0 where it may be now. */
export async function mustWait(tried: Tried, key: string): Promise<number> {
  const state = await withConnections((all) => limiter(tried, all).get(hashed(key)));
  return state && state.consumedPoints > RULES[tried].points ? Math.ceil(state.msBeforeNext / 60_000) : 0;
}

/** Counts a try; minutes until the next one may be made, 0 where at once. */
export async function countTry(tried: Tried, key: string): Promise<number> {
  try {
    await withConnections((all) => limiter(tried, all).consume(hashed(key)));
    return 0;
  } catch (refused) {
    if (refused instanceof RateLimiterRes) return Math.ceil(refused.msBeforeNext / 60_000);
    throw refused;
  }
}

/** Forgets the tries: the right one came. */
export const forgetTries = async (tried: Tried, key: string): Promise<void> =>
  void (await withConnections((all) => limiter(tried, all).delete(hashed(key))));
