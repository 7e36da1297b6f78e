import { matsOf } from '$lib/server/cut/cutter';
import type { PageServerLoad } from './$types';

/** The mats as their files hold them; the page shows what the machine reads back. */
export const load: PageServerLoad = async ({ params, url, locals }) => {
  const found = await matsOf(locals.organisation, params, url.searchParams);
  if (found.kind !== 'mats') return { mats: [], problems: found.kind === 'refused' ? found.problems : [] };
  const mats = found.mats.map(({ fabric, number, repeat, pieces, svg }) => ({
    ...{ fabric: fabric.id, name: fabric.name, colour: fabric.colour, number, repeat, pieces, svg },
  }));
  return { mats, problems: [] };
};
