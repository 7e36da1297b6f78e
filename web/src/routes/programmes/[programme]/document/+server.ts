import { words } from '$lib/server/programme/words';
import { programmeOf } from '$lib/server/programme/programmes';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The programme as a file to keep. */
export const GET: RequestHandler = async ({ params, locals }) => {
  const stored = await programmeOf(locals.organisation, params.programme);
  if (!stored) error(404, words.weCantFindThatProgramme);
  return new Response(`${JSON.stringify(stored.document, null, 2)}\n`, {
    headers: {
      'content-type': 'application/json; charset=utf-8',
      'content-disposition': `attachment; filename="${stored.slug}.aggrega.json"`,
    },
  });
};
