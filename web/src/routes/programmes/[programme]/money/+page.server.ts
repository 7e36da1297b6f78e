import { readyFor } from '$lib/server/planner/ready-for';
import { figuresQuestion } from '$lib/plan/year-questions';
import { shopPace } from '$lib/server/cut/cutting-room';
import { kitBoard } from '$lib/server/kits/kits';
import { everybody } from '$lib/server/participants/roster';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals, parent }) => {
  const people = await everybody(locals.organisation, params.programme);
  const board = await kitBoard(locals.organisation, params.programme);
  return {
    posted: people.filter((p) => p.state === 'in' && p.handing === 'post').length,
    loose: (board?.loose ?? []).reduce((n, l) => n + l.kits, 0),
    pace: await shopPace(locals.organisation),
    figures: await readyFor({ ...(await parent()), organisation: locals.organisation }, (p) => figuresQuestion(p)),
  };
};
