import { fileAnswer } from '$lib/server/web/file-answer';
import { personFile } from '$lib/server/participants/roster-files';
import type { RequestHandler } from './$types';

/** Everything that is kept of one person, as JSON. */
export const GET: RequestHandler = ({ params, locals }) =>
  fileAnswer(personFile(locals.organisation, params.programme, params.person));
