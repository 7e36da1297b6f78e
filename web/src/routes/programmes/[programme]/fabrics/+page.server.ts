import { colourwayAsked, readyFor } from '$lib/server/planner/ready-for';
import { clothQuestion, scatterQuestion } from '$lib/plan/year-questions';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, parent, url, untrack }) => {
  const loaded = { ...(await parent()), organisation: locals.organisation };
  const id = untrack(() => url.searchParams.get('colourway'));
  return {
    cloth: await readyFor(loaded, clothQuestion),
    scatter: await readyFor(loaded, (p) => {
      const own = p.colourways.find((c) => c.id === colourwayAsked(p, id));
      return own && own.pools.size > 0 ? scatterQuestion(own.id) : undefined;
    }),
  };
};
