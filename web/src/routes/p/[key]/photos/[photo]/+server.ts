import { photoAnswer } from '$lib/server/web/photo-answer';
import { pageOf } from '$lib/server/participant-page/private-page';
import type { RequestHandler } from './$types';

/** A photo that the organiser put on a sheet. */
export const GET: RequestHandler = async ({ params }) => photoAnswer((await pageOf(params.key)).organisation, params.photo);
