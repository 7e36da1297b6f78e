import { shopPace } from '$lib/server/cut/cutting-room';
import { colourwayAsked, readyFor } from '$lib/server/planner/ready-for';
import { costQuestion, figuresQuestion } from '$lib/plan/year-questions';
import type { PageServerLoad } from './$types';

/** What minutes by the rates are multiplied with, and the year as it was worked out. */
export const load: PageServerLoad = async ({ locals, parent, url, untrack }) => {
  const loaded = { ...(await parent()), organisation: locals.organisation };
  const id = untrack(() => url.searchParams.get('colourway'));
  return {
    pace: await shopPace(locals.organisation),
    figures: await readyFor(loaded, (p) => figuresQuestion(p)),
    cost: await readyFor(loaded, (p) => costQuestion(colourwayAsked(p, id) ?? '')),
  };
};
