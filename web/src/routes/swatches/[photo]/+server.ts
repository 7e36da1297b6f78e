import { whileDatabaseAnswers } from '$lib/server/door';
import { photoOf } from '$lib/server/swatch';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** A fabric's photo. Its address is made of its contents, so that it never changes. */
export const GET: RequestHandler = async ({ params, locals }) => {
  const jpeg = /^[0-9a-f]{32}$/.test(params.photo)
    ? await whileDatabaseAnswers(photoOf(locals.organisation, params.photo))
    : undefined;
  if (!jpeg) error(404, 'There is no such photo here.');
  return new Response(new Uint8Array(jpeg), {
    headers: {
      'content-type': 'image/jpeg',
      'cache-control': 'private, max-age=31536000, immutable',
      'content-security-policy': "default-src 'none'",
    },
  });
};
