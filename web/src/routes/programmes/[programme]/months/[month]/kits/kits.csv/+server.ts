import { fileAnswer } from '$lib/server/web/file-answer';
import { kitsFile } from '$lib/server/kits/kit-files';
import type { RequestHandler } from './$types';

/** The packet's kits, person by person. */
export const GET: RequestHandler = ({ params, locals }) =>
  fileAnswer(kitsFile(locals.organisation, params.programme, params.month));
