import { whileDatabaseAnswers } from '$lib/server/door';
import { sheetFile } from '$lib/server/sheet-files';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The month's sheet: sheet.pdf, sheet.html or sheet.txt. */
export const GET: RequestHandler = async ({ params, locals, url }) => {
  const { programme: slug, month, file } = params;
  const found = await whileDatabaseAnswers(sheetFile(locals.organisation, { slug, month, file, asked: url.searchParams }));
  if ('message' in found) error(found.status, found.message);
  return new Response(found.body, {
    headers: {
      'content-type': found.type,
      'content-disposition': `attachment; filename="${found.name}"`,
      'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'",
    },
  });
};
