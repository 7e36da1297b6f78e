import { everybody } from '$lib/server/participants/roster';
import type { PageServerLoad } from './$types';

/** Of each person only what a forecast needs. */
export const load: PageServerLoad = async ({ params, locals }) => ({
  people: (await everybody(locals.organisation, params.programme)).map(({ state, joined, left, colourway, kit }) => ({
    state,
    joined,
    left,
    colourway,
    kit,
  })),
});
