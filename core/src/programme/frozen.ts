/** Documents that nobody changes any more: frozen whole, and one with the document before wherever both are equal. */
import { same } from './changes';

/** The value, which nobody can change from now on, nor anything in it. What is frozen already is taken to be so throughout. */
export function frozen<T>(value: T): T {
  if (typeof value !== 'object' || value === null || Object.isFrozen(value)) return value;
  Object.values(value).forEach(frozen);
  return Object.freeze(value);
}

/**
 * The value, frozen, made of the very parts of `before` that are equal in both: what was read of those holds for it too.
 * `value` has to be the caller's own; `before` has to be frozen.
 */
export function frozenLike<T>(value: T, before: unknown): T {
  if (same(value, before)) return before as T;
  if (typeof value !== 'object' || value === null || typeof before !== 'object' || before === null) return frozen(value);
  const parts = value as Record<string, unknown>;
  for (const name of Object.keys(parts)) parts[name] = frozenLike(parts[name], counterpart(before, name, parts[name]));
  return frozen(value);
}

/** What stands in the same place of the older one; in a list, the entry of the same name. */
function counterpart(before: object, name: string, part: unknown): unknown {
  if (!Array.isArray(before)) return (before as Record<string, unknown>)[name];
  const id = nameOf(part);
  return id === undefined ? (before as unknown[])[Number(name)] : (before as unknown[]).find((entry) => nameOf(entry) === id);
}

function nameOf(entry: unknown): unknown {
  const { id, block } = (entry ?? {}) as { id?: unknown; block?: unknown };
  return id ?? block;
}
