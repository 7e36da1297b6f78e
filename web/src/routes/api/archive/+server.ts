import { words } from '$lib/server/backup/words';
import { takeArchive } from '$lib/server/backup/archive';
import { ArchiveBusy, ArchiveError } from '$lib/server/backup/upload';
import { once } from '$lib/server/web/once';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Takes an archive in: the body is the file. */
export const POST: RequestHandler = once(async ({ request, locals }) => {
  if (!request.body) error(400, words.chooseTheFileOfAn);
  try {
    return json(await takeArchive(locals.organisation, piecesOf(request.body)));
  } catch (cause) {
    if (cause instanceof ArchiveError) error(cause instanceof ArchiveBusy ? 429 : 422, cause.message);
    throw cause;
  }
});

/** A body in its pieces. Left early, its rest is still taken: who has not sent everything yet would hear a broken connection instead of the reason. */
async function* piecesOf(body: ReadableStream<Uint8Array>): AsyncGenerator<Uint8Array> {
  const reader = body.getReader();
  let done = false;
  try {
    for (;;) {
      const piece = await reader.read();
      if ((done = piece.done)) return;
      yield piece.value!;
    }
  } finally {
    while (!done)
      done = await reader.read().then(
        (piece) => piece.done,
        () => true,
      );
  }
}
