import { ownSheet } from '$lib/server/participant-page/own-sheet';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, parent }) => {
  const { locale } = await parent();
  return ownSheet(params.key, params.month, locale);
};
