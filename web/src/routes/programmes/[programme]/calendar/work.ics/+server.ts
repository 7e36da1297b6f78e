import { organiserFile } from '$lib/server/calendar/feeds';
import { fileAnswer } from '$lib/server/web/file-answer';
import type { RequestHandler } from './$types';

/** Every step before every release, as a calendar file. */
export const GET: RequestHandler = ({ params, locals }) => fileAnswer(organiserFile(locals.organisation, params.programme));
