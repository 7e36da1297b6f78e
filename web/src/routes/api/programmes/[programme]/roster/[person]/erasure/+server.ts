import { words } from '$lib/server/participants/words';
import { erasePerson } from '$lib/server/participants/roster';
import { isId } from '$lib/server/db/ids';
import { once } from '$lib/server/web/once';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Erases what is kept of her, for good. */
export const POST: RequestHandler = once(async ({ params, locals }) => {
  const gone = isId(params.person) && (await erasePerson(locals.organisation, params.programme, params.person));
  if (!gone) error(404, words.weCantFindThatParticipant);
  return json({ erased: true });
});
