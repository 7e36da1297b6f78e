import { whileDatabaseAnswers } from '$lib/server/door';
import { galleryFor } from '$lib/server/participant-page';
import { pageOf } from '$lib/server/private-page';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => ({
  gallery: await whileDatabaseAnswers(galleryFor(await pageOf(params.key))),
  key: params.key,
});
