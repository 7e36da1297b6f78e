import { words } from '$lib/server/sheet/words';
import { releasePage } from '$lib/server/release/releases';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

/** Rows of a list that come with the page; a longer one comes after it, which is there at once. */
const WITH_PAGE = 300;

export const load: PageServerLoad = async ({ params, locals }) => {
  const found = await releasePage(locals.organisation, params.programme, params.month, WITH_PAGE + 1);
  if (!found) error(404, words.weCantFindThatMonth);
  return { found: found.holders.length > WITH_PAGE ? { ...found, holders: [] } : found };
};
