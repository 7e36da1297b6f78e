import { ownSheet } from '$lib/server/participant-page/own-sheet';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) => ownSheet(params.key, params.month);
