import { ID } from '$lib/server/db/ids';
import { words } from '$lib/server/test-blocks/words';
import { bodyReader } from '$lib/server/web/door';
import { noteSample, takeSampleOut } from '$lib/server/test-blocks/samples';
import type { Sample } from '$lib/server/db/samples';
import { once } from '$lib/server/web/once';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const text = (maxLength: number) => ({ type: 'string', maxLength, pattern: '^[^\\u0000]*$' });
const minutes = { type: 'number', minimum: 0, maximum: 10_000 };

const readSample = bodyReader<Omit<Sample, 'id' | 'revision'>>({
  type: 'object',
  required: ['month', 'block', 'colourway', 'sewnBy', 'sewnOn', 'minutes', 'measured', 'remarks'],
  additionalProperties: false,
  properties: {
    ...{ month: text(80), block: text(120), colourway: text(80), sewnBy: text(200), sewnOn: text(10), remarks: text(4000) },
    minutes: { type: 'object', additionalProperties: false, properties: { cut: minutes, units: minutes, block: minutes } },
    measured: {
      type: 'array',
      maxItems: 60,
      items: {
        type: 'object',
        required: ['what', 'seams', 'expected', 'measured', 'before'],
        additionalProperties: false,
        properties: {
          ...{ what: text(120), expected: text(40), measured: text(40), before: text(40) },
          seams: { type: 'integer', minimum: 0, maximum: 200 },
        },
      },
    },
  },
});
const readGone = bodyReader<{ id: string }>({
  type: 'object',
  required: ['id'],
  properties: { id: ID },
});

/** Notes a sample. */
export const POST: RequestHandler = once(async ({ params, request, locals }) => {
  const sample = await readSample(request);
  const refused = await noteSample(locals.organisation, params.programme, sample);
  if (refused) error(422, refused);
  return json({ noted: true });
});

/** Takes one out of the log. */
export const DELETE: RequestHandler = once(async ({ params, request, locals }) => {
  const { id } = await readGone(request);
  if (!(await takeSampleOut(locals.organisation, params.programme, id))) error(404, words.weCantFindThatTest);
  return json({ gone: true });
});
