// A backup is a tar of three files: what it is, PostgreSQL's own dump of one moment, and the secret that private links are made from.
import { chmodSync, existsSync, mkdtempSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { prepareDatabase } from './database.mjs';
import { postgresPrograms } from './packages.mjs';
import { execute } from './processes.mjs';
import { Stop } from './say.mjs';

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

/** Writes a backup of one moment; people may go on working meanwhile. The file is there when it is whole, never half. */
export async function writeBackup(url, { secret, file }) {
  const target = resolve(file);
  if (existsSync(target)) throw new Stop(`${target} is there already. Name another file.`);
  const folder = mkdtempSync(join(tmpdir(), 'aggrega-backup-'));
  chmodSync(folder, 0o700);
  try {
    await onDatabase(url, 'pg_dump', ['-Fc', '--no-owner', '--no-privileges', '-f', join(folder, 'database.dump')]);
    writeFileSync(join(folder, 'about.json'), JSON.stringify({ format: FORMAT, version: 1, made: new Date().toISOString() }));
    writeFileSync(join(folder, 'secret'), secret, { mode: 0o600 });
    const half = join(dirname(target), `.${Date.now()}.half`);
    const { code, output } = await execute('tar', ['-cf', half, '-C', folder, 'about.json', 'database.dump', 'secret']);
    if (code !== 0) {
      rmSync(half, { force: true });
      throw new Stop(
        /no space/i.test(output) ? 'The disk is full. Free some space and try again.' : `tar failed: ${output.trim()}`,
      );
    }
    chmodSync(half, 0o600);
    renameSync(half, target);
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
    await onDatabase(url, 'psql', ['-q', '-v', 'ON_ERROR_STOP=1', '-1', ...(clear ? ['-c', clear] : []), '-f', script]);
    await prepareDatabase(url);
    return readFileSync(join(folder, 'secret'), 'utf8').trim();
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
