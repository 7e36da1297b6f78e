import { whileDatabaseAnswers } from '$lib/server/door';
import { kitList } from '$lib/server/kits';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
  const rows = await whileDatabaseAnswers(kitList(locals.organisation, params.programme));
  if (!rows) error(404, 'There is no such programme.');
  return { rows };
};
