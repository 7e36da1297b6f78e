import { fileAnswer } from '$lib/server/web/file-answer';
import { rosterFile } from '$lib/server/participants/roster-files';
import type { RequestHandler } from './$types';

/** Everybody on the roster, as CSV. */
export const GET: RequestHandler = ({ params, locals }) => fileAnswer(rosterFile(locals.organisation, params.programme));
