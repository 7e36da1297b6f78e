// A backup every night that is brought back and compared before it counts; what came of it is noted in the database, for the owners' desks.
import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { connected, proveBackup, writeBackup } from './dump.mjs';
import { Stop } from './say.mjs';

const NAME = /^aggrega-(\d{4}-\d{2}-\d{2}T\d{2}\d{2})\.backup$/;
/** Proofs that stay noted. */
const NOTED = 60;
const HOUR = 3_600_000;

/** The name of a backup of that moment. */
export const backupName = (at) => `aggrega-${at.toISOString().slice(0, 16).replace(':', '')}.backup`;

/** The backups of a folder, the newest first. */
export const backupsIn = (folder) =>
  readdirSync(folder)
    .filter((name) => NAME.test(name))
    .sort()
    .reverse();

/** When a backup of that name was made. */
export const momentOf = (name) => new Date(`${NAME.exec(name)[1].replace(/(\d{2})$/, ':$1')}:00Z`);

/** Whether it is time for one: at night, or at once where the newest is from before yesterday, or there is none. */
export function backupDue(now, newest) {
  const hours = newest ? (now.getTime() - newest.getTime()) / HOUR : Infinity;
  const night = now.getHours() >= 2 && now.getHours() < 5;
  return hours > 36 || (night && hours > 12);
}

/** Notes what came of a proof. */
export const noteProof = (url, { made = null, tables = 0, rows = 0, trouble = null }) =>
  connected(url, async (client) => {
    await client.query(
      `insert into backup_proof (of_moment, proved_at, tables, rows, trouble) values ($1, now(), $2, $3, left($4, 2000))`,
      [made, tables, rows, trouble],
    );
    await client.query(`delete from backup_proof where id not in (select id from backup_proof order by id desc limit $1)`, [
      NOTED,
    ]);
  });

/** Proves a backup and notes what came of it; resolves to what proveBackup says, and stops where it is no good. */
export async function proveAndNote(url, file) {
  const proof = await proveBackup(url, file).catch(async (error) => {
    await noteProof(url, { trouble: firstLine(error) });
    throw error;
  });
  const trouble = proof.differences.join(' ') || null;
  await noteProof(url, { ...proof, trouble });
  if (trouble) throw new Stop(`${file} was brought back, but not as it was:\n${proof.differences.join('\n')}`);
  return proof;
}

/** Writes a backup into the folder, proves it, and deletes all but the `keep` newest, if it was good. Resolves to { file, … } as proveBackup. */
export async function nightlyBackup(url, { folder, secret, keep, withoutPictures = false, now = new Date() }) {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const file = join(resolve(folder), backupName(now));
  await writeBackup(url, { secret, file, withoutPictures }).catch(async (error) => {
    // A database that does not answer takes no note either: the error says enough.
    await noteProof(url, { trouble: firstLine(error) }).catch(() => {});
    throw error;
  });
  const proof = await proveAndNote(url, file);
  for (const name of backupsIn(folder).slice(keep)) rmSync(join(folder, name), { force: true });
  return { file, ...proof };
}

/** What was found, as a sentence. */
export const comparedWords = ({ tables, rows }) =>
  `Brought back and compared: ${rows.toLocaleString('en')} rows in ${tables} tables, all as they were.`;

/** What an owner reads of it: no paths and no output of programs. */
const firstLine = (error) =>
  error instanceof Stop ? error.message.split('\n')[0].replace(/\S*\/\S+/g, 'the backup') : 'The backup failed.';
