/** What runs by the clock: releases at their minute, mails whose turn it is, the desk by mail. Any number of processes may run it side by side. */
import type pg from 'pg';
import { organisationIds } from './db/organisations';
import { now } from './clock';
import { sweepSent } from './backup/upload';
import { sweepFirstAnswers } from './db/first-answers';
import { sweepCodes } from './db/page-locks';
import { sweepChallenges } from './db/passkeys';
import { sweepDeleted } from './db/records';
import { sendDeskLetters } from './desk/desk-letter';
import { sweepSessions } from './db/sessions';
import { isAway } from './web/outside';
import { asClockwork, asOrganisation, atTheDoor } from './db/pool';
import { bringFiles, deleteFiles } from './files/moving';
import { StoreAway, storeSet } from './files/store';
import { sendDue } from './mail/post';
import { log, said } from './web/log';
import { releaseDue } from './release/releases';

const EVERY = 2000;
/** Letters of the desk go out to the minute. */
const DESK_EVERY = 60_000;

/** Once in an hour what has ended, or was deleted long ago, is cleared away. */
const SWEEP = 3_600_000;
let swept = new Date(0);

/** Rounds of letters in one turn: after that it is looked again for releases. */
const ROUNDS = 50;

let turnsTaken = 0;
/** All houses, each turn beginning with another. */
function inTurn(houses: string[]): string[] {
  const first = turnsTaken++ % Math.max(1, houses.length);
  return [...houses.slice(first), ...houses.slice(0, first)];
}

/** The trouble of one house is said in the log, and holds up no other; a database that is away holds up all. */
async function byItself<T>(house: string, work: () => Promise<T>): Promise<T | undefined> {
  try {
    return await work();
  } catch (error) {
    if (isAway(error, 'database')) throw error;
    log('error', 'clockwork', { organisation: house, ...said(error) });
    return undefined;
  }
}

/** One turn: everything that is due now is done, for every organisation. */
export async function turn(): Promise<void> {
  const at = now();
  const sweeps = at.getTime() - swept.getTime() > SWEEP;
  const houses = inTurn(await asClockwork(organisationIds));
  for (const house of houses) await byItself(house, () => releaseDue(house));
  // Letters of all go out side by side, some of each at a time.
  let writing = houses;
  for (let round = 0; round < ROUNDS && writing.length > 0; round += 1) {
    const more: string[] = [];
    for (const house of writing) if (((await byItself(house, () => sendDue(house))) ?? 0) > 0) more.push(house);
    writing = more;
  }
  if (sweeps) for (const house of houses) await byItself(house, () => asOrganisation(house, (db) => sweep(db, at)));
  if (storeSet()) await moveFiles();
  if (sweeps) {
    await atTheDoor(async (db) => {
      await sweepSessions(db, at);
      await sweepChallenges(db, at);
      await sweepCodes(db, at);
    });
    await sweepSent(new Date());
    swept = at;
  }
}

async function sweep(db: pg.ClientBase, at: Date): Promise<void> {
  await sweepDeleted(db, at);
  await sweepFirstAnswers(db);
}

/** One round of the desk by mail. It plans, which takes seconds: beside the turns, so that no release waits for it. */
export async function deskTurn(): Promise<void> {
  for (const house of inTurn(await asClockwork(organisationIds))) await byItself(house, () => sendDeskLetters(house));
}

/** A store of files that is away holds up nothing else. */
async function moveFiles(): Promise<void> {
  try {
    for (const organisation of await asClockwork(organisationIds)) await bringFiles(organisation);
    await deleteFiles();
  } catch (error) {
    if (!(error instanceof StoreAway)) throw error;
    log('warn', 'store of files', said(error));
  }
}

/** Something that is done again and again, never twice at a time. */
class Hand {
  #timer: NodeJS.Timeout | undefined;
  #running: Promise<void> | undefined;
  #does: () => Promise<void>;

  constructor(does: () => Promise<void>) {
    this.#does = does;
  }

  start(every: number): void {
    this.#timer ??= setInterval(() => {
      this.#running ??= this.#does()
        .catch((error) => {
          if (!isAway(error, 'database')) log('error', 'clockwork', said(error));
        })
        .finally(() => (this.#running = undefined));
    }, every);
  }

  /** Stops it after what is under way. */
  async stop(): Promise<void> {
    clearInterval(this.#timer);
    this.#timer = undefined;
    await this.#running;
  }
}

const turns = new Hand(turn);
const desks = new Hand(deskTurn);

/** Starts the clockwork; a turn that fails is said in the log, and the next one tries again. */
export function startClockwork(): void {
  turns.start(EVERY);
  desks.start(DESK_EVERY);
}

/** Stops it after the turn that is under way. */
export const stopClockwork = async (): Promise<void> => void (await Promise.all([turns.stop(), desks.stop()]));
