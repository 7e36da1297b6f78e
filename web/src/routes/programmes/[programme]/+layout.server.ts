import { words } from '$lib/server/programme/words';
import { todayIn } from '$lib/server/clock';
import { benchOf } from '$lib/server/programme/programmes';
import { error } from '@sveltejs/kit';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ params, locals, depends }) => {
  depends('aggrega:releases');
  const bench = await benchOf(locals.organisation, params.programme);
  if (!bench) error(404, words.weCantFindThatProgrammeIt);
  const { slug, revision, updated, document, rostered, releases, first } = bench;
  // Today where the shop is; a zone that no check has seen yet counts as none.
  const today = todayIn(document.calendar?.timeZone ?? 'UTC');
  return { ...{ rostered, releases, slug, revision, updated, document, today }, first };
};
