import { checkedTasks } from '$lib/server/desk/desk';
import { words } from '$lib/server/desk/words';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** What of the programme needs a hand, sheets and stock looked through. */
export const GET: RequestHandler = async ({ params, locals }) => {
  const tasks = await checkedTasks(locals.organisation, params.programme, locals.who?.organisation?.role);
  if (!tasks) error(404, words.weCantFindThatProgramme);
  return json(tasks);
};
