import { photoAnswer } from '$lib/server/web/photo-answer';
import type { RequestHandler } from './$types';

/** A photo of a fabric, or of a sheet. */
export const GET: RequestHandler = ({ params, locals }) => photoAnswer(locals.organisation, params.photo);
