import { kitKinds } from '@aggrega/core/programme';
import { ID } from '$lib/server/db/ids';
import { words } from '$lib/server/participants/words';
import { bodyReader } from '$lib/server/web/door';
import { rosterQuestion } from '$lib/server/participants/roster-question';
import { changeRoster, rosterPage } from '$lib/server/participants/roster';
import type { RosterChange } from '@aggrega/core/running';
import { once } from '$lib/server/web/once';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const text = (maxLength: number) => ({ type: 'string', maxLength, pattern: '^[^\\u0000]*$' });
const fields = {
  type: 'object',
  additionalProperties: false,
  properties: {
    ...{ name: text(200), email: text(200), phone: text(200), address: text(500), colourway: text(80), size: text(80) },
    kit: { enum: ['', ...kitKinds] },
    handing: { enum: ['pickup', 'post'] },
    state: { enum: ['waiting', 'in', 'left'] },
    ...{ joined: text(10), left: text(10), paidTo: text(80), notes: text(2000), sheet: text(200) },
  },
};

const readBody = bodyReader<{ changes: RosterChange[] }>({
  type: 'object',
  required: ['changes'],
  properties: {
    changes: {
      type: 'array',
      minItems: 1,
      maxItems: 5000,
      items: {
        type: 'object',
        required: ['id'],
        additionalProperties: false,
        properties: {
          id: ID,
          from: fields,
          to: fields,
        },
      },
    },
  },
});

/** A page of the people who are asked for. */
export const GET: RequestHandler = async ({ params, url, locals }) => {
  const { question, page } = rosterQuestion(url.searchParams);
  const found = await rosterPage(locals.organisation, params.programme, question, page);
  if (!found) error(404, words.weCantFindThatProgramme);
  return json(found);
};

const STATUS = { saved: 200, missing: 404, refused: 422, conflict: 409 };

export const POST: RequestHandler = once(async ({ params, request, locals }) => {
  const { changes } = await readBody(request);
  const saved = await changeRoster(locals.organisation, params.programme, changes);
  return json(saved, { status: STATUS[saved.kind] });
});
