/**
 * What was worked out is worked out once, for all pages and processes and after a restart: an answer is kept under the hash of the question, of the part
 * of the document that it is about, of the language and of the code that answers.
 */
import { createHash } from 'node:crypto';
import { promisify } from 'node:util';
import { brotliCompress, brotliDecompress, constants } from 'node:zlib';
import { spokenTag } from '@aggrega/core/words';
import type { ProgrammeFile } from '@aggrega/core/programme';
import { parse } from 'devalue';
import { LRUCache } from 'lru-cache';
import { partAsked } from '$lib/plan/part-asked';
import type { Ready } from '$lib/plan/server-answer';
import type { YearAnswers, YearQuestion } from '$lib/plan/year-work';
import { now } from '../clock';
import { asNobody, asOrganisation } from '../db/pool';
import { findWorkedOut, isWorkedOut, putWorkedOut } from '../db/worked-out';
import { log, said } from '../web/log';
import { isFree, planned, plannedAhead, plannerCode } from './ask';
import { asking, NOBODY, type Asking } from './asking';

/** Bytes that a house keeps in the database, and that a process holds in memory. */
const IN_HOUSE = 12_000_000;
const IN_MEMORY = 24_000_000;

const compressed = promisify(brotliCompress);
const read = promisify(brotliDecompress);
/** Somebody waits for it. */
const QUICKLY = { params: { [constants.BROTLI_PARAM_QUALITY]: 5 } };

/** Answers as text, by house and name. */
const held = new LRUCache<string, string>({ maxSize: IN_MEMORY, sizeCalculation: (text) => text.length + 200 });
/** The part of a document by what it is about, as text: documents never change, and are asked about again and again. */
const parts = new WeakMap<ProgrammeFile, Map<string, string>>();

export interface Asked {
  organisation: string;
  /** One that nobody changes. */
  document: ProgrammeFile;
  question: YearQuestion;
}

/** Under which name an answer is kept. */
export function nameOf({ document, question }: Omit<Asked, 'organisation'>): Buffer {
  const known = parts.get(document) ?? new Map<string, string>();
  parts.set(document, known);
  const part = known.get(question.kind) ?? hash(JSON.stringify(partAsked(document, question))).toString('hex');
  known.set(question.kind, part);
  return hash(JSON.stringify([plannerCode(), spokenTag(), question, part]));
}

/** A house's own. */
const placeOf = (asked: Asked) => `${asked.organisation} ${nameOf(asked).toString('hex')}`;

const hash = (text: string) => createHash('sha256').update(text).digest();

/** The answer as text (devalue's), where somebody has worked it out before. */
export async function keptAnswerText(asked: Asked): Promise<string | undefined> {
  const name = nameOf(asked);
  const place = placeOf(asked);
  const known = held.get(place);
  if (known !== undefined) return known;
  const text = (await findKept(asked.organisation, name))?.toString();
  if (text === undefined) return undefined;
  held.set(place, text);
  return text;
}

/** How many answers this process has made for a house: a page that was made before the newest of them is sent without it. */
const counts = new LRUCache<string, number>({ max: 5_000 });
export const answersMade = (organisation: string): number => counts.get(organisation) ?? 0;

/** What is being worked out just now, and for whom. */
const underWay = new Map<string, { text: Promise<string | undefined>; askers: Asking[] }>();

/** The answer as text, worked out now if need be. Undefined where it cannot be worked out, or the planner fails: the page tries it itself. */
export async function answerText(asked: Asked): Promise<string | undefined> {
  return (await keptAnswerText(asked)) ?? once(asked, planned);
}

/** Works it out for whoever may ask one day; false where that is done already. */
export async function workOutAhead(asked: Asked): Promise<boolean> {
  const name = nameOf(asked);
  if (underWay.has(placeOf(asked)) || held.has(placeOf(asked))) return false;
  if (await asOrganisation(asked.organisation, (db) => isWorkedOut(db, name))) return false;
  await once(asked, plannedAhead);
  return true;
}

/** Two who ask at once wait for one plan, which is left out only when both have gone. */
async function once(asked: Asked, by: typeof planned): Promise<string | undefined> {
  const place = placeOf(asked);
  const own = asking.getStore() ?? NOBODY;
  const known = underWay.get(place);
  if (known) {
    known.askers.push(own);
    return known.text;
  }
  const askers = [own];
  const all: Asking = { house: own.house, gone: () => askers.every((asker) => asker.gone()) };
  const text = asking.run(all, () => madeAndKept(asked, by));
  underWay.set(place, { text, askers });
  try {
    return await text;
  } finally {
    underWay.delete(place);
  }
}

async function madeAndKept(asked: Asked, by = planned): Promise<string | undefined> {
  const { organisation, document, question } = asked;
  const job = { kind: 'year', document: partAsked(document, question), question } as const;
  const done = await by(job).catch((error: unknown) => log('warn', 'the planner failed at a question', said(error)));
  if (!done || !('body' in done) || done.body === undefined) return undefined;
  const name = nameOf(asked);
  held.set(placeOf(asked), done.body);
  counts.set(organisation, answersMade(organisation) + 1);
  await putKept(organisation, name, Buffer.from(done.body));
  return done.body;
}

/** What a house keeps under a name, that of all it was made of; undefined where nobody has made it yet. */
export async function findKept(organisation: string, name: Buffer): Promise<Buffer | undefined> {
  // As nobody: that it was asked for is noted, which somebody who may only look, and a replica, could not.
  const body = await asNobody(() => asOrganisation(organisation, (db) => findWorkedOut(db, name, now())));
  return body && read(body);
}

/** Keeps it for all processes of the house, as nobody: also what somebody who may only look has set off. */
export async function putKept(organisation: string, name: Buffer, body: Buffer): Promise<void> {
  try {
    const packed = await compressed(body, QUICKLY);
    await asNobody(() =>
      asOrganisation(organisation, (db) => putWorkedOut(db, { name, body: packed, now: now(), most: IN_HOUSE })),
    );
  } catch (error) {
    // It is an answer all the same; another process has to find it by itself.
    log('warn', 'what was worked out could not be kept', said(error));
  }
}

/**
 * The answer as text where it is kept or being worked out just now; and where it is `usual`, so that others will ask for it too, and nobody is waiting for
 * the planner. Else undefined: then the page works it out itself.
 */
export async function answerForPage(asked: Asked, usual: boolean): Promise<string | undefined> {
  return underWay.has(placeOf(asked)) || (usual && isFree()) ? answerText(asked) : keptAnswerText(asked);
}

/** An answer as a page is sent with it: undefined where nobody has worked it out yet. */
export async function ready<Kind extends YearQuestion['kind']>(
  of: { organisation: string; document: ProgrammeFile; revision: number },
  question: YearQuestion & { kind: Kind },
): Promise<Ready<Kind> | undefined> {
  const text = await keptAnswerText({ ...of, question });
  return text === undefined ? undefined : { question, revision: of.revision, answer: parse(text) as YearAnswers[Kind] };
}
