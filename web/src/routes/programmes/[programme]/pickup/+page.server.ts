import { words } from '$lib/server/kits/words';
import { readyKits } from '$lib/server/kits/kits';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
  const rows = await readyKits(locals.organisation, params.programme);
  if (!rows) error(404, words.weCantFindThatProgramme);
  // A long list comes after the page, which is there at once.
  const later = rows.length > 300;
  return { rows: later ? [] : rows, later };
};
