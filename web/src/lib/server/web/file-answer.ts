/** Files as answers of a route. */
import { error } from '@sveltejs/kit';

export type FoundFile =
  { body: string | Uint8Array<ArrayBuffer>; type: string; name: string } | { status: 400 | 404 | 422; message: string };

/** Answers with the file, or with why there is none. What a file holds runs nothing. */
export async function fileAnswer(work: Promise<FoundFile>): Promise<Response> {
  const found = await work;
  if ('message' in found) error(found.status, found.message);
  return new Response(found.body, {
    headers: {
      'content-type': found.type,
      'content-disposition': `attachment; filename="${found.name}"`,
      'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'",
    },
  });
}
