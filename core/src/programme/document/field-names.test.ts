/** Every field of the format has a name that people read. */
import { expect, it } from 'vitest';
import { programmeSchema } from '../reading/schema';
import { fieldName } from './field-names';

function* fields(value: unknown): Generator<string> {
  if (Array.isArray(value)) for (const one of value) yield* fields(one);
  else if (value !== null && typeof value === 'object')
    for (const [key, one] of Object.entries(value)) {
      if (key === 'properties') yield* Object.keys(one as object);
      yield* fields(one);
    }
}

it('names every field in words, without the marks of a file', () => {
  const all = [...new Set(fields(programmeSchema))];
  expect(all.length).toBeGreaterThan(150);
  for (const field of all) expect(fieldName(field)).toMatch(/^[a-z]+([ -][a-z]+)*$/);
  expect(fieldName('usableWidth')).toBe('usable width');
  // A letter, a size, something inherited: no field.
  for (const name of ['Ca', 'double', 'constructor', '__proto__']) expect(fieldName(name)).toBe(name);
});
