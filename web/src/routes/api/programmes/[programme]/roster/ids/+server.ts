import { words } from '$lib/server/participants/words';
import { peopleNamed, rosterIds } from '$lib/server/participants/roster';
import { rosterQuestion } from '$lib/server/participants/roster-question';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Everybody who is asked for, whole, so that all of them can be changed together. */
export const GET: RequestHandler = async ({ params, url, locals }) => {
  const { question } = rosterQuestion(url.searchParams);
  const ids = await rosterIds(locals.organisation, params.programme, question);
  if (!ids) error(404, words.weCantFindThatProgramme);
  return json({ people: await peopleNamed(locals.organisation, params.programme, ids) });
};
