import { todayIn } from '$lib/server/clock';
import { whileDatabaseAnswers } from '$lib/server/door';
import { programmeOf } from '$lib/server/programmes';
import { releasesOf } from '$lib/server/releases';
import { hasRoster } from '$lib/server/roster';
import { error } from '@sveltejs/kit';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ params, locals, depends }) => {
  depends('aggrega:releases');
  const stored = await whileDatabaseAnswers(programmeOf(locals.organisation, params.programme));
  if (!stored) error(404, 'There is no such programme. It may have been put aside; the list of programmes shows it.');
  const { slug, revision, updated, document } = stored;
  // Today where the shop is; a zone that no check has seen yet counts as none.
  const releases = await whileDatabaseAnswers(releasesOf(locals.organisation, params.programme));
  const rostered = await whileDatabaseAnswers(hasRoster(locals.organisation, params.programme));
  return { rostered, releases, slug, revision, updated, document, today: todayIn(document.calendar?.timeZone ?? 'UTC') };
};
