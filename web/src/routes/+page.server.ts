import { whileDatabaseAnswers } from '$lib/server/web/door';
import { programmesOf } from '$lib/server/programme/programmes';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
  programmes: await whileDatabaseAnswers(programmesOf(locals.organisation)),
});
