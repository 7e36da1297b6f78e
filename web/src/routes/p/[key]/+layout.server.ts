import type { LayoutServerLoad } from './$types';

/** Nothing of a private page is kept by what lies between, found by who searches, or told to where its links lead. */
export const load: LayoutServerLoad = ({ setHeaders }) => {
  setHeaders({ 'cache-control': 'private, no-store', 'x-robots-tag': 'noindex, nofollow' });
};
