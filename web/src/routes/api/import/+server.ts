import { readJson } from '$lib/server/web/door';
import { importProgramme } from '$lib/server/programme/programmes';
import { once } from '$lib/server/web/once';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = once(async ({ request, locals }) => {
  const imported = await importProgramme(locals.organisation, await readJson(request));
  return json(imported, { status: imported.kind === 'imported' ? 201 : 422 });
});
