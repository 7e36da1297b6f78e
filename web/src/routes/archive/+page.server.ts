import { whileDatabaseAnswers } from '$lib/server/door';
import { programmesOf } from '$lib/server/programmes';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
  programmes: (await whileDatabaseAnswers(programmesOf(locals.organisation))).length,
});
