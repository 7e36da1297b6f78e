import { words } from '$lib/server/participant-page/words';
import { isId } from '$lib/server/db/ids';
import { seenPicture } from '$lib/server/participants/progress';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** A picture of somebody who agreed that the organiser sees it. */
export const GET: RequestHandler = async ({ params, locals }) => {
  const jpeg = isId(params.picture) ? await seenPicture(locals.organisation, params.programme, params.picture) : undefined;
  if (!jpeg) error(404, words.weCantFindThatPicture);
  return new Response(new Uint8Array(jpeg), {
    headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=300' },
  });
};
