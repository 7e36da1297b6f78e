/** The document's shape, checked by its JSON Schema; every refusal is a sentence with its place. */
import type { ErrorObject } from 'ajv';
import type { Problem } from '../../block';
import programmeSchema from '../../../schemas/aggrega-programme.schema.json' with { type: 'json' };
import validate from './generated/validate.js';
import { words } from './words';

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
      return words.isMissing(String(p.missingProperty));
    case 'type':
      return words.mustBeNot(article([p.type].flat().join(' or ')), shown);
    case 'const':
      return words.mustBeNot(JSON.stringify(p.allowedValue), shown);
    case 'enum':
      return words.mustBeOneOfNot((p.allowedValues as unknown[]).join(', '), shown);
    case 'pattern':
      return words.isNotWrittenAsItShould(shown, String(p.pattern));
    case 'minimum':
      return words.mustBeAtLeastNot(String(p.limit), shown);
    case 'maximum':
      return words.mustBeAtMostNot(String(p.limit), shown);
    case 'minItems':
      return words.needsAtLeastEntries(String(p.limit));
    case 'maxItems':
      return words.hasMoreThanEntries(String(p.limit));
    default:
      return e.message ?? words.isNotAsItShouldBe;
  }
}

function article(noun: string): string {
  return `${/^[aeio]/.test(noun) ? 'an' : 'a'} ${noun}`;
}
