import { photoTaken } from '$lib/server/web/sent-photo';
import { keepPhoto } from '$lib/server/fabric/swatch';
import type { RequestHandler } from './$types';

/** Keeps the photo in the request's body, and answers with what it tells of the fabric. */
export const POST: RequestHandler = ({ request, locals }) =>
  photoTaken(request, (sent) => keepPhoto(locals.organisation, sent));
