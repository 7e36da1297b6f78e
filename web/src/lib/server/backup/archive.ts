/**
 * Everything that a shop or guild owns as one archive, and such an archive taken in by one that is still empty. A ZIP of lines of JSON, one file per table,
 * with the programmes once more as documents of their own; docs/operations.md says what stands in it.
 */
import { words } from './words';
import { unreadable } from '@aggrega/core/programme';
import { Unzip, UnzipInflate, Zip, ZipDeflate } from 'fflate';
import { createWriteStream } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { once } from 'node:events';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { StringDecoder } from 'node:string_decoder';
import type pg from 'pg';
import { isRole } from '../auth/roles';
import { isEmail, plainEmail } from '../auth/sign-in';
import { now } from '../clock';
import { insertRows, readMembers, readRows, rowsIn, tables, type Table } from '../db/archive';
import { prepareInvitation } from '../db/invitations';
import { listProgrammes } from '../db/programmes';
import { allPeople } from '../db/participants';
import { asOrganisation, asReader } from '../db/pool';
import { getObject } from '../files/store';
import { keepLinks } from '../participants/roster';
import { ArchiveError, whenSent } from './upload';

const FORMAT = 'aggrega-archive';
const VERSION = 1;
/** Who worked there. */
const MEMBERS = 'members.jsonl';
/** Rows that are read, or put in, at a time: what is in memory at once. */
const PAGE = 500;
const FILES = 20;
/** Files of an archive: a table each, and a programme each. */
const MOST_FILES = 10_000;
/** Letters of the longest line that is taken. */
const LONGEST = 32_000_000;

/** Writes the archive of one moment into a temporary file; `remove` takes it away again. */
export async function writeArchive(
  organisation: string,
  house: string,
): Promise<{ path: string; remove: () => Promise<void> }> {
  const folder = await mkdtemp(join(tmpdir(), 'aggrega-archive-'));
  const remove = () => rm(folder, { recursive: true, force: true });
  const path = join(folder, 'archive.zip');
  try {
    await asReader(organisation, (db) => writeAll(db, path, house));
    return { path, remove };
  } catch (error) {
    await remove();
    throw error;
  }
}

async function writeAll(db: pg.ClientBase, path: string, house: string): Promise<void> {
  const file = createWriteStream(path);
  const failed = once(file, 'error').then(([error]) => Promise.reject(error as Error));
  failed.catch(() => {});
  let full = false;
  const zip = new Zip((error, chunk, final) => {
    if (error) throw error;
    full = !file.write(chunk) || full;
    if (final) file.end();
  });
  const drained = async () => {
    if (full) await Promise.race([once(file, 'drain'), failed]);
    full = false;
  };
  const entry = async (name: string, chunks: AsyncIterable<string>) => {
    const part = new ZipDeflate(name, { level: 6 });
    zip.add(part);
    for await (const chunk of chunks) {
      part.push(Buffer.from(chunk), false);
      await drained();
    }
    part.push(new Uint8Array(), true);
  };
  await entry('archive.json', oneText(JSON.stringify({ format: FORMAT, version: VERSION, house, made: now().toISOString() })));
  await entry(MEMBERS, oneText((await readMembers(db)).map((line) => `${line}\n`).join('')));
  for (const table of tables) await entry(`tables/${table}.jsonl`, lines(db, table));
  for (const { slug, document } of await listProgrammes(db))
    await entry(`programmes/${slug}.aggrega.json`, oneText(JSON.stringify(document, null, 2)));
  zip.end();
  await Promise.race([once(file, 'close'), failed]);
}

async function* oneText(text: string): AsyncGenerator<string> {
  yield text;
}

async function* lines(db: pg.ClientBase, table: Table): AsyncGenerator<string> {
  const files = table === 'picture' || table === 'swatch_photo';
  for await (const rows of readRows(db, table, files ? FILES : PAGE)) {
    const whole = files ? await Promise.all(rows.map(withFile)) : rows;
    yield whole.map((r) => `${r}\n`).join('');
  }
}

/** A row as it stands on its own: with what only the store of files holds of it, and without its name there. */
async function withFile(line: string): Promise<string> {
  const { object, ...row } = JSON.parse(line) as { jpeg: string | null; object: string | null };
  row.jpeg ??= `\\x${(await getObject(object!)).toString('hex')}`;
  return JSON.stringify(row);
}

/**
 * Takes an archive in, for an organisation that has no programme yet: all of it or nothing. Private links are made anew, since they belong to this
 * installation; who worked there is noted, to be invited. Throws ArchiveError.
 */
export async function takeArchive(organisation: string, zip: AsyncIterable<Uint8Array>): Promise<{ programmes: number }> {
  // Said before all of it is sent, and looked at again when it is.
  await asOrganisation(organisation, noneYet);
  return whenSent(organisation, zip, (file, most) => takeIn(organisation, file, most));
}

