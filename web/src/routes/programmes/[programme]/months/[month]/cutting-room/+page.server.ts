import { words } from '$lib/server/sheet/words';
import { usualBasis } from '$lib/plan/room-plan';
import { programmeIn } from '$lib/ask/reading';
import { cuttingState, shopPace } from '$lib/server/cut/cutting-room';
import { proofedMonth } from '$lib/server/sheet/sheet-versions';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

/** What was cut of this month so far. The place also depends on the colourway, which only the document knows to be there. */
export const load: PageServerLoad = async ({ params, url, locals, parent }) => {
  const { document } = await parent();
  const first = document.colourways?.[0]?.id ?? 'default';
  const asked = url.searchParams.get('colourway');
  const colourway = document.colourways?.some((c) => c.id === asked) ? asked : first;
  const wanted = url.searchParams.get('basis');
  const programme = programmeIn(document);
  const cast = programme?.colourways.find((c) => c.id === colourway);
  const people = (cast && programme?.participants.get(cast.id)) ?? 0;
  const usual = programme && cast ? usualBasis(programme, cast, people) : 'kit';
  const basis = wanted === 'kit' || wanted === 'batch' ? wanted : usual;
  const place = `${params.month}~${colourway}~${basis}`;
  const state = await cuttingState(locals.organisation, params.programme, place);
  if (!state) error(404, words.weCantFindThatProgramme);
  const proofed = await proofedMonth(locals.organisation, params.programme, params.month);
  return { place, state, proofed, pace: await shopPace(locals.organisation) };
};
