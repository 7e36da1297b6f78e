import { ArchiveError, takeArchive } from '$lib/server/archive';
import { whileDatabaseAnswers } from '$lib/server/door';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Takes an archive in: the body is the file. */
export const POST: RequestHandler = async ({ request, locals }) => {
  if (!request.body) error(400, 'Choose the file of an archive.');
  try {
    return json(
      await whileDatabaseAnswers(takeArchive(locals.organisation, request.body as unknown as AsyncIterable<Uint8Array>)),
    );
  } catch (cause) {
    if (cause instanceof ArchiveError) error(422, cause.message);
    throw cause;
  }
};
