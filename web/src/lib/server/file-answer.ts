/** A paper as the answer of a route. */
import { error } from '@sveltejs/kit';
import { whileDatabaseAnswers } from './door';
import { sheetFile, type AskedFile } from './sheet-files';

/** Answers with the file, or with why there is none. What a file holds runs nothing. */
export async function fileAnswer(organisation: string, asked: AskedFile): Promise<Response> {
  const found = await whileDatabaseAnswers(sheetFile(organisation, asked));
  if ('message' in found) error(found.status, found.message);
  return new Response(found.body, {
    headers: {
      'content-type': found.type,
      'content-disposition': `attachment; filename="${found.name}"`,
      'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'",
    },
  });
}
