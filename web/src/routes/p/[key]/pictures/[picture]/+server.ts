import { words } from '$lib/server/participant-page/words';
import { pictureOf } from '$lib/server/participant-page/participant-page';
import { pageOf } from '$lib/server/participant-page/private-page';
import { isId } from '$lib/server/db/ids';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** A picture of hers, or of somebody who agreed to show hers. */
export const GET: RequestHandler = async ({ params }) => {
  const page = await pageOf(params.key);
  const jpeg = isId(params.picture) ? await pictureOf(page, params.picture) : undefined;
  if (!jpeg) error(404, words.weCantFindThatPicture);
  return new Response(new Uint8Array(jpeg), {
    headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=300' },
  });
};
