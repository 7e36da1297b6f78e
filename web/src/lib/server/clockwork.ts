/** What runs by the clock: releases at their minute, and mails whose turn it is. Any number of processes may run it side by side. */
import { organisationIds } from './db/organisations';
import { DatabaseAway, asClockwork } from './db/pool';
import { sendDue } from './mail/post';
import { releaseDue } from './releases';

const EVERY = 2000;
let timer: NodeJS.Timeout | undefined;
let running: Promise<void> = Promise.resolve();

/** One turn: everything that is due now is done, for every organisation. */
export async function turn(): Promise<void> {
  for (const organisation of await asClockwork(organisationIds)) {
    await releaseDue(organisation);
    while ((await sendDue(organisation)) > 0);
  }
}

/** Starts the clockwork; a turn that fails is said in the log, and the next one tries again. */
export function startClockwork(): void {
  timer ??= setInterval(() => {
    if (busy) return;
    busy = true;
    running = turn()
      .catch((error) => {
        if (!(error instanceof DatabaseAway)) console.error(error);
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
