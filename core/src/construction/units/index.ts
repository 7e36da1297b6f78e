/** The unit kinds, in the order in which they are looked for. A new kind is one file and one entry here. */
import type { SewingStyle } from '../style';
import { blockParts } from './block-part';
import { economy } from './economy';
import { foldedCorner } from './folded-corner';
import { geese } from './geese';
import { checkerboard, fourPatch, ninePatch, rails } from './grids';
import { hst } from './hst';
import { patch } from './patch';
import { pieced, piecedTriangle } from './pieced';
import { qst } from './qst';
import { squareInSquare } from './square-in-square';
import { template } from './template';
import { triangle } from './triangle';
import type { Method, UnitInBlock, UnitKind } from './unit-kind';
import { words } from './words/index';

/** Kinds that are seen as wholes. */
export const unitKinds: readonly UnitKind[] = [
  patch,
  triangle,
  hst,
  geese,
  qst,
  fourPatch,
  squareInSquare,
  piecedTriangle,
  ninePatch,
  economy,
  foldedCorner,
  rails,
  checkerboard,
];

/** Kinds that are left when nothing else fits. */
export const lastKinds: readonly UnitKind[] = [pieced, ...blockParts, template];

const byName = new Map([...unitKinds, ...lastKinds].map((kind) => [kind.kind, kind]));

/** The kind of that name; it throws for a name that no recogniser can have given. */
export function unitKind(kind: string): UnitKind {
  const found = byName.get(kind);
  if (!found) throw new Error(`no unit kind '${kind}'`);
  return found;
}

export interface Choice {
  method: Method;
  /** Set when the style asks for a method that does not exist, or cannot make this unit. */
  refused?: { name: string; reason: string };
}

/** The method for a unit: the one chosen for it by key, else for its kind, else the first that can make it. */
export function chooseMethod(unit: UnitInBlock, key: string, style: SewingStyle): Choice {
  const kind = unitKind(unit.kind);
  const able = kind.methods.filter((m) => !m.unable?.(unit, style));
  const usual = able[0]!;
  // Grids share one setting; the contract names it after the four-patch.
  const wished =
    style.methods[key] ??
    style.methods[unit.kind] ??
    (kind.methods === fourPatch.methods ? style.methods['four-patch'] : undefined);
  if (wished === undefined) return { method: usual };
  const found = kind.methods.find((m) => m.name === wished);
  if (!found) return { method: usual, refused: { name: wished, reason: words.thereIsNoSuchMethodFor(kind.plural) } };
  const reason = found.unable?.(unit, style);
  return reason ? { method: usual, refused: { name: found.title, reason } } : { method: found };
}
