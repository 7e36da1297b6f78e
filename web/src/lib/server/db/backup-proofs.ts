/** What came of bringing backups of this installation back; written by the commands that do it. */
import type pg from 'pg';

export interface Proof {
  at: Date;
  rows: number;
  /** Why the backup is no good, as a sentence. */
  trouble: string | null;
  /** The moment of the last good one. */
  good: Date | null;
}

const LAST = `
  select proved_at as at, rows::float8 as rows, trouble,
    (select max(of_moment) from backup_proof where trouble is null) as good
  from backup_proof order by id desc limit 1`;

/** The last one, or undefined. */
export const lastProof = async (db: pg.ClientBase): Promise<Proof | undefined> => (await db.query<Proof>(LAST)).rows[0];
