/** The door of every route: bodies read and checked by schema. */
import { words } from './words';
import { unreadable } from '@aggrega/core/programme';
import { error } from '@sveltejs/kit';
import Ajv2020, { type JSONSchemaType } from 'ajv/dist/2020.js';

const ajv = new Ajv2020({ allErrors: true });

/** The shape of every body that is read, in the order in which the doors were made: for whoever tries all their fields. */
export const bodyShapes: object[] = [];

/** A reader of JSON bodies of that shape; anything else is answered with 400 and the reason. */
export function bodyReader<T>(schema: JSONSchemaType<T> | object): (request: Request) => Promise<T> {
  bodyShapes.push(schema);
  const checked = checker<T>(schema);
  return async (request) => checked(await readJson(request));
}

/** As bodyReader, of JSON that stands in an address. */
export function textReader<T>(schema: JSONSchemaType<T> | object): (text: string) => T {
  const checked = checker<T>(schema);
  return (text) => checked(parsed(text));
}

function checker<T>(schema: JSONSchemaType<T> | object): (value: unknown) => T {
  const validate = ajv.compile<T>(schema);
  return (value) => {
    if (validate(value)) return value;
    const first = validate.errors![0]!;
    error(400, `${first.instancePath || words.theRequest} ${first.message}`);
  };
}

/** The JSON of a request's body, or 400. */
export async function readJson(request: Request): Promise<unknown> {
  return parsed(
    await request
      .text()
      .catch((cause: { status?: number }) => error(cause.status === 413 ? 413 : 400, words.theRequestCouldNotBe)),
  );
}

function parsed(text: string): unknown {
  const refused = unreadable(text);
  if (refused) error(400, words.thisJsonIsNotRead(refused));
  try {
    return JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch (cause) {
    error(400, words.thisIsNoJson((cause as Error).message));
  }
}
