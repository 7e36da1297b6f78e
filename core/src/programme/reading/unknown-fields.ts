/** Fields that Aggrega does not know: kept as they are, but worth a warning, since they are often slips of spelling. */
import type { Problem } from '../../block';
import type { ProgrammeFile } from '../document/document';
import { programmeSchema } from './schema';
import { words } from './words';

interface Node {
  $ref?: string;
  properties?: Record<string, Node>;
  items?: Node;
  additionalProperties?: unknown;
  patternProperties?: Record<string, unknown>;
}

/** Parts that nobody can change and that have no such field, with what they were looked at as (see frozen.ts). */
const known = new WeakMap<object, Node>();

/** A warning for every field that the schema does not name. */
export function unknownFields(file: ProgrammeFile): Problem[] {
  const warnings: Problem[] = [];
  visit(file, programmeSchema as Node, '');
  return warnings;

  function visit(data: unknown, schema: Node, path: string): void {
    if (data === null || typeof data !== 'object' || known.get(data) === schema) return;
    const before = warnings.length;
    look(data, schema, path);
    if (warnings.length === before && Object.isFrozen(data)) known.set(data, schema);
  }

  function look(data: object, schema: Node, path: string): void {
    const node = schema.$ref ? (programmeSchema.$defs as Record<string, Node>)[schema.$ref.split('/').at(-1)!]! : schema;
    if (Array.isArray(data) && node.items) data.forEach((entry, i) => visit(entry, node.items!, `${path}/${i}`));
    else if (node.properties) {
      for (const [name, entry] of Object.entries(data)) {
        const field = node.properties[name];
        if (field) visit(entry, field, `${path}/${name}`);
        else if (!node.additionalProperties && !Object.keys(node.patternProperties ?? {}).some((p) => new RegExp(p).test(name)))
          warnings.push({ path: `${path}/${name}`, message: words.aggregaDoesNotKnowTheField(name) });
      }
    }
  }
}
