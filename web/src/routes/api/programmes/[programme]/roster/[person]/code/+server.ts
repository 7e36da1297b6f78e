import { words } from '$lib/server/participants/words';
import { MINUTES, makeCode } from '$lib/server/participant-page/lost-link';
import { linkOf } from '$lib/server/participants/roster';
import { isId } from '$lib/server/db/ids';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** A code that opens her page once, to be read out to her. */
export const POST: RequestHandler = async ({ params, locals }) => {
  const { programme, person } = params;
  const known = isId(person) && (await linkOf(locals.organisation, programme, person));
  const code = known ? await makeCode(locals.organisation, person) : undefined;
  if (!code) error(404, words.weCantFindThatParticipant);
  return json({ code, minutes: MINUTES });
};
