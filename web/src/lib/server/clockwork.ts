/** What runs by the clock: releases at their minute, mails whose turn it is, the desk by mail. Any number of processes may run it side by side. */
import { organisationIds } from './db/organisations';
import { now } from './clock';
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

/** One turn: everything that is due now is done, for every organisation. */
export async function turn(): Promise<void> {
  const at = now();
  const sweeps = at.getTime() - swept.getTime() > SWEEP;
  for (const organisation of await asClockwork(organisationIds)) {
    await releaseDue(organisation);
    while ((await sendDue(organisation)) > 0);
    if (sweeps) await asOrganisation(organisation, (db) => sweepDeleted(db, at));
  }
  if (storeSet()) await moveFiles();
  if (sweeps) {
    await atTheDoor((db) => sweepSessions(db, at));
    swept = at;
  }
}

/** One round of the desk by mail. It plans, which takes seconds: beside the turns, so that no release waits for it. */
export async function deskTurn(): Promise<void> {
  for (const organisation of await asClockwork(organisationIds)) await sendDeskLetters(organisation);
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
