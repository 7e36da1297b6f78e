/** Bodies by their shape, for tests that try every field of every door: sound ones by chance, and ones with something wrong in them. */
import fc from 'fast-check';

interface Shape {
  type?: string | string[];
  const?: unknown;
  enum?: unknown[];
  oneOf?: Shape[];
  anyOf?: Shape[];
  required?: string[];
  properties?: Record<string, Shape>;
  additionalProperties?: boolean | Shape;
  items?: Shape;
  minItems?: number;
  maxItems?: number;
  minLength?: number;
  maxLength?: number;
  pattern?: string;
  minimum?: number;
  maximum?: number;
}

/** Bodies of that shape. What a shape says besides (if, not, the names of properties) is left to the door: then a body may be refused that is meant to be sound. */
export function bodiesOf(shape: Shape): fc.Arbitrary<unknown> {
  if ('const' in shape) return fc.constant(shape.const);
  if (shape.enum) return fc.constantFrom(...shape.enum);
  const several = shape.oneOf ?? (shape.type ? undefined : shape.anyOf);
  if (several) return fc.oneof(...several.map(bodiesOf));
  const types = Array.isArray(shape.type) ? shape.type : [shape.type ?? (shape.properties ? 'object' : 'any')];
  return fc.oneof(...types.map((type) => ofType(type, shape)));
}

function ofType(type: string, shape: Shape): fc.Arbitrary<unknown> {
  switch (type) {
    case 'object': {
      const properties = Object.entries(shape.properties ?? {}).map(([name, own]) => [name, bodiesOf(own)] as const);
      const named = fc.record(Object.fromEntries(properties), { requiredKeys: shape.required ?? [] } as never);
      if (typeof shape.additionalProperties !== 'object') return named;
      const more = fc.dictionary(fc.stringMatching(/^[a-z ]{1,8}$/), bodiesOf(shape.additionalProperties), { maxKeys: 4 });
      return fc.tuple(named, more).map(([own, others]) => ({ ...others, ...(own as object) }));
    }
    case 'array': {
      const minLength = shape.minItems ?? 0;
      return fc.array(bodiesOf(shape.items ?? {}), { minLength, maxLength: Math.min(shape.maxItems ?? 4, minLength + 3) });
    }
    case 'string':
      return textOf(shape);
    case 'integer':
      return fc.integer({
        min: Math.ceil(shape.minimum ?? -1e9),
        max: Math.floor(Math.min(shape.maximum ?? 1e9, 2 ** 53 - 1)),
      });
    case 'number':
      return fc.double({ min: shape.minimum ?? -1e9, max: shape.maximum ?? 1e9, noNaN: true });
    case 'boolean':
      return fc.boolean();
    case 'null':
      return fc.constant(null);
    default:
      return fc.oneof(fc.string(), fc.integer(), fc.constant(null));
  }
}

function textOf({ pattern, minLength = 0, maxLength = 40 }: Shape): fc.Arbitrary<string> {
  const plain = fc.string({ minLength, maxLength: Math.min(maxLength, 40) });
  if (!pattern) return plain;
  const fits = new RegExp(pattern, 'u');
  try {
    return fc.stringMatching(fits).filter((text) => text.length >= minLength && text.length <= maxLength);
  } catch {
    // A pattern that looks ahead.
    return plain.filter((text) => fits.test(text));
  }
}

/** Values that have broken programs before. */
export const nasty: fc.Arbitrary<unknown> = fc.oneof(
  fc.constantFrom<unknown>(
    ...['', ' ', '\0', '../..', '\u202e', '\ud800', "'; drop table programme; --", '__proto__', 'constructor', '9'.repeat(400)],
    ...['00000000-0000-4000-8000-000000000000', '2027-02-30', 'Infinity', '🧵'.repeat(60), 'm1', 'frost', 'x'.repeat(5000)],
    ...[0, -0, -1, 0.5, 1e-300, 5e-324, 1e300, 2 ** 31, 2 ** 53, -(2 ** 63), null, true, [], {}, [[]], { a: { b: {} } }],
  ),
  fc.string({ unit: 'binary', maxLength: 30 }),
  fc.double({ noNaN: true }),
);

/** What is done to one place of a body. */
export interface Wrong {
  at: number;
  how: 'replaced' | 'left out' | 'named otherwise' | 'many times' | 'added';
  by: unknown;
}
const ways: readonly Wrong['how'][] = [
  'replaced',
  'replaced',
  'replaced',
  'left out',
  'named otherwise',
  'many times',
  'added',
];
export const wrongs: fc.Arbitrary<Wrong[]> = fc.array(fc.record({ at: fc.nat(), how: fc.constantFrom(...ways), by: nasty }), {
  maxLength: 3,
});

type Place = [holder: Record<string, unknown>, name: string];

/** Every place in a value of JSON, outer ones first. */
export function placesIn(value: unknown): Place[] {
  if (typeof value !== 'object' || value === null) return [];
  const holder = value as Record<string, unknown>;
  return Object.keys(holder).flatMap((name): Place[] => [[holder, name], ...placesIn(holder[name])]);
}

/** The body with that done to it. */
export function spoiledBody(body: unknown, done: readonly Wrong[]): unknown {
  const whole = { body: structuredClone(body) };
  for (const { at, how, by } of done) {
    const places = placesIn(whole);
    const [holder, name] = places[at % places.length]!;
    if (how === 'replaced') holder[name] = structuredClone(by);
    else if (how === 'left out') delete holder[name];
    else if (how === 'many times') holder[name] = Array(30).fill(holder[name]);
    else holder[typeof by === 'string' && by !== '__proto__' ? by : 'more'] = how === 'added' ? 1 : holder[name];
    if (!('body' in whole)) return by;
  }
  return whole.body;
}
