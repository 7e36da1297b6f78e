/**
 * An archive on its way in lies in a file until all of it is there: somebody who sends slowly, or goes away, holds no connection to the database. Each house sends one
 * at a time, and few are put in at once.
 */
import { createReadStream, createWriteStream } from 'node:fs';
import { mkdtemp, readdir, rm, stat } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { log, said } from '../web/log';
import { words } from './words';

/** The archive cannot be taken in; nothing was. */
export class ArchiveError extends Error {}
/** It can be sent again in a while. */
export class ArchiveBusy extends ArchiveError {}

/** Bytes of an archive as it is sent, and how much more than that may come out of it: our lines are a tenth packed, pictures half. */
export const SENT = 4_000_000_000;
export const UNPACKED = { times: 100, least: 50_000_000 };
/** Archives that are put in at a time: each has one of eight connections. */
const AT_ONCE = 2;
/** Bytes that are read of it at a time: what is packed tightest comes to a thousand times as much. */
const PIECE = 8_192;

/** Its name begins so, as that of one that is written does. */
const FOLDER = 'aggrega-archive-';
const DAY = 86_400_000;

const sending = new Set<string>();
let puttingIn = 0;

/** Takes the pieces of an archive into a file, and works on it when all of it is there. Throws ArchiveBusy where that house, or enough others, are at it already. */
export async function whenSent<T>(
  organisation: string,
  pieces: AsyncIterable<Uint8Array>,
  work: (file: AsyncIterable<Uint8Array>, most: number) => Promise<T>,
): Promise<T> {
  if (sending.has(organisation)) throw new ArchiveBusy(words.anotherIsBeingTakenIn);
  sending.add(organisation);
  const folder = await mkdtemp(join(tmpdir(), FOLDER));
  try {
    const path = join(folder, 'sent.zip');
    let sent = 0;
    await pipeline(Readable.from(measured(pieces, (bytes) => (sent += bytes) <= SENT)), createWriteStream(path));
    if (puttingIn >= AT_ONCE) throw new ArchiveBusy(words.othersAreBeingTakenIn);
    puttingIn += 1;
    try {
      const most = Math.max(UNPACKED.least, sent * UNPACKED.times);
      return await work(createReadStream(path, { highWaterMark: PIECE }) as AsyncIterable<Uint8Array>, most);
    } finally {
      puttingIn -= 1;
    }
  } finally {
    sending.delete(organisation);
    await rm(folder, { recursive: true, force: true });
  }
}

async function* measured(pieces: AsyncIterable<Uint8Array>, fits: (bytes: number) => boolean) {
  for await (const piece of pieces) {
    if (!fits(piece.length)) throw new ArchiveError(words.itIsLargerThanIsTaken(SENT / 1e9));
    yield piece;
  }
}

/** Clears away what a process that was ended in the middle has left: nobody sends for a day. */
export async function sweepSent(at: Date): Promise<void> {
  for (const name of await readdir(tmpdir())) {
    if (!name.startsWith(FOLDER)) continue;
    const path = join(tmpdir(), name);
    const found = await stat(path).catch(() => undefined);
    if (!found || at.getTime() - found.mtimeMs <= DAY) continue;
    // Another user's, on a machine where several serve, is theirs to clear away.
    await rm(path, { recursive: true, force: true }).catch((error: unknown) => log('warn', 'upload left over', said(error)));
  }
}
