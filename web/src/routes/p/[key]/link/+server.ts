import { onlyHere } from '$lib/server/participant-page/page-door';
import { tellOfNewLink } from '$lib/server/participant-page/lost-link';
import { pageOf } from '$lib/server/participant-page/private-page';
import { renewLink } from '$lib/server/participants/roster';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Ends her link and makes another, which she is sent too. */
export const POST: RequestHandler = async ({ params, locals }) => {
  const page = await pageOf(params.key);
  const key = await renewLink(page.organisation, page.slug, page.person.id);
  if (!key) error(404);
  await onlyHere(page, locals.pageDevice?.key ?? '');
  void tellOfNewLink(page, key);
  return json({ address: `/p/${key}` });
};
