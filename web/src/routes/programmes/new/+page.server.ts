import { programmesOf } from '$lib/server/programme/programmes';
import type { PageServerLoad } from './$types';

/** Years that a new one can be a copy of. */
export const load: PageServerLoad = async ({ locals }) => ({
  programmes: (await programmesOf(locals.organisation)).map(({ slug, title }) => ({ slug, title })),
});
