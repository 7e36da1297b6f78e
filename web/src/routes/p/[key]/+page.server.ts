import { words } from '$lib/server/participant-page/words';
import { participantView } from '$lib/server/participant-page/participant-page';
import { pageDoorOf } from '$lib/server/participant-page/page-door';
import { pageOf } from '$lib/server/participant-page/private-page';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
  const page = await pageOf(params.key);
  const view = await participantView(page);
  if (!view) error(404, words.thisProgrammeCannotBeShown);
  const { key = '', known = true } = locals.pageDevice ?? {};
  return { view, key: params.key, door: await pageDoorOf(page, key), newDevice: !known };
};
