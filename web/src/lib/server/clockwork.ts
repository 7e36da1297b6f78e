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
let timer: NodeJS.Timeout | undefined;
let running: Promise<void> = Promise.resolve();

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
    await sendDeskLetters(organisation);
    if (sweeps) await asOrganisation(organisation, (db) => sweepDeleted(db, at));
  }
  if (storeSet()) await moveFiles();
  if (sweeps) {
    await atTheDoor((db) => sweepSessions(db, at));
    swept = at;
  }
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

/** Starts the clockwork; a turn that fails is said in the log, and the next one tries again. */
export function startClockwork(): void {
  timer ??= setInterval(() => {
    if (busy) return;
    busy = true;
    running = turn()
      .catch((error) => {
        if (!isAway(error, 'database')) log('error', 'clockwork', said(error));
      })
      .finally(() => (busy = false));
  }, EVERY);
}
let busy = false;

/** Stops it after the turn that is under way. */
export async function stopClockwork(): Promise<void> {
  clearInterval(timer);
  timer = undefined;
  await running;
}
