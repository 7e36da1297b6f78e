import { ID } from '$lib/server/db/ids';
import { words } from '$lib/server/participants/words';
import { bodyReader } from '$lib/server/web/door';
import { answer, remindBehind, retryAll } from '$lib/server/mail/post-office';
import { once } from '$lib/server/web/once';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

type Deed = { deed: 'retry' } | { deed: 'remind'; text: string } | { deed: 'answer'; question: string; answer: string };

const readDeed = bodyReader<Deed>({
  oneOf: [
    { type: 'object', required: ['deed'], additionalProperties: false, properties: { deed: { const: 'retry' } } },
    {
      type: 'object',
      required: ['deed', 'text'],
      additionalProperties: false,
      properties: {
        deed: { const: 'remind' },
        text: { type: 'string', minLength: 1, maxLength: 4000, pattern: '^[^\\u0000]*\\S[^\\u0000]*$' },
      },
    },
    {
      type: 'object',
      required: ['deed', 'question', 'answer'],
      additionalProperties: false,
      properties: {
        deed: { const: 'answer' },
        question: ID,
        answer: { type: 'string', minLength: 1, maxLength: 4000, pattern: '^[^\\u0000]*\\S[^\\u0000]*$' },
      },
    },
  ],
});

/** Tries given-up letters again, answers a question, or writes to everybody who is behind. */
export const POST: RequestHandler = once(async ({ params, request, locals }) => {
  const asked = await readDeed(request);
  const [organisation, slug] = [locals.organisation, params.programme];
  if (asked.deed === 'retry') return json({ again: await retryAll(organisation, slug) });
  if (asked.deed === 'remind') {
    const letters = await remindBehind(organisation, slug, asked.text);
    if (letters === undefined) error(404, words.weCantFindThatProgramme);
    return json({ letters });
  }
  if (!(await answer(organisation, slug, asked.question, asked.answer))) error(404, words.weCantFindThatQuestion);
  return json({ answered: true });
});
