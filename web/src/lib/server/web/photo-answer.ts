/** A photo as an answer. Its address is made of its contents, so that it never changes. */
import { words } from './words';
import { error } from '@sveltejs/kit';
import { photoOf } from '../fabric/swatch';

/** The photo of that name, or 404. */
export async function photoAnswer(organisation: string, photo: string): Promise<Response> {
  const jpeg = /^[0-9a-f]{32}$/.test(photo) ? await photoOf(organisation, photo) : undefined;
  if (!jpeg) error(404, words.weCantFindThatPhoto);
  return new Response(new Uint8Array(jpeg), {
    headers: {
      'content-type': 'image/jpeg',
      'cache-control': 'private, max-age=31536000, immutable',
      'content-security-policy': "default-src 'none'",
    },
  });
}
