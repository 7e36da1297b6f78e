import { words } from '$lib/server/participant-page/words';
import { keepPicture } from '$lib/server/participant-page/participant-page';
import { pageOf } from '$lib/server/participant-page/private-page';
import { once } from '$lib/server/web/once';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Keeps a picture that she sends of what she has sewn. */
export const POST: RequestHandler = once(async ({ params, request }) => {
  const page = await pageOf(params.key);
  const sent = await request.arrayBuffer().catch(() => error(413, words.thePictureIsLargerThan));
  const refused = await keepPicture(page, params.month, new Uint8Array(sent));
  if (refused) error(422, refused);
  return json({ kept: true });
});
