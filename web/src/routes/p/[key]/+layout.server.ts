import { languageOn, pageOf } from '$lib/server/participant-page/private-page';
import { answerIn, spokenTo } from '$lib/server/web/languages';
import type { LayoutServerLoad } from './$types';

/** Nothing of a private page is kept by what lies between, found by who searches, or told to where its links lead. */
export const load: LayoutServerLoad = async ({ params, setHeaders }) => {
  setHeaders({ 'cache-control': 'private, no-store', 'x-robots-tag': 'noindex, nofollow' });
  const tag = await languageOn(await pageOf(params.key));
  answerIn(tag);
  return spokenTo(tag);
};
