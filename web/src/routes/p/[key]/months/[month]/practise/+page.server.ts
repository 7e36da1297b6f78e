import { ownLayouts } from '$lib/server/participant-page/own-layout';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) => ownLayouts(params.key, params.month);
