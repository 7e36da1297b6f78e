import { ID } from '$lib/server/db/ids';
import { words } from '$lib/server/kits/words';
import { bodyReader } from '$lib/server/web/door';
import { doKits, kitBoard, kitList, readyKits, type KitDeed } from '$lib/server/kits/kits';
import { once } from '$lib/server/web/once';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const name = { type: 'string', maxLength: 80 };
const deed = (of: string, properties: object) => ({
  type: 'object',
  required: ['deed', ...Object.keys(properties)],
  additionalProperties: false,
  properties: { deed: { const: of }, ...properties },
});
const readDeed = bodyReader<KitDeed>({
  oneOf: [
    deed('set', {
      month: name,
      people: {
        type: 'array',
        minItems: 1,
        maxItems: 5000,
        items: ID,
      },
      state: { enum: ['planned', 'cut', 'packed', 'handed'] },
    }),
    deed('loose', {
      month: name,
      colourway: name,
      size: name,
      kits: { type: 'integer', minimum: -500, maximum: 500, not: { const: 0 } },
    }),
    deed('give', { months: { type: 'array', maxItems: 200, items: name } }),
  ],
});

/** How far all kits are; with a month, its packet's kits person by person; with `ready`, what waits at the pickup table. */
export const GET: RequestHandler = async ({ params, url, locals }) => {
  const month = url.searchParams.get('month') ?? undefined;
  const [organisation, slug] = [locals.organisation, params.programme];
  const found = await (month !== undefined
    ? kitList(organisation, slug, month)
    : url.searchParams.has('ready')
      ? readyKits(organisation, slug)
      : kitBoard(organisation, slug));
  if (!found) error(404, words.thereAreNoSuchKits);
  return json(found);
};

export const POST: RequestHandler = once(async ({ params, request, locals }) => {
  const asked = await readDeed(request);
  const done = await doKits(locals.organisation, params.programme, asked);
  if (done.kind === 'missing') error(404, words.weCantFindThatProgramme);
  if (done.kind === 'refused') error(422, done.message);
  return json(done);
});
