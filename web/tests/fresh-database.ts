/** A fresh, migrated database for a test file, on the throw-away server that the test run started. */
import { randomBytes } from 'node:crypto';
import pg from 'pg';
import { inject } from 'vitest';
import { prepareDatabase } from '../../bin/lib/database.mjs';

declare module 'vitest' {
  export interface ProvidedContext {
    clusterUrl: string;
  }
}

/** Makes the database and points DATABASE_URL at it, as the application's own role. Resolves to the owner's connection string. */
export async function freshDatabase(): Promise<string> {
  process.env.AGGREGA_SECRET ??= 'a secret that everybody may read, for tests';
  const owner = new URL(inject('clusterUrl'));
  const name = `test_${randomBytes(6).toString('hex')}`;
  const client = new pg.Client({ connectionString: owner.href });
  await client.connect();
  await client.query(`create database ${name}`);
  await client.end();
  owner.pathname = `/${name}`;
  process.env.DATABASE_URL = await prepareDatabase(owner.href);
  return owner.href;
}

/** Runs one query as the owner, past row-level security: for looking at what is really there. */
export async function asOwner<T extends pg.QueryResultRow>(url: string, sql: string): Promise<T[]> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    return (await client.query<T>(sql)).rows;
  } finally {
    await client.end();
  }
}
