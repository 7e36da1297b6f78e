import { organiserFile } from '$lib/server/feeds';
import { fileAnswer } from '$lib/server/file-answer';
import type { RequestHandler } from './$types';

/** Every step before every release, as a calendar file. */
export const GET: RequestHandler = ({ params, locals }) => fileAnswer(organiserFile(locals.organisation, params.programme));
