import { ID } from '$lib/server/db/ids';
import { words } from '$lib/server/release/words';
import { bodyReader } from '$lib/server/web/door';
import {
  handSheet,
  proofMonth,
  redraftMonth,
  releaseNow,
  releasePage,
  scheduleMonth,
  sendLate,
  unscheduleMonth,
} from '$lib/server/release/releases';
import { once } from '$lib/server/web/once';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

type Step =
  | { step: 'proof'; checks: string[] }
  | { step: 'schedule' | 'unschedule' | 'redraft' | 'now' | 'late' }
  | { step: 'hand'; participant: string };

const readStep = bodyReader<Step>({
  type: 'object',
  required: ['step'],
  properties: {
    step: { enum: ['proof', 'schedule', 'unschedule', 'redraft', 'now', 'late', 'hand'] },
    checks: { type: 'array', maxItems: 50, items: { type: 'string', maxLength: 40 } },
    participant: ID,
  },
  if: { properties: { step: { const: 'proof' } } },
  then: { required: ['checks'] },
  else: { if: { properties: { step: { const: 'hand' } } }, then: { required: ['participant'] } },
});

/** How far the month is, what is to be looked at, and who holds what. */
const standing: RequestHandler = async ({ params, locals }) => {
  const found = await releasePage(locals.organisation, params.programme, params.month);
  if (!found) error(404, words.weCantFindThatMonth);
  return json(found);
};
export const GET = standing;

/** Takes the month a step further, or back. */
export const POST: RequestHandler = once(async ({ params, request, locals }) => {
  const asked = await readStep(request);
  const [organisation, slug, month] = [locals.organisation, params.programme, params.month] as const;
  const done = await (asked.step === 'proof'
    ? proofMonth(organisation, slug, month, asked.checks)
    : asked.step === 'hand'
      ? handSheet(organisation, slug, month, asked.participant)
      : { schedule: scheduleMonth, unschedule: unscheduleMonth, redraft: redraftMonth, now: releaseNow, late: sendLate }[
          asked.step
        ](organisation, slug, month));
  if (done.kind === 'missing') error(404, words.weCantFindThatMonth);
  if (done.kind === 'refused') error(422, done.message);
  return json(await releasePage(organisation, slug, month));
}, standing);
