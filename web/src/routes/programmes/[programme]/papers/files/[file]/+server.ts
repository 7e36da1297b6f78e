import { fileAnswer } from '$lib/server/file-answer';
import type { RequestHandler } from './$types';

/** Papers of the whole year: first-packet, as .pdf, .html or .txt. */
export const GET: RequestHandler = ({ params: { programme: slug, file }, locals, url }) =>
  fileAnswer(locals.organisation, { slug, file, asked: url.searchParams });
