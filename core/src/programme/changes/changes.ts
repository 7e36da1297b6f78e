/**
 * Small changes to a document that can be saved side by side: each says what its maker saw and what it should become.
 * A change whose place has become something else meanwhile is a conflict, shown to people, never overwritten; but two people's changes to one drawing
 * join where they do not touch.
 */
import type { ProgrammeFile } from '../document/document';
import { arePatches, joinDrawings } from './join-drawings';
import type { BlockFile, PatchFile } from '../../block';
import { words } from './words';

export interface Change {
  /**
   * Where: a JSON Pointer in which entries of lists are named by their id, '/months/m1/blocks/cold-frame/make', so that it
   * means the same after the list was reordered; an entry itself can be added or taken out. A block's second entry in a month is 'cold-frame~2'.
   * '/months/*' is the order of a list: the names of its entries, as they stood and as they are to stand.
   */
  path: string;
  /** What stood there when the change was made; left out for nothing. */
  from?: unknown;
  /** What is to stand there; left out to remove it. */
  to?: unknown;
}

export interface Conflict extends Change {
  /** What stands there now. */
  now?: unknown;
}

/** The place a change names is not in the document. */
export class ChangeError extends Error {
  constructor(readonly path: string) {
    super(words.thereIsNoPlaceInThe(path));
  }
}

/**
 * Applies all changes, or none when any of them conflicts. A change that already stands counts as made, so that sending the
 * same one again after a lost answer does no harm. The document itself stays as it is; what no change touches is shared with the
 * new one, so that readers can tell by identity what is as it was. Throws ChangeError for a place that cannot exist.
 */
export function applyChanges(
  file: ProgrammeFile,
  changes: readonly Change[],
): { file: ProgrammeFile } | { conflicts: Conflict[] } {
  const copy = { ...file };
  const own: Owned = new Set([copy]);
  const conflicts: Conflict[] = [];
  for (const change of changes) {
    const { parent, key, list } = findPlace(copy, change.path, change.to !== undefined, own);
    if (list && key === ORDER) {
      const conflict = reorder(list, change);
      if (conflict) conflicts.push({ ...change, now: conflict });
      continue;
    }
    const now = list ? entryNamed(list, key) : parent && Object.hasOwn(parent, key) ? parent[key] : undefined;
    if (same(now, change.to)) continue;
    if (!same(now, change.from)) {
      const both = key === 'patches' && parent ? joinedDrawing(parent, { from: change.from, now, to: change.to }) : undefined;
      if (both) parent![key] = both;
      else conflicts.push({ ...change, now });
    } else if (list) putEntry(list, key, change.to);
    else if (change.to === undefined) delete parent![key];
    else parent![key] = change.to;
  }
  return conflicts.length > 0 ? { conflicts } : { file: copy };
}

/** Both people's drawing of a block, where what each of them changed does not touch. */
function joinedDrawing(block: Holder, { from, now, to }: Record<'from' | 'now' | 'to', unknown>): PatchFile[] | undefined {
  if (![from, now, to].every(arePatches) || !Array.isArray(block.grid)) return undefined;
  return joinDrawings(block as unknown as BlockFile, { from, now, to } as Record<'from' | 'now' | 'to', PatchFile[]>);
}

/** The newer of two documents, sharing with the older every section that is equal in both. */
export function sharing(older: ProgrammeFile, newer: ProgrammeFile): ProgrammeFile {
  const known = older as unknown as Holder;
  const sections = Object.entries(newer).map(([name, value]) => [name, same(known[name], value) ? known[name] : value]);
  return Object.fromEntries(sections) as unknown as ProgrammeFile;
}

/** What takes the changes back. A list gets its order last, when everything is in it again. */
export function inverse(changes: readonly Change[]): Change[] {
  const back = changes.map(({ path, from, to }) => ({ path, from: to, to: from })).reverse();
  const orders = (change: Change) => change.path.endsWith(`/${ORDER}`);
  return [...back.filter((c) => !orders(c)), ...back.filter(orders)];
}

type Holder = Record<string, unknown>;
/** Objects and lists that belong to the new document alone, and may be written to. */
type Owned = Set<unknown>;

/** The object or list as the new document's own: copied the first time it is come by. */
function owned(value: unknown, own: Owned, put: (copy: unknown) => void): unknown {
  if (value === null || typeof value !== 'object' || own.has(value)) return value;
  const copy = Array.isArray(value) ? [...(value as unknown[])] : { ...value };
  own.add(copy);
  put(copy);
  return copy;
}

