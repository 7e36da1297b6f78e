import { galleryFor } from '$lib/server/participant-page/participant-page';
import { pageOf } from '$lib/server/participant-page/private-page';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => ({
  gallery: await galleryFor(await pageOf(params.key)),
  key: params.key,
});
