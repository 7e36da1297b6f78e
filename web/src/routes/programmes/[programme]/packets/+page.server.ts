import { colourwayAsked, readyFor } from '$lib/server/planner/ready-for';
import { packetsQuestion } from '$lib/plan/year-questions';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, parent, url, untrack }) => {
  const loaded = { ...(await parent()), organisation: locals.organisation };
  const id = untrack(() => url.searchParams.get('colourway'));
  return { packets: await readyFor(loaded, (p) => packetsQuestion(p, colourwayAsked(p, id) ?? '')) };
};
