import { participantFeed } from '$lib/server/calendar/feeds';
import { fileAnswer } from '$lib/server/web/file-answer';
import { pageOf } from '$lib/server/participant-page/private-page';
import type { RequestHandler } from './$types';

/** What is out and what is to come, for a calendar program. */
export const GET: RequestHandler = async ({ params }) => fileAnswer(participantFeed(await pageOf(params.key)));
