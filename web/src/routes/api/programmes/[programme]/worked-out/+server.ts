import { answerForPage } from '$lib/server/planner/worked-out';
import { yearQuestion } from '$lib/server/planner/year-question';
import { words } from '$lib/server/programme/words';
import { asOrganisation } from '$lib/server/db/pool';
import { findRevision } from '$lib/server/db/programmes';
import { readingOf } from '$lib/ask/reading';
import { usualQuestions } from '$lib/plan/year-questions';
import type { YearQuestion } from '$lib/plan/year-work';
import { todayIn } from '$lib/server/clock';
import type { ProgrammeFile } from '@aggrega/core/programme';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Whether it is asked of a page as it is opened. */
function isUsual(document: ProgrammeFile, question: YearQuestion): boolean {
  const reading = readingOf(document);
  if (!reading.ok) return false;
  const usual = usualQuestions(reading.programme, todayIn(reading.programme.calendar.timeZone));
  return usual.some((one) => JSON.stringify(one) === JSON.stringify(question));
}

/** The answer to a question of a page of the year, where somebody has worked it out; nothing where not. */
export const GET: RequestHandler = async ({ params, url, locals }) => {
  const question = yearQuestion(url.searchParams.get('question'));
  const revision = Number(url.searchParams.get('revision'));
  if (!Number.isInteger(revision) || revision < 1 || revision > 2_000_000_000) error(400, words.aRevisionIsAWholeNumber);
  const { organisation } = locals;
  const document = await asOrganisation(organisation, (db) => findRevision(db, params.programme, revision));
  if (!document) error(404, words.weCantFindThatProgramme);
  const text = await answerForPage({ organisation, document, question }, isUsual(document, question));
  return text === undefined
    ? new Response(null, { status: 204 })
    : new Response(text, { headers: { 'content-type': 'text/plain; charset=utf-8' } });
};
