import { bodyReader } from '$lib/server/web/door';
import { printLabels } from '$lib/server/kits/kit-files';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const readAsked = bodyReader<{ month: string; colourway: string }>({
  type: 'object',
  required: ['month', 'colourway'],
  properties: { month: { type: 'string', maxLength: 80 }, colourway: { type: 'string', maxLength: 80 } },
});

/** Sends labels to the label printer. */
export const POST: RequestHandler = async ({ params, request, locals }) => {
  const asked = await readAsked(request);
  const done = await printLabels(locals.organisation, { slug: params.programme, ...asked });
  if ('message' in done) error(done.status, done.message);
  return json(done);
};
