import { bodyReader } from '$lib/server/web/door';
import { saveChanges } from '$lib/server/programme/programmes';
import type { Change } from '@aggrega/core/programme';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const readBody = bodyReader<{ changes: Change[]; aside?: boolean }>({
  type: 'object',
  required: ['changes'],
  properties: {
    aside: { type: 'boolean' },
    changes: {
      type: 'array',
      minItems: 1,
      maxItems: 500,
      items: { type: 'object', required: ['path'], properties: { path: { type: 'string', maxLength: 400 } } },
    },
  },
});

const STATUS = { saved: 200, missing: 404, refused: 422, conflict: 409 };

export const POST: RequestHandler = async ({ params, request, locals }) => {
  const { changes, aside } = await readBody(request);
  const saved = await saveChanges(locals.organisation, params.programme, changes, aside);
  return json(saved, { status: STATUS[saved.kind] });
};
