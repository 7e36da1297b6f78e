import { programmeSchema } from '@aggrega/core/programme';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const schemas: Record<string, object> = { [programmeSchema.$id]: programmeSchema };

/** The JSON Schemas of Aggrega's files. */
export const GET: RequestHandler = ({ params }) => {
  const schema = Object.hasOwn(schemas, params.name) ? schemas[params.name] : undefined;
  if (!schema) error(404, `We can’t find that schema. There are ${Object.keys(schemas).join(', ')}.`);
  return new Response(JSON.stringify(schema, null, 2), { headers: { 'content-type': 'application/schema+json' } });
};
