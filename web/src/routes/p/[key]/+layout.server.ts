import { pageOf } from '$lib/server/participant-page/private-page';
import { spokenTo } from '$lib/server/web/languages';
import { spokenTag } from '@aggrega/core/words';
import type { LayoutServerLoad } from './$types';

/** Nothing of a private page is kept by what lies between, found by who searches, or told to where its links lead. */
export const load: LayoutServerLoad = async ({ params, setHeaders }) => {
  setHeaders({ 'cache-control': 'private, no-store', 'x-robots-tag': 'noindex, nofollow' });
  await pageOf(params.key);
  return spokenTo(spokenTag());
};
