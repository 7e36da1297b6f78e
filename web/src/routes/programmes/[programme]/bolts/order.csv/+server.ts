import { orderFile } from '$lib/server/cut/cutting-files';
import { fileAnswer } from '$lib/server/web/file-answer';
import type { RequestHandler } from './$types';

/** What to order for the packets named, by supplier. */
export const GET: RequestHandler = ({ params, locals, url }) =>
  fileAnswer(orderFile(locals.organisation, params.programme, url.searchParams));
