import { bodyReader } from '$lib/server/web/door';
import { bringBack, takeBack } from '$lib/server/history/record';
import { once } from '$lib/server/web/once';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const readBody = bodyReader<{ way: 'undo' | 'restore'; id: number }>({
  type: 'object',
  required: ['way', 'id'],
  properties: { way: { enum: ['undo', 'restore'] }, id: { type: 'integer', minimum: 1, maximum: 1e15 } },
});

/** Takes a save back, or brings back what was deleted. */
export const POST: RequestHandler = once(async ({ params, request, locals }) => {
  const { way, id } = await readBody(request);
  const deed = way === 'undo' ? takeBack : bringBack;
  const trouble = await deed(locals.organisation, params.programme, id);
  if (trouble) error(422, trouble);
  return json({ done: true });
});
