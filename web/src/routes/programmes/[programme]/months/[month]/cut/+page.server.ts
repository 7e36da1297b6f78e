import { monthQuestion, readingsQuestion } from '$lib/plan/year-questions';
import { shopPace } from '$lib/server/cut/cutting-room';
import { monthAsked, readyFor } from '$lib/server/planner/ready-for';
import type { PageServerLoad } from './$types';

/** What minutes by the rates are multiplied with; and the month's final plans, where somebody has worked them out. */
export const load: PageServerLoad = async ({ locals, params, parent, url }) => {
  const loaded = { ...(await parent()), organisation: locals.organisation };
  const asked = monthAsked(loaded, params.month, url.searchParams.get('colourway'));
  const [pace, month, readings] = await Promise.all([
    shopPace(locals.organisation),
    asked && readyFor(loaded, (p) => monthQuestion(p, asked.month, asked.colourway)),
    asked && readyFor(loaded, (p) => readingsQuestion(p, asked.month, asked.colourway)),
  ]);
  return { pace, month, readings };
};
