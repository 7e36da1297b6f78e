import { cuttingFile } from '$lib/server/cut/cutting-files';
import { fileAnswer } from '$lib/server/web/file-answer';
import type { RequestHandler } from './$types';

/** A month's final cutting plan as a file: cut-list.csv, order.csv, or layout-FABRIC.svg. */
export const GET: RequestHandler = ({ params, locals, url }) =>
  fileAnswer(cuttingFile(locals.organisation, params, url.searchParams));
