import { sheetFile } from '$lib/server/sheet/sheet-files';
import { fileAnswer } from '$lib/server/web/file-answer';
import type { RequestHandler } from './$types';

/** Papers of a month: sheet, templates or demonstration, as .pdf, .html or .txt. */
export const GET: RequestHandler = ({ params, locals, url }) =>
  fileAnswer(
    sheetFile(locals.organisation, { slug: params.programme, month: params.month, file: params.file, asked: url.searchParams }),
  );
