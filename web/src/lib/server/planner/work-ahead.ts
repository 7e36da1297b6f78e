/** After a save the answers that pages ask for are worked out before anybody opens them: of the newest document, when it rests. */
import { usualQuestions } from '$lib/plan/year-questions';
import { readingOf } from '$lib/ask/reading';
import { todayIn } from '../clock';
import { findProgramme } from '../db/programmes';
import { asOrganisation } from '../db/pool';
import { log, said } from '../web/log';
import { hasThread } from './ask';
import { answerText } from './worked-out';

/** Milliseconds without another save. */
const REST = 700;
const waiting = new Map<string, NodeJS.Timeout>();

/** Has the usual questions of a programme answered soon. */
export function workAhead(organisation: string, slug: string): void {
  // Without a thread it would keep everybody waiting.
  if (!hasThread()) return;
  const place = `${organisation} ${slug}`;
  clearTimeout(waiting.get(place));
  const timer = setTimeout(() => {
    waiting.delete(place);
    answerAll(organisation, slug, () => waiting.has(place)).catch((error: unknown) =>
      log('warn', 'nothing could be worked out ahead', said(error)),
    );
  }, REST);
  // Nobody waits for it: the process may end.
  timer.unref();
  waiting.set(place, timer);
}

async function answerAll(organisation: string, slug: string, outdated: () => boolean): Promise<void> {
  const stored = await asOrganisation(organisation, (db) => findProgramme(db, slug));
  const reading = stored && !stored.removed ? readingOf(stored.document) : undefined;
  if (!stored || !reading?.ok) return;
  const today = todayIn(reading.programme.calendar.timeZone);
  for (const question of usualQuestions(reading.programme, today)) {
    if (outdated()) return;
    await answerText({ organisation, document: stored.document, question }, true);
  }
}
