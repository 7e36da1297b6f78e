import { words } from '$lib/server/programme/words';
import { programmeOf } from '$lib/server/programme/programmes';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The newest revision with its document, for a page that comes back into view. */
export const GET: RequestHandler = async ({ params, locals }) => {
  const stored = await programmeOf(locals.organisation, params.programme);
  if (!stored) error(404, words.weCantFindThatProgramme);
  const { revision, updated, document } = stored;
  return json({ revision, updated, document });
};
