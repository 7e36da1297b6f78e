import { organiserFeed } from '$lib/server/calendar/feeds';
import { fileAnswer } from '$lib/server/web/file-answer';
import type { RequestHandler } from './$types';

/** The organiser's calendar of a programme, by its own key. */
export const GET: RequestHandler = ({ params }) => fileAnswer(organiserFeed(params.key));
