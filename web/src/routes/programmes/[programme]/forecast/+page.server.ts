import { readyFor } from '$lib/server/planner/ready-for';
import { figuresQuestion } from '$lib/plan/year-questions';
import { everybody } from '$lib/server/participants/roster';
import type { PageServerLoad } from './$types';

/** Of each person only what a forecast needs. */
export const load: PageServerLoad = async ({ params, locals, parent }) => ({
  figures: await readyFor({ ...(await parent()), organisation: locals.organisation }, (p) => figuresQuestion(p)),
  people: (await everybody(locals.organisation, params.programme)).map(({ state, joined, left, colourway, kit }) => ({
    state,
    joined,
    left,
    colourway,
    kit,
  })),
});
