import { words } from '$lib/server/participants/words';
import { linkOf, renewLink } from '$lib/server/participants/roster';
import { isId } from '$lib/server/db/ids';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const told = (key: string | undefined, origin: string) => {
  if (!key) error(404, words.weCantFindThatParticipant);
  return json({ link: `${origin}/p/${key}` });
};

/** The address of her own page. */
export const GET: RequestHandler = async ({ params, url, locals }) =>
  told(isId(params.person) ? await linkOf(locals.organisation, params.programme, params.person) : undefined, url.origin);

/** Ends that address and makes another. */
export const POST: RequestHandler = async ({ params, url, locals }) =>
  told(isId(params.person) ? await renewLink(locals.organisation, params.programme, params.person) : undefined, url.origin);
