import { words } from '$lib/server/participants/words';
import { postOffice } from '$lib/server/mail/post-office';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url, locals }) => {
  const short = (name: string) => (url.searchParams.get(name) ?? '').replaceAll('\u0000', '').slice(0, 80);
  const page = Math.max(0, Math.min(10_000, Math.floor(Number(url.searchParams.get('page')) || 0)));
  const asked = { state: short('state'), month: short('month'), find: short('find'), page };
  const post = await postOffice(locals.organisation, params.programme, asked);
  if (!post) error(404, words.weCantFindThatProgramme);
  return { post, asked };
};
