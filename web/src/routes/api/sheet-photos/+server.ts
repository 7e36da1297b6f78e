import { photoTaken } from '$lib/server/web/sent-photo';
import { keepSheetPhoto } from '$lib/server/fabric/swatch';
import type { RequestHandler } from './$types';

/** Keeps the photo in the request's body for a sheet, and answers with its name and its sides. */
export const POST: RequestHandler = ({ request, locals }) =>
  photoTaken(request, (sent) => keepSheetPhoto(locals.organisation, sent));
