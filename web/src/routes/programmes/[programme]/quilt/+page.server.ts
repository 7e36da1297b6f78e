import { sizesOfGroup } from '$lib/server/participants/group-sizes';
import type { PageServerLoad } from './$types';

/** What the group has measured: the forecast hangs on it. */
export const load: PageServerLoad = async ({ locals, params }) => ({
  sizes: await sizesOfGroup(locals.organisation, params.programme),
});
