import { kitPage } from '$lib/server/kits/kits';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
  const found = await kitPage(locals.organisation, params.programme, params.month);
  return found ?? { rows: [], later: false, loose: [] };
};
