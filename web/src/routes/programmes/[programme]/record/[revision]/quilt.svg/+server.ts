import { statePicture } from '$lib/server/history/states';
import { fileAnswer } from '$lib/server/web/file-answer';
import type { RequestHandler } from './$types';

/** The quilt as it was after that save. A save never changes, so its picture is kept for good. */
export const GET: RequestHandler = async ({ params, locals }) => {
  const revision = /^\d{1,9}$/.test(params.revision) ? Number(params.revision) : 0;
  const answer = await fileAnswer(statePicture(locals.organisation, params.programme, revision));
  answer.headers.set('cache-control', 'private, max-age=31536000, immutable');
  return answer;
};
