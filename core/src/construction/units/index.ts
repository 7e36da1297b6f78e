/** The unit kinds, in the order in which they are looked for. A new kind is one file and one entry here. */
import { hst } from './hst';
import { patch } from './patch';
import type { Method, UnitKind } from './unit-kind';

export const unitKinds: readonly UnitKind[] = [patch, hst];

/** The kind of that name; it throws for a name that no recogniser can have given. */
export function unitKind(kind: string): UnitKind {
  const found = unitKinds.find((k) => k.kind === kind);
  if (!found) throw new Error(`no unit kind '${kind}'`);
  return found;
}

/** The method that a style chooses for a kind, or undefined when Aggrega does not know it. */
export function methodOf(kind: UnitKind, methods: Record<string, string>): Method | undefined {
  const name = methods[kind.kind];
  return name === undefined ? kind.methods[0] : kind.methods.find((m) => m.name === name);
}
