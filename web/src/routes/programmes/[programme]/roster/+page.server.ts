import { whileDatabaseAnswers } from '$lib/server/door';
import { rosterPage } from '$lib/server/roster';
import { rosterQuestion } from '$lib/server/roster-question';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url, locals, untrack }) => {
  const { question, page } = untrack(() => rosterQuestion(url.searchParams));
  const roster = await whileDatabaseAnswers(rosterPage(locals.organisation, params.programme, question, page));
  if (!roster) error(404, 'There is no such programme.');
  return { roster };
};
