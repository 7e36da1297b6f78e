import { fileAnswer } from '$lib/server/web/file-answer';
import { labelsFile } from '$lib/server/kits/kit-files';
import type { RequestHandler } from './$types';

/** Labels of the packet's kits that are not handed over. */
export const GET: RequestHandler = ({ params, url, locals }) => {
  const asked = { slug: params.programme, month: params.month, colourway: url.searchParams.get('colourway') ?? undefined };
  return fileAnswer(labelsFile(locals.organisation, asked, url.searchParams.get('page') === 'letter' ? 'letter' : 'A4'));
};
