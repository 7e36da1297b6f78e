import { deskOfProgramme } from '$lib/server/desk/desk';
import { words } from '$lib/server/desk/words';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
  const desk = await deskOfProgramme(locals.organisation, params.programme, locals.who?.organisation?.role);
  if (!desk) error(404, words.weCantFindThatProgramme);
  return { desk };
};
