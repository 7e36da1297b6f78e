import { programmesOf } from '$lib/server/programme/programmes';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
  programmes: (await programmesOf(locals.organisation)).length,
});
