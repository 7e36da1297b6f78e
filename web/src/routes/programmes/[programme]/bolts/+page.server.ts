import { readyFor } from '$lib/server/planner/ready-for';
import { packetsAhead, stockQuestion } from '$lib/plan/year-questions';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, parent }) => {
  const loaded = { ...(await parent()), organisation: locals.organisation };
  return { stock: await readyFor(loaded, (p) => stockQuestion(p, packetsAhead(p, loaded.today))) };
};
