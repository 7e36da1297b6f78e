import { cuttingFile } from '$lib/server/cutting-files';
import { whileDatabaseAnswers } from '$lib/server/door';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** A month's final cutting plan as a file: cut-list.csv, order.csv, or layout-FABRIC.svg. */
export const GET: RequestHandler = async ({ params, locals, url }) => {
  const found = await whileDatabaseAnswers(cuttingFile(locals.organisation, params, url.searchParams));
  if ('message' in found) error(found.status, found.message);
  return new Response(found.body, {
    headers: {
      'content-type': found.type,
      'content-disposition': `attachment; filename="${found.name}"`,
      'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'",
    },
  });
};
