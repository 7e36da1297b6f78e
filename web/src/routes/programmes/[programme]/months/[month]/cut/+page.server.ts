import { shopPace } from '$lib/server/cut/cutting-room';
import type { PageServerLoad } from './$types';

/** What minutes by the rates are multiplied with. */
export const load: PageServerLoad = async ({ locals }) => ({ pace: await shopPace(locals.organisation) });
