import { shopPace } from '$lib/server/cut/cutting-room';
import { whileDatabaseAnswers } from '$lib/server/web/door';
import { feedAddress } from '$lib/server/calendar/feeds';
import { kitBoard } from '$lib/server/kits/kits';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
  const board = await whileDatabaseAnswers(kitBoard(locals.organisation, params.programme));
  if (!board) error(404, 'We can’t find that programme.');
  return {
    board,
    pace: await whileDatabaseAnswers(shopPace(locals.organisation)),
    feed: await whileDatabaseAnswers(feedAddress(locals.organisation, params.programme)),
  };
};
