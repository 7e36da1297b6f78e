import { writeArchive } from '$lib/server/backup/archive';
import { now } from '$lib/server/clock';
import { createReadStream } from 'node:fs';
import { stat } from 'node:fs/promises';
import { Readable } from 'node:stream';
import type { RequestHandler } from './$types';

/** Everything that the house owns, as it is at this moment. */
export const GET: RequestHandler = async ({ locals }) => {
  const house = locals.who!.organisation!.name;
  const { path, remove } = await writeArchive(locals.organisation, house);
  const stream = createReadStream(path);
  stream.once('close', () => void remove());
  const name = `aggrega-${now().toISOString().slice(0, 10)}.zip`;
  return new Response(Readable.toWeb(stream) as ReadableStream, {
    headers: {
      'content-type': 'application/zip',
      'content-length': String((await stat(path)).size),
      'content-disposition': `attachment; filename="${name}"`,
    },
  });
};
