import { words } from '$lib/server/participants/words';
import { linkOf, renewLink } from '$lib/server/participants/roster';
import { isId } from '$lib/server/db/ids';
import { hasPin } from '$lib/server/db/page-locks';
import { asOrganisation } from '$lib/server/db/pool';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const told = async (
  key: string | undefined,
  origin: string,
  { organisation, person }: { organisation: string; person: string },
) => {
  if (!key) error(404, words.weCantFindThatParticipant);
  return json({ link: `${origin}/p/${key}`, pin: await asOrganisation(organisation, (db) => hasPin(db, person)) });
};

/** The address of her own page, and whether it asks for a PIN. */
export const GET: RequestHandler = async ({ params, url, locals: { organisation } }) => {
  const { programme, person } = params;
  return told(isId(person) ? await linkOf(organisation, programme, person) : undefined, url.origin, { organisation, person });
};

/** Ends that address and makes another. */
export const POST: RequestHandler = async ({ params, url, locals: { organisation } }) => {
  const { programme, person } = params;
  return told(isId(person) ? await renewLink(organisation, programme, person) : undefined, url.origin, {
    organisation,
    person,
  });
};
