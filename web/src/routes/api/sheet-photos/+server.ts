import { whileDatabaseAnswers } from '$lib/server/door';
import { keepSheetPhoto } from '$lib/server/swatch';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Keeps the photo in the request's body for a sheet, and answers with its name and its sides. */
export const POST: RequestHandler = async ({ request, locals }) => {
  const sent = await request
    .arrayBuffer()
    .catch((cause: { status?: number }) =>
      error(cause.status === 413 ? 413 : 400, 'The photo could not be read to its end, or is larger than 8 MB.'),
    );
  const kept = await whileDatabaseAnswers(keepSheetPhoto(locals.organisation, new Uint8Array(sent)));
  if ('refused' in kept) error(422, kept.refused);
  return json(kept);
};
