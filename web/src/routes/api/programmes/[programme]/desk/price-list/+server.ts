import { words } from '$lib/server/stock/words';
import { programmeOf } from '$lib/server/programme/programmes';
import { priceList } from '$lib/server/stock/supplier-desk';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** A supplier's price list as CSV. */
export const GET: RequestHandler = async ({ params, url, locals }) => {
  const supplier = url.searchParams.get('supplier') ?? '';
  const stored = await programmeOf(locals.organisation, params.programme);
  const fabrics = stored?.document.fabrics?.filter((f) => f.supplier === supplier) ?? [];
  if (supplier === '' || fabrics.length === 0) error(404, words.noFabricOfThisProgramme);
  return new Response(await priceList(locals.organisation, supplier, fabrics), {
    headers: { 'content-type': 'text/csv; charset=utf-8' },
  });
};
