import { matsShown } from '$lib/server/cut/cutter';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params, url, locals }) => matsShown(locals.organisation, params, url.searchParams);
