import { fileAnswer } from '$lib/server/web/file-answer';
import { ownPacket } from '$lib/server/participant-page/own-paper';
import { pageOf } from '$lib/server/participant-page/private-page';
import type { RequestHandler } from './$types';

/** Her first packet, with what is out by now: letter, fabrics, house rules and the ruler page. */
export const GET: RequestHandler = async ({ params, url }) => {
  const open = await pageOf(params.key);
  const page = url.searchParams.get('page') === 'letter' ? 'letter' : 'A4';
  return fileAnswer(ownPacket(open, params.file, page));
};
