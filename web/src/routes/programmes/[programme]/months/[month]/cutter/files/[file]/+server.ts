import { words } from '$lib/server/sheet/words';
import { matsOf } from '$lib/server/cut/cutter';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** One mat for the machine: FABRIC-NUMBER.svg. */
export const GET: RequestHandler = async ({ params, url, locals }) => {
  const found = await matsOf(locals.organisation, params, url.searchParams);
  if (found.kind === 'refused') error(422, found.problems.map((p) => p.message).join('; '));
  const mat = found.kind === 'mats' ? found.mats.find((m) => `${m.fabric.id}-${m.number}.svg` === params.file) : undefined;
  if (!mat) error(404, words.weCantFindThatMat);
  return new Response(mat.svg, {
    headers: {
      'content-type': 'image/svg+xml',
      'content-disposition': `attachment; filename="${params.month}-${params.file}"`,
      'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'",
    },
  });
};
