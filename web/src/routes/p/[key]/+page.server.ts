import { words } from '$lib/server/participant-page/words';
import { participantView } from '$lib/server/participant-page/participant-page';
import { pageOf } from '$lib/server/participant-page/private-page';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
  const view = await participantView(await pageOf(params.key));
  if (!view) error(404, words.thisProgrammeCannotBeShown);
  return { view, key: params.key };
};
