import { whileDatabaseAnswers } from '$lib/server/door';
import { publishSheet, versionsOf } from '$lib/server/sheet-versions';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The versions of a month's sheet, and what has changed since the newest. */
export const GET: RequestHandler = async ({ params, locals }) => {
  const found = await whileDatabaseAnswers(versionsOf(locals.organisation, params.programme, params.month));
  if (!found) error(404, 'There is no such programme.');
  return json(found);
};

/** Publishes the month's sheet as it is saved. */
export const POST: RequestHandler = async ({ params, locals }) => {
  const published = await whileDatabaseAnswers(publishSheet(locals.organisation, params.programme, params.month));
  if (published.kind === 'missing') error(404, 'There is nothing to publish: no block is drawn for this month.');
  return json(published);
};
