import { bodyReader } from '$lib/server/web/door';
import { programmeOf, saveChanges } from '$lib/server/programme/programmes';
import type { Change } from '@aggrega/core/programme';
import { once } from '$lib/server/web/once';
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

/** To whoever asks a second time: the programme as it stands now, with what she changed. */
const standing: RequestHandler = async ({ params, locals }) => {
  const stored = await programmeOf(locals.organisation, params.programme);
  if (!stored) return json({ kind: 'missing' }, { status: 404 });
  const { revision, updated, document } = stored;
  return json({ kind: 'saved', revision, updated, document });
};

const STATUS = { saved: 200, missing: 404, refused: 422, conflict: 409 };

export const POST: RequestHandler = once(async ({ params, request, locals }) => {
  const { changes, aside } = await readBody(request);
  const saved = await saveChanges(locals.organisation, params.programme, changes, aside);
  return json(saved, { status: STATUS[saved.kind] });
}, standing);