async function noneYet(db: pg.ClientBase): Promise<void> {
  if ((await listProgrammes(db)).length > 0) throw new ArchiveError(words.thereAreProgrammesHereAlready);
}

function takeIn(organisation: string, zip: AsyncIterable<Uint8Array>, most: number): Promise<{ programmes: number }> {
  return asOrganisation(organisation, async (db) => {
    await db.query(`select set_config('app.no_record', 'on', true)`);
    await noneYet(db);
    const ids = new Map<number, number>();
    let seen = false;
    for await (const { name, text } of textsIn(zip, most)) {
      if (name === 'archive.json') {
        seen = readsAsOurs(text.join(''));
        continue;
      }
      const table = tables.find((t) => name === `tables/${t}.jsonl`);
      if (!table && name !== MEMBERS) continue;
      if (!seen) throw new ArchiveError('This isn’t a backup from Aggrega: archive.json isn’t its first file.');
      if (table) await putIn(db, table, text, ids);
      else await noteMembers(db, text);
    }
    if (!seen) throw new ArchiveError('This isn’t a backup from Aggrega, or it is incomplete.');
    const programmes = await listProgrammes(db);
    for (const { slug } of programmes) await keepLinks(db, { organisation, slug, people: await allPeople(db, slug) });
    return { programmes: programmes.length };
  }).catch((error: unknown) => {
    if (error instanceof SyntaxError) throw new ArchiveError(words.aLineInItIs(error.message));
    const { code } = error as { code?: string };
    if (code === '23505') throw new ArchiveError(words.whatIsInItIs);
    if (code?.startsWith('22') || code?.startsWith('23'))
      throw new ArchiveError(words.itsRowsDoNotFit((error as Error).message));
    throw error;
  });
}

function readsAsOurs(text: string): boolean {
  if (unreadable(text)) return false;
  let head: { format?: unknown; version?: unknown };
  try {
    head = JSON.parse(text) as typeof head;
  } catch {
    return false;
  }
  if (head.format === FORMAT && head.version !== VERSION)
    throw new ArchiveError(`It is of version ${String(head.version)}; this Aggrega reads version ${VERSION}.`);
  return head.format === FORMAT;
}

async function putIn(db: pg.ClientBase, table: Table, rows: readonly string[], ids: Map<number, number>): Promise<void> {
  for (const row of rows) {
    const refused = unreadable(row);
    if (refused) throw new SyntaxError(refused);
  }
  for (let i = 0; i < rows.length; i += PAGE) await insertRows(db, table, rows.slice(i, i + PAGE), ids);
}

/** Whoever worked in the archive's shop can be invited here with one press; accounts are people's own, and come from nowhere else. */
async function noteMembers(db: pg.ClientBase, lines: readonly string[]): Promise<void> {
  for (const { email, role } of rowsIn<{ email?: unknown; role?: unknown }>(lines)) {
    if (typeof email !== 'string' || !isEmail(email) || !isRole(role)) throw new ArchiveError(words.doesNotSayOfEach(MEMBERS));
    await prepareInvitation(db, { email: plainEmail(email), role, at: now() });
  }
}

/** The lines of each file of a ZIP, some hundred at a time, in the order in which they stand there; of no more than `most` bytes in all. */
async function* textsIn(zip: AsyncIterable<Uint8Array>, most: number): AsyncGenerator<{ name: string; text: string[] }> {
  const ready: { name: string; text: string[] }[] = [];
  let trouble: Error | undefined;
  let [bytes, files] = [0, 0];
  const unzip = new Unzip((file) => {
    if ((files += 1) > MOST_FILES) trouble ??= new ArchiveError(words.itUnpacksToMore);
    const decoder = new StringDecoder('utf8');
    let rest = '';
    file.ondata = (error, chunk, final) => {
      if (error) trouble = error;
      if (!trouble && chunk && (bytes += chunk.length) > most) trouble = new ArchiveError(words.itUnpacksToMore);
      if (trouble || !chunk) return;
      const parts = (rest + decoder.write(Buffer.from(chunk)) + (final ? decoder.end() : '')).split('\n');
      rest = final ? '' : parts.pop()!;
      if (rest.length > LONGEST) trouble = new ArchiveError(words.hasALineThatIs(file.name));
      const text = parts.filter((line) => line !== '');
      if (text.length > 0) ready.push({ name: file.name, text });
    };
    file.start();
  });
  unzip.register(UnzipInflate);
  try {
    for await (const chunk of zip) {
      pushed(chunk, false);
      yield* ready.splice(0);
    }
    pushed(new Uint8Array(), true);
    yield* ready.splice(0);
  } finally {
    ready.length = 0;
  }

  function pushed(chunk: Uint8Array, final: boolean): void {
    try {
      unzip.push(chunk, final);
    } catch {
      throw new ArchiveError(words.thisIsntAZipFile);
    }
    if (trouble) throw trouble instanceof ArchiveError ? trouble : new ArchiveError(words.thisZipFileIsBroken);
  }
}
