import { orderFile } from '$lib/server/cutting-files';
import { whileDatabaseAnswers } from '$lib/server/door';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** What to order for the packets named, by supplier. */
export const GET: RequestHandler = async ({ params, locals, url }) => {
  const found = await whileDatabaseAnswers(orderFile(locals.organisation, params.programme, url.searchParams));
  if ('message' in found) error(found.status, found.message);
  return new Response(found.body, {
    headers: { 'content-type': found.type, 'content-disposition': `attachment; filename="${found.name}"` },
  });
};
