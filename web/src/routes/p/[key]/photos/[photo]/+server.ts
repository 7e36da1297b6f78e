import { photoAnswer } from '$lib/server/photo-answer';
import { pageOf } from '$lib/server/private-page';
import type { RequestHandler } from './$types';

/** A photo that the organiser put on a sheet. */
export const GET: RequestHandler = async ({ params }) => photoAnswer((await pageOf(params.key)).organisation, params.photo);
