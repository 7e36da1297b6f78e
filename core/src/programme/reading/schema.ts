/** The document's shape, checked by its JSON Schema; every refusal is a sentence with its place. */
import type { ErrorObject } from 'ajv';
import type { Problem } from '../../block';
import programmeSchema from '../../../schemas/aggrega-programme.schema.json' with { type: 'json' };
import validate from './generated/validate.js';

export { programmeSchema };

/** Everything in which a document departs from the schema. */
export function shapeProblems(document: unknown): Problem[] {
  if (validate(document)) return [];
  const seen = new Set<string>();
  return (validate.errors ?? [])
    .filter((e) => e.keyword !== 'anyOf' && e.keyword !== 'propertyNames')
    .map((e) => ({ path: placeOf(e), message: sentence(e) }))
    .filter(({ path, message }) => !seen.has(path + message) && seen.add(path + message));
}

function placeOf(e: ErrorObject): string {
  return e.keyword === 'pattern' && e.propertyName !== undefined ? `${e.instancePath}/${e.propertyName}` : e.instancePath;
}

function sentence(e: ErrorObject): string {
  const p = e.params as Record<string, unknown>;
  const shown = JSON.stringify(e.propertyName ?? e.data)?.slice(0, 60) ?? 'nothing';
  switch (e.keyword) {
    case 'required':
      return `'${String(p.missingProperty)}' is missing`;
    case 'type':
      return `must be ${article([p.type].flat().join(' or '))}, not ${shown}`;
    case 'const':
      return `must be ${JSON.stringify(p.allowedValue)}, not ${shown}`;
    case 'enum':
      return `must be one of ${(p.allowedValues as unknown[]).join(', ')}; not ${shown}`;
    case 'pattern':
      return `${shown} is not written as it should be (${String(p.pattern)})`;
    case 'minimum':
      return `must be at least ${String(p.limit)}, not ${shown}`;
    case 'maximum':
      return `must be at most ${String(p.limit)}, not ${shown}`;
    case 'minItems':
      return `needs at least ${String(p.limit)} entries`;
    case 'maxItems':
      return `has more than ${String(p.limit)} entries`;
    default:
      return e.message ?? 'is not as it should be';
  }
}

function article(noun: string): string {
  return `${/^[aeio]/.test(noun) ? 'an' : 'a'} ${noun}`;
}
