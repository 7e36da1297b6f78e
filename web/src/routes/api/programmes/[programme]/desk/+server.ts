import { words } from '$lib/server/stock/words';
import { bodyReader } from '$lib/server/web/door';
import { programmeOf } from '$lib/server/programme/programmes';
import { arrived, handIn, orderName } from '$lib/server/stock/supplier-desk';
import type { OrderFile } from '@aggrega/core/programme';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const DAY = '^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$';
const readBody = bodyReader<Pick<OrderFile, 'id' | 'supplier' | 'placed' | 'lines'>>({
  type: 'object',
  required: ['id', 'supplier', 'placed', 'lines'],
  properties: {
    id: { type: 'string', pattern: '^[A-Za-z0-9][A-Za-z0-9._-]{0,79}$' },
    supplier: { type: 'string', minLength: 1, maxLength: 200 },
    placed: { type: 'string', pattern: DAY },
    lines: {
      type: 'array',
      minItems: 1,
      maxItems: 200,
      items: {
        type: 'object',
        required: ['fabric'],
        additionalProperties: false,
        properties: {
          fabric: { type: 'string', maxLength: 80 },
          length: { type: 'string', maxLength: 20, pattern: '^[0-9][0-9 ./]*$' },
          pieces: { type: 'integer', minimum: 1, maximum: 1_000_000 },
        },
      },
    },
  },
});

/** What came of this programme's orders by a day. */
export const GET: RequestHandler = async ({ params, url, locals }) => {
  const day = url.searchParams.get('day') ?? '';
  if (!new RegExp(DAY).test(day)) error(400, words.sayByWhichDayAs);
  const stored = await programmeOf(locals.organisation, params.programme);
  if (!stored) error(404, words.weCantFindThatProgramme);
  const orders = (stored.document.orders ?? []).map((o) => ({ ...o, name: orderName(params.programme, o) }));
  return json(await arrived(locals.organisation, orders, day));
};

/** Hands an order in at its supplier's desk, and answers with the day for which it is promised. */
export const POST: RequestHandler = async ({ params, request, locals }) => {
  const order = await readBody(request);
  const stored = await programmeOf(locals.organisation, params.programme);
  if (!stored) error(404, words.weCantFindThatProgramme);
  const { fabrics = [], unit = 'in' } = stored.document;
  const unknown = order.lines.find((l) => !fabrics.some((f) => f.id === l.fabric));
  if (unknown) error(422, words.thereIsNoFabricIn(unknown.fabric));
  const lines = order.lines.map(({ fabric, length, pieces }) => {
    const known = fabrics.find((f) => f.id === fabric)!;
    return {
      ...{ fabric, name: known.name ?? fabric, number: known.sku ?? '', pieces, leadDays: known.leadDays },
      ...(length !== undefined && { length: String(length) }),
      ...(known.boltLength !== undefined && { boltLength: String(known.boltLength) }),
    };
  });
  const { supplier, placed } = order;
  const handed = await handIn(locals.organisation, { name: orderName(params.programme, order), supplier, placed, unit, lines });
  if ('refused' in handed) error(422, handed.refused);
  return json(handed);
};
