import { quiltFile } from '$lib/server/quilt/quilt-files';
import { fileAnswer } from '$lib/server/web/file-answer';
import type { RequestHandler } from './$types';

/** The whole quilt: quilt.svg at true scale, or quilt.png. */
export const GET: RequestHandler = ({ params, locals, url }) =>
  fileAnswer(quiltFile(locals.organisation, params.programme, params.file, url.searchParams));
