import { words } from '$lib/server/sheet/words';
import { publishSheet, versionsOf } from '$lib/server/sheet/sheet-versions';
import { once } from '$lib/server/web/once';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The versions of a month's sheet, and what has changed since the newest. */
export const GET: RequestHandler = async ({ params, locals }) => {
  const found = await versionsOf(locals.organisation, params.programme, params.month);
  if (!found) error(404, words.weCantFindThatProgramme);
  return json(found);
};

/** Publishes the month's sheet as it is saved; `already`: what to say to whoever has cut by the version before. */
export const POST: RequestHandler = once(async ({ params, locals, request }) => {
  const text = await request.text().catch(() => '');
  const already = text ? alreadyIn(text) : '';
  if (already === undefined) error(400, words.thisIsNotWhatA);
  const published = await publishSheet(locals.organisation, params.programme, params.month, already);
  if (published.kind === 'missing') error(404, words.thereIsNothingToPublish);
  return json(published);
});

function alreadyIn(text: string): string | undefined {
  try {
    const { already = '' } = (JSON.parse(text) ?? {}) as { already?: unknown };
    return typeof already === 'string' && already.length <= 1000 ? already.replace(/\s+/g, ' ').trim() : undefined;
  } catch {
    return undefined;
  }
}
