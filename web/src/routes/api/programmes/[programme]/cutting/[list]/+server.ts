import { doneSteps, setStep } from '$lib/server/cutting-room';
import { bodyReader, whileDatabaseAnswers } from '$lib/server/door';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const readBody = bodyReader<{ step: string; done: boolean }>({
  type: 'object',
  required: ['step', 'done'],
  properties: {
    step: { type: 'string', minLength: 1, maxLength: 120, pattern: '^[^\\u0000-\\u001f]*$' },
    done: { type: 'boolean' },
  },
});

const told = (done: string[] | undefined) => {
  if (!done) error(404, 'There is no such programme.');
  return json({ done });
};

/** `list` names a month's plan: month, colourway, basis, reading and head count. */
const listOf = (list: string) => {
  if (list.length > 300 || !/^[\w.~-]+$/.test(list)) error(404, 'There is no such cutting list.');
  return list;
};

/** The steps of a cutting list that are done. */
export const GET: RequestHandler = async ({ params, locals }) =>
  told(await whileDatabaseAnswers(doneSteps(locals.organisation, params.programme, listOf(params.list))));

/** Ticks a step, or takes the tick back; saying the same twice changes nothing. */
export const PUT: RequestHandler = async ({ params, locals, request }) => {
  const body = await readBody(request);
  return told(await whileDatabaseAnswers(setStep(locals.organisation, params.programme, listOf(params.list), body)));
};
