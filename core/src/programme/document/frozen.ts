/** Documents that nobody changes any more: frozen whole, and one with the document before wherever both are equal. */

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
  if (typeof value !== 'object' || value === null || Object.isFrozen(value)) return value;
  if (typeof before !== 'object' || before === null) return frozen(value);
  const [parts, older] = [value as Record<string, unknown>, before as Record<string, unknown>];
  const names = Object.keys(parts);
  let equal = Array.isArray(value) === Array.isArray(before) && names.length === Object.keys(before).length;
  for (const name of names) {
    parts[name] = frozenLike(parts[name], counterpart(before, name, parts[name]));
    equal &&= Object.hasOwn(before, name) && parts[name] === older[name];
  }
  return equal ? (before as T) : Object.freeze(value);
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
