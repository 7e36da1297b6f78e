/** Papers as files are made once, for all processes and after a restart: each is kept under the hash of everything that it is made of. */
import { createHash } from 'node:crypto';
import { spokenTag } from '@aggrega/core/words';
import { LRUCache } from 'lru-cache';
import { findKept, putKept } from '../planner/worked-out';
import type { FoundFile } from '../web/file-answer';

/** A file by its name and what is in it. */
export interface NamedFile {
  name: string;
  body: Buffer<ArrayBuffer>;
}

type Refused = Extract<FoundFile, { message: string }>;

/** Bytes that a process holds in memory. */
const IN_MEMORY = 24_000_000;
const held = new LRUCache<string, NamedFile>({ maxSize: IN_MEMORY, sizeCalculation: ({ body }) => body.length + 200 });
/** What is being made just now: when a month goes out, many ask for it at once. */
const underWay = new Map<string, Promise<NamedFile | Refused>>();

let code: string | undefined;
/** Tells the code that makes papers from any other; until then nothing is kept. */
export const keepFilesMadeBy = (version: string): void => void (code = version);

/** A house's file that is made `of` these things and of nothing else, in the language that is spoken. What `make` refuses is not kept. */
export async function keptFile(
  organisation: string,
  of: unknown,
  make: () => Promise<NamedFile | Refused>,
): Promise<NamedFile | Refused> {
  if (code === undefined) return make();
  const name = createHash('sha256')
    .update(JSON.stringify(['file', code, spokenTag(), of]))
    .digest();
  const place = `${organisation} ${name.toString('hex')}`;
  const known = held.get(place) ?? underWay.get(place);
  if (known) return known;
  const made = foundOrMade(organisation, name, make);
  underWay.set(place, made);
  try {
    const file = await made;
    if (!('message' in file)) held.set(place, file);
    return file;
  } finally {
    underWay.delete(place);
  }
}

async function foundOrMade(
  organisation: string,
  name: Buffer,
  make: () => Promise<NamedFile | Refused>,
): Promise<NamedFile | Refused> {
  const kept = await findKept(organisation, name);
  if (kept) {
    const end = kept.indexOf('\n');
    return { name: kept.toString('utf8', 0, end), body: Buffer.from(kept.subarray(end + 1)) };
  }
  const file = await make();
  if (!('message' in file)) await putKept(organisation, name, Buffer.concat([Buffer.from(`${file.name}\n`), file.body]));
  return file;
}
