import { readyFor } from '$lib/server/planner/ready-for';
import { figuresQuestion } from '$lib/plan/year-questions';
import { words } from '$lib/server/calendar/words';
import { shopPace } from '$lib/server/cut/cutting-room';
import { feedAddress } from '$lib/server/calendar/feeds';
import { kitBoard } from '$lib/server/kits/kits';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals, parent }) => {
  const board = await kitBoard(locals.organisation, params.programme);
  if (!board) error(404, words.weCantFindThatProgramme);
  return {
    board,
    pace: await shopPace(locals.organisation),
    figures: await readyFor({ ...(await parent()), organisation: locals.organisation }, (p) => figuresQuestion(p)),
    feed: await feedAddress(locals.organisation, params.programme),
  };
};
