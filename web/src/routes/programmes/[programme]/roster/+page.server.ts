import { words } from '$lib/server/participants/words';
import { rosterPage } from '$lib/server/participants/roster';
import { rosterQuestion } from '$lib/server/participants/roster-question';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url, locals, untrack }) => {
  const { question, page } = untrack(() => rosterQuestion(url.searchParams));
  const roster = await rosterPage(locals.organisation, params.programme, question, page);
  if (!roster) error(404, words.weCantFindThatProgramme);
  return { roster };
};
