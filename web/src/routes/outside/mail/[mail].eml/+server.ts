import { words } from '$lib/server/programme/words';
import { fileAnswer, type FoundFile } from '$lib/server/web/file-answer';
import { arrivedFile } from '$lib/server/mail/stand-in';
import type { RequestHandler } from './$types';

/** A mail as it arrived. */
export const GET: RequestHandler = ({ params }) => fileAnswer(found(params.mail));

async function found(id: string): Promise<FoundFile> {
  const file = await arrivedFile(id);
  if (!file) return { status: 404, message: words.weCantFindThatEmail };
  return { body: new Uint8Array(file), type: 'message/rfc822', name: `${id.slice(0, 8)}.eml` };
}
