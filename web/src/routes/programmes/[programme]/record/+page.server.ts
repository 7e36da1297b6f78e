import { words } from '$lib/server/history/words';
import { recordOf } from '$lib/server/history/record';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals, url }) => {
  const before = url.searchParams.get('before') ?? '';
  const record = await recordOf(locals.organisation, params.programme, /^\d{1,15}$/.test(before) ? Number(before) : null);
  if (!record) error(404, words.weCantFindThatProgramme);
  return { record, older: before !== '' };
};
