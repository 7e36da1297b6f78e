import { whileDatabaseAnswers } from '$lib/server/door';
import { kitBoard, kitList } from '$lib/server/kits';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
  const rows = await whileDatabaseAnswers(kitList(locals.organisation, params.programme, params.month));
  const board = await whileDatabaseAnswers(kitBoard(locals.organisation, params.programme));
  // A long list comes after the page, which is there at once.
  const later = (rows?.length ?? 0) > 300;
  return { rows: later ? [] : (rows ?? []), later, loose: board?.loose ?? [] };
};
