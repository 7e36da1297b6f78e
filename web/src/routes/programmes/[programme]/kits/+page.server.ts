import { words } from '$lib/server/kits/words';
import { kitBoard } from '$lib/server/kits/kits';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
  const board = await kitBoard(locals.organisation, params.programme);
  if (!board) error(404, words.weCantFindThatProgramme);
  return { board };
};