/** The object that holds the place; missing objects on the way are made when something is to be put there. */
function findPlace(
  root: ProgrammeFile,
  path: string,
  make: boolean,
  own: Owned,
): { parent: Holder | undefined; key: string; list?: unknown[] } {
  const names = path.split('/').slice(1);
  const key = names.pop();
  if (!path.startsWith('/') || key === undefined || key === '' || names.concat(key).some((n) => n === '__proto__'))
    throw new ChangeError(path);
  let holder: unknown = root;
  for (const name of names) {
    if (Array.isArray(holder)) {
      const list = holder as unknown[];
      const entry = entryNamed(list, name);
      holder = owned(entry, own, (copy) => (list[list.indexOf(entry)] = copy));
    } else if (holder !== null && typeof holder === 'object') {
      const here = holder as Holder;
      if (!Object.hasOwn(here, name) && make) here[name] = LISTS.has(name) ? [] : {};
      else if (!Object.hasOwn(here, name)) return { parent: undefined, key };
      holder = owned(here[name], own, (copy) => (here[name] = copy));
    }
    if (holder === undefined) throw new ChangeError(path);
  }
  if (Array.isArray(holder)) return { parent: undefined, key, list: holder };
  if (holder === null || typeof holder !== 'object') throw new ChangeError(path);
  return { parent: holder as Holder, key };
}

/** Fields that hold lists of entries with names. */
const LISTS = new Set(['blocks', 'months', 'fabrics', 'colourways', 'sizes', 'shelf', 'orders']);

/** In place of an entry's name: the order of a list. */
export const ORDER = '*';

/** The names of a list's entries, in their order: 'cold-frame', 'cold-frame~2'. */
export function orderOf(list: readonly unknown[]): string[] {
  const seen = new Map<string, number>();
  return list.map((entry) => {
    const name = nameIn(entry);
    const nth = (seen.get(name) ?? 0) + 1;
    seen.set(name, nth);
    return nth > 1 ? `${name}~${nth}` : name;
  });
}

/**
 * Puts a list into another order. What somebody has added meanwhile stays behind the one that it stood behind, what was taken out stays out. The order as
 * it is now, where somebody has changed that.
 */
function reorder(list: unknown[], { from, to }: Change): string[] | undefined {
  const now = orderOf(list);
  const [before, wanted] = [from, to].map((names) => (Array.isArray(names) ? (names as string[]) : [])) as [string[], string[]];
  const order = wanted.filter((name) => now.includes(name));
  for (const [i, name] of now.entries())
    if (!wanted.includes(name)) order.splice(i === 0 ? 0 : order.indexOf(now[i - 1]!) + 1, 0, name);
  if (same(now, order)) return undefined;
  const own = now.filter((name) => before.includes(name));
  if (
    !same(
      own,
      before.filter((name) => now.includes(name)),
    )
  )
    return now;
  const entries = new Map(now.map((name, i) => [name, list[i]]));
  list.splice(0, list.length, ...order.map((name) => entries.get(name)));
  return undefined;
}

/** Adds, replaces or takes out the entry of that name; it must bear the name that its place says. */
function putEntry(list: unknown[], key: string, to: unknown): void {
  const at = list.indexOf(entryNamed(list, key));
  if (to === undefined) list.splice(at, 1);
  else if (at >= 0) list[at] = to;
  else if (entryNamed([to], key.split('~')[0]!) === to) list.push(to);
  else throw new ChangeError(key);
}

/** The entry with that id; months name their blocks by the field `block`. */
function entryNamed(list: unknown[], name: string): unknown {
  const [id, nth = '1'] = name.split('~');
  return list.filter((entry) => nameIn(entry) === id)[Number(nth) - 1];
}

const nameIn = (entry: unknown): string =>
  entry !== null && typeof entry === 'object' ? String((entry as Holder).id ?? (entry as Holder).block ?? '') : '';

/** Equal as JSON: the order of an object's fields does not matter. */
export function same(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (a === null || b === null || typeof a !== 'object' || typeof b !== 'object' || Array.isArray(a) !== Array.isArray(b))
    return false;
  const [left, right] = [a as Holder, b as Holder];
  const keys = Object.keys(left);
  return keys.length === Object.keys(right).length && keys.every((k) => Object.hasOwn(right, k) && same(left[k], right[k]));
}
