// A backup is a tar: what it is and what it holds, PostgreSQL's own dump of one moment, the secret that private links are made from, and pictures that stand in a store.
import { createHash, randomBytes } from 'node:crypto';
import { chmodSync, existsSync, mkdtempSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { prepareDatabase } from './database.mjs';
import { postgresPrograms } from './packages.mjs';
import { execute } from './processes.mjs';
import { Stop } from './say.mjs';
import { fetchFiles, storedFiles, writeFilesScript } from './stored-files.mjs';
import { differences, tableSums } from './sums.mjs';

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

/** Connected to that database as long as `work` takes. */
export async function connected(url, work) {
  // Its packages may just have been installed.
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: url });
  // A connection that breaks fails the next query, in words of its own.
  client.on('error', () => {});
  await client.connect().catch((error) => {
    throw new Stop(`The database does not answer: ${error.message}`);
  });
  try {
    return await work(client);
  } finally {
    await client.end().catch(() => {});
  }
}

/** Dumps the database as it is at one moment into `file`; resolves to what it holds then, and the pictures that stand in a store. */
const dumpInto = (url, file) =>
  connected(url, async (client) => {
    await client.query('begin isolation level repeatable read read only');
    const { rows } = await client.query('select pg_export_snapshot() as moment');
    const words = ['-Fc', '--no-owner', '--no-privileges', `--snapshot=${rows[0].moment}`, '-f', file];
    await onDatabase(url, 'pg_dump', words);
    return { stored: await storedFiles(client), sums: await tableSums(client) };
  });

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
    const made = new Date().toISOString();
    const { stored, sums } = await dumpInto(url, join(folder, 'database.dump'));
    const fetched = withoutPictures ? [] : await fetchFiles(stored, folder);
    const files = fetched.map((file, i) => ({ ...file, sha256: hashOf(join(folder, 'files', `${i}`)) }));
    const about = { format: FORMAT, version: 1, made, files, sums };
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

const hashOf = (file) => createHash('sha256').update(readFileSync(file)).digest('hex');

/** With a backup's files in a folder of their own as long as `work` takes, which gets what it says of itself, and the folder. */
async function unpacked(file, work) {
  if (!existsSync(file)) throw new Stop(`There is no file ${file}.`);
  const folder = mkdtempSync(join(tmpdir(), 'aggrega-restore-'));
  chmodSync(folder, 0o700);
  try {
    const { code } = await execute('tar', ['-xf', resolve(file), '-C', folder]);
    const about = join(folder, 'about.json');
    const known = code === 0 && existsSync(about) ? JSON.parse(readFileSync(about, 'utf8')) : {};
    if (known.format !== FORMAT) throw new Stop(`${file} is no backup of Aggrega, or it is broken.`);
    if (known.version !== 1) throw new Stop(`${file} is a backup of version ${known.version}; this Aggrega reads version 1.`);
    return await work(known, folder);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** Brings a database back; resolves to the secret. One that holds something already is only replaced when that is asked for. All of it or nothing. */
export const restoreBackup = (url, { file, replace }) =>
  unpacked(file, async ({ files = [] }, folder) => {
    const programmes = `select count(*) from information_schema.tables where table_schema = 'public'`;
    const full = Number(await onDatabase(url, 'psql', ['-tAc', programmes])) > 0;
    if (full && !replace) throw new Stop('The database holds something already. Add --replace to put the backup in its place.');
    await bringBack(url, folder, { clear: full, files });
    await prepareDatabase(url);
    return readFileSync(join(folder, 'secret'), 'utf8').trim();
  });

/** The unpacked backup into that database, in one transaction: an old state stays until the new one is whole. */
async function bringBack(url, folder, { clear = false, files = [] } = {}) {
  // PostgreSQL's program writes what would be run.
  const script = join(folder, 'restore.sql');
  await onDatabase(url, 'pg_restore', ['--no-owner', '--no-privileges', '-f', script, join(folder, 'database.dump')]);
  const scripts = ['-f', script];
  if (files.length > 0) {
    writeFilesScript(files, folder, join(folder, 'files.sql'));
    scripts.push('-f', join(folder, 'files.sql'));
  }
  const first = clear ? ['-c', 'drop schema public cascade; create schema public;'] : [];
  await onDatabase(url, 'psql', ['-q', '-v', 'ON_ERROR_STOP=1', '-1', ...first, ...scripts]);
}

/**
 * Brings a backup back into an empty database that is made for it on the server of `url` and dropped afterwards, and compares every table with what it held when the
 * backup was made. Resolves to { made, tables, rows, differences }: what is not as it was, as sentences. Stops where it cannot be brought back at all.
 */
export const proveBackup = (url, file) =>
  unpacked(file, ({ made, files = [], sums }, folder) => {
    if (!sums) throw new Stop(`${file} does not say what it holds: it was made by an older Aggrega. Make a new one.`);
    return inScratch(url, async (scratch) => {
      await bringBack(scratch, folder);
      const back = await connected(scratch, async (client) => {
        await client.query('begin read only');
        return tableSums(client);
      });
      const pictures = files.flatMap(({ object, sha256 }, i) =>
        existsSync(join(folder, 'files', `${i}`)) && hashOf(join(folder, 'files', `${i}`)) === sha256
          ? []
          : [`The picture ${object} is missing or broken.`],
      );
      // That it comes up to this version's date is part of it.
      await prepareDatabase(scratch);
      const rows = Object.values(back).reduce((all, { rows }) => all + Number(rows), 0);
      return { made, tables: Object.keys(back).length, rows, differences: [...differences(sums, back), ...pictures] };
    });
  });

const SCRATCH = 'aggrega_proof_';
const DAY = 86_400_000;

/** Drops what a proof that was killed has left, by the moment in its name. */
async function dropLeft(client) {
  const { rows } = await client.query(`select datname as name from pg_database where datname like $1`, [`${SCRATCH}%`]);
  for (const { name } of rows)
    if (Date.now() - Number(name.split('_')[2]) > DAY) await client.query(`drop database if exists "${name}" with (force)`);
}

/** With an empty database of its own on that server. */
const inScratch = (url, work) =>
  connected(url, async (client) => {
    await dropLeft(client);
    const name = `${SCRATCH}${Date.now()}_${randomBytes(4).toString('hex')}`;
    await client.query(`create database ${name} template template0`).catch((error) => {
      if (error.code === '42501')
        throw new Stop('The role in DATABASE_URL may not make a database to try the backup in. Give it that right (CREATEDB).');
      throw new Stop(`No database could be made to try the backup in: ${error.message}`);
    });
    try {
      const scratch = new URL(url);
      scratch.pathname = `/${name}`;
      return await work(scratch.href);
    } finally {
      await client.query(`drop database ${name} with (force)`);
    }
  });
