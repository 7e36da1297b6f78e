/** A photo in a request's body, and the answer to it. */
import { words } from './words';
import { error, json } from '@sveltejs/kit';

/** Answers with what `keep` makes of the photo, or with why it is not taken: 400, 413 or 422. */
export async function photoTaken<Kept extends object>(
  request: Request,
  keep: (sent: Uint8Array) => Promise<Kept | { refused: string }>,
): Promise<Response> {
  const sent = await request
    .arrayBuffer()
    .catch((cause: { status?: number }) => error(cause.status === 413 ? 413 : 400, words.thePhotoCouldNotBe));
  const kept = await keep(new Uint8Array(sent));
  if ('refused' in kept) error(422, kept.refused);
  return json(kept);
}
