import { words } from '$lib/server/test-blocks/words';
import { sizesOfGroup } from '$lib/server/participants/group-sizes';
import { sampleLog } from '$lib/server/test-blocks/samples';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
  const log = await sampleLog(locals.organisation, params.programme);
  if (!log) error(404, words.weCantFindThatProgramme);
  return { log, sizes: await sizesOfGroup(locals.organisation, params.programme) };
};
