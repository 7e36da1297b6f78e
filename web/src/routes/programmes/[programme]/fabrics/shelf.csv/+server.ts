import { words } from '$lib/server/fabric/words';
import { programmeOf } from '$lib/server/programme/programmes';
import { readProgramme } from '@aggrega/core/programme';
import { shelfCsv } from '@aggrega/core/shelf-csv';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The fabrics and what lies on the shelf, from the stored programme. */
export const GET: RequestHandler = async ({ params, locals }) => {
  const stored = await programmeOf(locals.organisation, params.programme);
  const reading = stored && readProgramme(stored.document);
  if (!reading?.ok) error(404, words.weCantFindThatProgramme);
  return new Response(shelfCsv(reading.programme, reading.file), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': `attachment; filename="${params.programme}-shelf.csv"`,
    },
  });
};
