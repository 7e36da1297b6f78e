import { sheetFile } from '$lib/server/sheet/sheet-files';
import { fileAnswer } from '$lib/server/web/file-answer';
import type { RequestHandler } from './$types';

/** Papers of the whole year: first-packet, as .pdf, .html or .txt. */
export const GET: RequestHandler = ({ params, locals, url }) =>
  fileAnswer(sheetFile(locals.organisation, { slug: params.programme, file: params.file, asked: url.searchParams }));
