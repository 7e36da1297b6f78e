import { words } from '$lib/server/participant-page/words';
import { bodyReader } from '$lib/server/web/door';
import {
  askOrganiser,
  sendMeasurement,
  setOwn,
  takeMeasurementBack,
  takePictureAway,
  tickProgress,
} from '$lib/server/participant-page/participant-page';
import type { FoundSlip } from '$lib/server/db/layout-checks';
import { keepMarks } from '$lib/server/participant-page/own-sewing';
import { setTelling, tellLayout } from '$lib/server/participant-page/own-layout';
import type { PicturesFor } from '$lib/server/db/participant-page';
import { choosePin } from '$lib/server/participant-page/page-door';
import { pageOf } from '$lib/server/participant-page/private-page';
import { isId } from '$lib/server/db/ids';
import { slipKinds } from '@aggrega/core/construction';
import type { Marks, ProgressStep, WrittenSize } from '@aggrega/core/running';
import { once } from '$lib/server/web/once';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

type Deed =
  | { deed: 'tick'; month: string; step: ProgressStep; done: boolean }
  | { deed: 'ask'; month: string; asks: string }
  | { deed: 'pictures for'; whom: PicturesFor }
  | { deed: 'measured'; month: string; sizes: WrittenSize[] }
  | { deed: 'measured back'; measurement: string }
  | { deed: 'laid'; month: string; block: string; found: FoundSlip[] }
  | { deed: 'tells'; tells: boolean }
  | { deed: 'sewn'; month: string; version: number; marks: Marks }
  | { deed: 'sheet'; sheet: string }
  | { deed: 'picture away'; picture: string }
  | { deed: 'here' }
  | { deed: 'pin'; pin: string };

const month = { type: 'string', maxLength: 80 };
const deed = (name: string, properties: object) => ({
  type: 'object',
  required: ['deed', ...Object.keys(properties)],
  additionalProperties: false,
  properties: { deed: { const: name }, ...properties },
});
const written = { type: 'string', maxLength: 40, pattern: '^[^\\u0000]*$' };
const size = {
  type: 'object',
  required: ['what', 'seams', 'expected', 'measured', 'before'],
  additionalProperties: false,
  properties: {
    what: { ...written, maxLength: 120 },
    seams: { type: 'integer', minimum: 0, maximum: 200 },
    ...{ expected: written, measured: written, before: written },
  },
};
const slip = {
  type: 'object',
  required: ['unit', 'label', 'kind'],
  additionalProperties: false,
  properties: { unit: { ...written, maxLength: 200 }, label: written, kind: { enum: slipKinds } },
};
const mark = {
  type: 'object',
  required: ['value', 'at'],
  additionalProperties: false,
  properties: {
    value: {
      anyOf: [
        { ...written, maxLength: 300 },
        { type: 'integer', minimum: 0, maximum: 10_000 },
      ],
    },
    at: { type: 'integer', minimum: 0, maximum: 1e15 },
  },
};
const marks = {
  type: 'object',
  maxProperties: 1000,
  propertyNames: { maxLength: 400, pattern: '^(?!__proto__$)[^\\u0000]+$' },
  additionalProperties: mark,
};
const readDeed = bodyReader<Deed>({
  oneOf: [
    deed('tick', { month, step: { enum: ['cut', 'units', 'block'] }, done: { type: 'boolean' } }),
    deed('ask', { month, asks: { type: 'string', minLength: 1, maxLength: 4000, pattern: '^[^\\u0000]*\\S[^\\u0000]*$' } }),
    deed('pictures for', { whom: { enum: ['me', 'organiser', 'group'] } }),
    deed('measured', { month, sizes: { type: 'array', minItems: 1, maxItems: 40, items: size } }),
    deed('laid', { month, block: { type: 'string', maxLength: 200 }, found: { type: 'array', maxItems: 100, items: slip } }),
    deed('tells', { tells: { type: 'boolean' } }),
    deed('sewn', { month, version: { type: 'integer', minimum: 1, maximum: 100_000 }, marks }),
    deed('measured back', { measurement: { type: 'string', maxLength: 60 } }),
    deed('sheet', { sheet: { type: 'string', maxLength: 200, pattern: '^[a-z0-9=&-]*$' } }),
    deed('picture away', { picture: { type: 'string', maxLength: 60 } }),
    deed('here', {}),
    deed('pin', { pin: { type: 'string', pattern: '^[0-9]{0,20}$' } }),
  ],
});

/** What she does on her own page. */
export const POST: RequestHandler = once(async ({ params, request, locals }) => {
  const page = await pageOf(params.key);
  const asked = await readDeed(request);
  const refused = await done();
  if (refused) error(422, refused);
  return json({ done: true });

  async function done(): Promise<string | undefined> {
    if (asked.deed === 'tick') return (await tickProgress(page, asked)) ? undefined : words.thisMonthIsNotOut;
    if (asked.deed === 'ask') return askOrganiser(page, asked);
    if (asked.deed === 'picture away')
      return isId(asked.picture) && (await takePictureAway(page, asked.picture)) ? undefined : words.thisPictureIsNotThere;
    if (asked.deed === 'laid') return (await tellLayout(page, asked)) ? undefined : words.thisMonthIsNotOut;
    if (asked.deed === 'sewn') return (await keepMarks(page, asked)) ? undefined : words.thisMonthIsNotOut;
    if (asked.deed === 'tells') return void (await setTelling(page, asked.tells));
    // The device was noted at the page's door.
    if (asked.deed === 'here') return undefined;
    if (asked.deed === 'pin') return locals.pageDevice ? choosePin(page, locals.pageDevice.key, asked.pin) : words.pinFirst;
    if (asked.deed === 'measured') return sendMeasurement(page, asked);
    if (asked.deed === 'measured back')
      return isId(asked.measurement) && (await takeMeasurementBack(page, asked.measurement))
        ? undefined
        : words.thisMeasurementIsNotThere;
    await setOwn(page, asked.deed === 'pictures for' ? { picturesFor: asked.whom } : { sheet: asked.sheet });
    return undefined;
  }
});
