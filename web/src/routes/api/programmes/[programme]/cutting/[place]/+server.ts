import { words } from '$lib/server/cut/words';
import { cuttingState, logEvening, setStep, type CuttingState, type Tick } from '$lib/server/cut/cutting-room';
import { bodyReader } from '$lib/server/web/door';
import { once } from '$lib/server/web/once';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const text = (maxLength: number) => ({ type: 'string', minLength: 1, maxLength, pattern: '^[^\\u0000-\\u001f]*$' });
const short = { type: 'string', maxLength: 120, pattern: '^[^\\u0000-\\u001f]*$' };

/** Minutes: what is less is a slip, and smaller than the database keeps. */
const LEAST = 0.001;

const readTick = bodyReader<Tick>({
  type: 'object',
  required: ['list', 'step', 'done', 'kits', 'base', 'estimated', 'gives'],
  properties: {
    list: text(300),
    step: text(120),
    done: { type: 'boolean' },
    kits: { type: 'integer', minimum: 0, maximum: 1_000_000 },
    base: { type: 'array', maxItems: 5000, items: text(430) },
    estimated: { type: 'number', anyOf: [{ const: 0 }, { minimum: LEAST }], maximum: 1e7 },
    gives: {
      type: 'array',
      maxItems: 2000,
      items: {
        type: 'object',
        required: ['fabric', 'label', 'w', 'h', 'qty'],
        additionalProperties: false,
        properties: {
          fabric: short,
          label: { ...short, maxLength: 300 },
          w: short,
          h: short,
          qty: { type: 'integer', minimum: 1, maximum: 10_000_000 },
        },
      },
    },
  },
});

const readLog = bodyReader<{ list: string; minutes: number | null }>({
  type: 'object',
  required: ['list', 'minutes'],
  properties: { list: text(300), minutes: { type: ['number', 'null'], minimum: LEAST, maximum: 100_000 } },
});

const told = (state: CuttingState | undefined) => {
  if (!state) error(404, words.weCantFindThatProgramme2);
  return json(state);
};

/** `place` names what is cut: month, colourway, and whether pieces or lengths. */
const placeOf = (place: string) => {
  if (place.length > 300 || !/^[\w.~-]+$/.test(place)) error(404, words.weCantFindThatCutting);
  return place;
};

/** Lists that were begun and steps that are done. */
const standing: RequestHandler = async ({ params, locals }) =>
  told(await cuttingState(locals.organisation, params.programme, placeOf(params.place)));
export const GET = standing;

/** Ticks a step, or takes the tick back; saying the same twice changes nothing. */
export const PUT: RequestHandler = once(async ({ params, locals, request }) => {
  const tick = await readTick(request);
  return told(await setStep(locals.organisation, params.programme, placeOf(params.place), tick));
}, standing);

/** Notes the minutes that a list took. */
export const PATCH: RequestHandler = once(async ({ params, locals, request }) => {
  const log = await readLog(request);
  return told(await logEvening(locals.organisation, params.programme, placeOf(params.place), log));
}, standing);
