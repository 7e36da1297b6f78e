import { words } from '$lib/server/programme/words';
import { bodyReader } from '$lib/server/web/door';
import { putAside } from '$lib/server/programme/programmes';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const readBody = bodyReader<{ removed: boolean }>({
  type: 'object',
  required: ['removed'],
  properties: { removed: { type: 'boolean' } },
});

export const POST: RequestHandler = async ({ params, request, locals }) => {
  const { removed } = await readBody(request);
  const found = await putAside(locals.organisation, params.programme, removed);
  if (!found) error(404, words.weCantFindThatProgramme);
  return json({ removed });
};
