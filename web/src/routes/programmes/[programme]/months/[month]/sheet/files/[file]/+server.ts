import { fileAnswer } from '$lib/server/file-answer';
import type { RequestHandler } from './$types';

/** Papers of a month: sheet, templates or demonstration, as .pdf, .html or .txt. */
export const GET: RequestHandler = ({ params: { programme: slug, month, file }, locals, url }) =>
  fileAnswer(locals.organisation, { slug, month, file, asked: url.searchParams });
