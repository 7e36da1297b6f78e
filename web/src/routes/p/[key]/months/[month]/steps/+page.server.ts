import { whileDatabaseAnswers } from '$lib/server/door';
import { openMonth } from '$lib/server/participant-page';
import { pageOf } from '$lib/server/private-page';
import { ownPaper } from '$lib/server/own-paper';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, parent }) => {
  const page = await pageOf(params.key);
  const month = await whileDatabaseAnswers(openMonth(page, params.month));
  if (!month) error(404, 'This month is not out.');
  const { locale } = await parent();
  const found = ownPaper(page.person, month, locale);
  if ('message' in found) error(422, found.message);
  return { ...found, key: params.key, month: params.month };
};
