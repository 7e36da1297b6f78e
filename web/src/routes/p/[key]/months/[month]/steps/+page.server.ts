import { ownSteps } from '$lib/server/participant-page/own-sewing';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) => ownSteps(params.key, params.month);
