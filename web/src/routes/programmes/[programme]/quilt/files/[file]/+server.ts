import { whileDatabaseAnswers } from '$lib/server/door';
import { quiltFile } from '$lib/server/quilt-files';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The whole quilt: quilt.svg at true scale, or quilt.png. */
export const GET: RequestHandler = async ({ params, locals, url }) => {
  const found = await whileDatabaseAnswers(quiltFile(locals.organisation, params.programme, params.file, url.searchParams));
  if ('message' in found) error(found.status, found.message);
  return new Response(found.body, {
    headers: {
      'content-type': found.type,
      'content-disposition': `attachment; filename="${found.name}"`,
      'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'",
    },
  });
};
