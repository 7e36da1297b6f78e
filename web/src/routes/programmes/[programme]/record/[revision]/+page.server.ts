import { stateOf } from '$lib/server/history/states';
import { words } from '$lib/server/history/words';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
  const revision = /^\d{1,9}$/.test(params.revision) ? Number(params.revision) : 0;
  const state = await stateOf(locals.organisation, params.programme, revision);
  if (!state) error(404, words.weCantFindThatSave);
  return { state, revision };
};
