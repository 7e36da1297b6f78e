/** What came of bringing backups back (bin/backup --nightly), as owners read it. */
import type pg from 'pg';
import { lastProof } from '../db/backup-proofs';
import { servesOthers } from '../web/own-machine';

/** Hours after which no new proof is a trouble of its own. */
const LATE_HOURS = 50;

/** Days as ISO writes them. */
export type BackupState =
  /** None was ever made, although others than this machine are served. */
  | { kind: 'none' }
  | { kind: 'proved'; day: string; rows: number }
  | { kind: 'late'; day: string }
  /** `good` is the day of the last one that was. */
  | { kind: 'failed'; day: string; trouble: string; good?: string };

const dayOf = (at: Date) => at.toISOString().slice(0, 10);

/** How it stands with the backups of this installation at the machine's own time; undefined where there is nothing to say: nobody else is served, and none was made. */
export async function backupState(db: pg.ClientBase, at: Date = new Date()): Promise<BackupState | undefined> {
  const last = await lastProof(db);
  if (!last) return servesOthers() ? { kind: 'none' } : undefined;
  const { trouble, good, rows } = last;
  if (trouble !== null || !good)
    return { kind: 'failed', day: dayOf(last.at), trouble: trouble ?? '', ...(good && { good: dayOf(good) }) };
  const late = at.getTime() - good.getTime() > LATE_HOURS * 3_600_000;
  return late ? { kind: 'late', day: dayOf(good) } : { kind: 'proved', day: dayOf(good), rows };
}
