import { words } from '$lib/server/participants/words';
import { isId } from '$lib/server/db/ids';
import { progressView } from '$lib/server/participants/progress';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url, locals }) => {
  const month = (url.searchParams.get('month') ?? '').replaceAll('\u0000', '').slice(0, 80);
  const person = url.searchParams.get('person') ?? '';
  const page = Math.max(0, Math.min(10_000, Math.floor(Number(url.searchParams.get('page')) || 0)));
  const asked = { month, person: isId(person) ? person : '', page };
  const progress = await progressView(locals.organisation, params.programme, asked);
  if (!progress) error(404, words.weCantFindThatProgramme);
  return { progress, asked };
};
