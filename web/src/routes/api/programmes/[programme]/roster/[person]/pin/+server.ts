import { words } from '$lib/server/participants/words';
import { deletePin } from '$lib/server/db/page-locks';
import { asOrganisation } from '$lib/server/db/pool';
import { linkOf } from '$lib/server/participants/roster';
import { isId } from '$lib/server/db/ids';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Removes the PIN of her page, for whoever has forgotten it. */
export const DELETE: RequestHandler = async ({ params, locals }) => {
  const { programme, person } = params;
  const known = isId(person) && (await linkOf(locals.organisation, programme, person));
  if (!known) error(404, words.weCantFindThatParticipant);
  return json({ removed: await asOrganisation(locals.organisation, (db) => deletePin(db, person)) });
};
