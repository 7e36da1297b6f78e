import { whileDatabaseAnswers } from '$lib/server/door';
import { releasePage } from '$lib/server/releases';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
  const found = await whileDatabaseAnswers(releasePage(locals.organisation, params.programme, params.month));
  if (!found) error(404, 'There is no such month.');
  // A long list comes after the page, which is there at once.
  return { found: found.holders.length > 300 ? { ...found, holders: [] } : found };
};
