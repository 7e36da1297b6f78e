// A backup is a tar: what it is, PostgreSQL's own dump of one moment, the secret that private links are made from, and pictures that stand in a store.
import { chmodSync, existsSync, mkdtempSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { prepareDatabase } from './database.mjs';
import { postgresPrograms } from './packages.mjs';
import { execute } from './processes.mjs';
import { Stop } from './say.mjs';
import { fetchFiles, storedFiles, writeFilesScript } from './stored-files.mjs';

const FORMAT = 'aggrega-backup';

/** PostgreSQL's own program on that database; the password stands in the environment, where no list of processes shows it. */
async function onDatabase(url, program, words) {
  const { hostname, port, username, password, pathname } = new URL(url);
  const env = {
    PATH: process.env.PATH,
    LC_ALL: 'C.UTF-8',
    PGHOST: hostname,
    PGPORT: port || '5432',
    PGUSER: decodeURIComponent(username),
    PGPASSWORD: decodeURIComponent(password),
    PGDATABASE: decodeURIComponent(pathname.slice(1)),
    PGCONNECT_TIMEOUT: '10',
  };
  const { code, output } = await execute(join(await postgresPrograms(), program), words, { env });
  if (code === 0) return output;
  if (/row-level security|permission denied/i.test(output))
    throw new Stop(
      'The role in DATABASE_URL may not read everything. Back up as the owner of the server, or with its own tools.',
    );
  throw new Stop(`${program} failed:\n${output.trim().split('\n').slice(-5).join('\n')}`);
}

/** Dumps the database as it is at one moment into `file`; resolves to the pictures that stand in a store at that moment. */
async function dumpInto(url, file) {
  // Its packages may just have been installed.
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: url });
  // A connection that breaks fails the next query, in words of its own.
  client.on('error', () => {});
  await client.connect().catch((error) => {
    throw new Stop(`The database does not answer: ${error.message}`);
  });
  try {
    await client.query('begin isolation level repeatable read read only');
    const { rows } = await client.query('select pg_export_snapshot() as moment');
    const words = ['-Fc', '--no-owner', '--no-privileges', `--snapshot=${rows[0].moment}`, '-f', file];
    await onDatabase(url, 'pg_dump', words);
    return await storedFiles(client);
  } finally {
    await client.end().catch(() => {});
  }
}

/**
 * Writes a backup of one moment; people may go on working meanwhile. The file is there when it is whole, never half. Resolves to how many pictures of a store are
 * in it, and how many are not.
 */
export async function writeBackup(url, { secret, file, withoutPictures = false }) {
  const target = resolve(file);
  if (existsSync(target)) throw new Stop(`${target} is there already. Name another file.`);
  const folder = mkdtempSync(join(tmpdir(), 'aggrega-backup-'));
  chmodSync(folder, 0o700);
  try {
    const stored = await dumpInto(url, join(folder, 'database.dump'));
    const files = withoutPictures ? [] : await fetchFiles(stored, folder);
    const about = { format: FORMAT, version: 1, made: new Date().toISOString(), files };
    writeFileSync(join(folder, 'about.json'), JSON.stringify(about));
    writeFileSync(join(folder, 'secret'), secret, { mode: 0o600 });
    const half = join(dirname(target), `.${Date.now()}.half`);
    const parts = ['about.json', 'database.dump', 'secret', ...(files.length > 0 ? ['files'] : [])];
    const { code, output } = await execute('tar', ['-cf', half, '-C', folder, ...parts]);
    if (code !== 0) {
      rmSync(half, { force: true });
      throw new Stop(
        /no space/i.test(output) ? 'The disk is full. Free some space and try again.' : `tar failed: ${output.trim()}`,
      );
    }
    chmodSync(half, 0o600);
    renameSync(half, target);
    return { pictures: files.length, left: stored.length - files.length };
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** Brings a database back; resolves to the secret. One that holds something already is only replaced when that is asked for. All of it or nothing. */
export async function restoreBackup(url, { file, replace }) {
  if (!existsSync(file)) throw new Stop(`There is no file ${file}.`);
  const folder = mkdtempSync(join(tmpdir(), 'aggrega-restore-'));
  try {
    const { code } = await execute('tar', ['-xf', resolve(file), '-C', folder]);
    const about = join(folder, 'about.json');
    const known = code === 0 && existsSync(about) ? JSON.parse(readFileSync(about, 'utf8')) : {};
    if (known.format !== FORMAT) throw new Stop(`${file} is no backup of Aggrega, or it is broken.`);
    if (known.version !== 1) throw new Stop(`${file} is a backup of version ${known.version}; this Aggrega reads version 1.`);
    const programmes = `select count(*) from information_schema.tables where table_schema = 'public'`;
    const full = Number(await onDatabase(url, 'psql', ['-tAc', programmes])) > 0;
    if (full && !replace) throw new Stop('The database holds something already. Add --replace to put the backup in its place.');
    // PostgreSQL's program writes what would be run; run in one transaction, an old state stays until the new one is whole.
    const script = join(folder, 'restore.sql');
    await onDatabase(url, 'pg_restore', ['--no-owner', '--no-privileges', '-f', script, join(folder, 'database.dump')]);
    const clear = full ? 'drop schema public cascade; create schema public;' : '';
    const scripts = ['-f', script];
    if (known.files?.length > 0) {
      writeFilesScript(known.files, folder, join(folder, 'files.sql'));
      scripts.push('-f', join(folder, 'files.sql'));
    }
    await onDatabase(url, 'psql', ['-q', '-v', 'ON_ERROR_STOP=1', '-1', ...(clear ? ['-c', clear] : []), ...scripts]);
    await prepareDatabase(url);
    return readFileSync(join(folder, 'secret'), 'utf8').trim();
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
