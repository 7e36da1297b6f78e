/** What is different between two saved states of a programme: as changes that can be taken back, and in words. */
import { fieldName } from '../document/field-names';
import { ORDER, same, type Change } from './changes';
import type { ProgrammeFile } from '../document/document';
import { words } from './words';

type Holder = Record<string, unknown>;

/** Changes that make the newer of two documents from the older, each as small as its place allows; taken back, they make the older from the newer. */
export function differences(older: ProgrammeFile, newer: ProgrammeFile): Change[] {
  return between(older, newer, '');
}

/** What is different, as lines for people. */
export const differenceWords = (older: ProgrammeFile, newer: ProgrammeFile): string[] =>
  differences(older, newer)
    .filter((change) => !goesWithoutSaying(change))
    .map((change) => changeWords(change, change.to === undefined ? older : newer));

/** That the rest moves up where something was taken out, or down where something was put in. */
function goesWithoutSaying({ path, from, to }: Change): boolean {
  const [before, after] = [from, to] as [string[], string[]];
  return (
    path.endsWith(`/${ORDER}`) &&
    same(
      before.filter((n) => after.includes(n)),
      after.filter((n) => before.includes(n)),
    )
  );
}

function between(from: unknown, to: unknown, path: string): Change[] {
  if (same(from, to)) return [];
  if (Array.isArray(from) && Array.isArray(to)) {
    const [before, after] = [namesOf(from), namesOf(to)];
    if (path && before && after) return inOrder(before, after, path);
  } else if (isHolder(from) && isHolder(to) && [...Object.keys(from), ...Object.keys(to)].every(nameable))
    return entries(new Map(Object.entries(from)), new Map(Object.entries(to)), path);
  return [{ path, ...(from !== undefined && { from }), ...(to !== undefined && { to }) }];
}

function entries(before: ReadonlyMap<string, unknown>, after: ReadonlyMap<string, unknown>, path: string): Change[] {
  const names = new Set([...before.keys(), ...after.keys()]);
  return [...names].flatMap((name) => between(before.get(name), after.get(name), `${path}/${name}`));
}

/** The order comes last, when everything is in the list; it is told as well where only taking the changes back needs it. */
function inOrder(before: ReadonlyMap<string, unknown>, after: ReadonlyMap<string, unknown>, path: string): Change[] {
  const [from, to] = [[...before.keys()], [...after.keys()]];
  const grown = [...from.filter((n) => after.has(n)), ...to.filter((n) => !before.has(n))];
  // Taken back, the last that went comes back first.
  const restored = [...to.filter((n) => before.has(n)), ...from.filter((n) => !after.has(n)).reverse()];
  const kept = same(grown, to) && same(restored, from);
  return [...entries(before, after, path), ...(kept ? [] : [{ path: `${path}/${ORDER}`, from, to }])];
}

const isHolder = (value: unknown): value is Holder => typeof value === 'object' && value !== null && !Array.isArray(value);
/** What can stand in a path. */
const nameable = (name: string) => name !== '' && name !== '__proto__' && !name.includes('/') && !name.includes('~');

/** The entries of a list by their names; undefined where one has none, or two have the same. */
function namesOf(list: readonly unknown[]): Map<string, unknown> | undefined {
  const named = new Map<string, unknown>();
  for (const entry of list) {
    const name = isHolder(entry) ? (entry.id ?? entry.block) : undefined;
    if (typeof name !== 'string' || !nameable(name) || named.has(name)) return undefined;
    named.set(name, entry);
  }
  return named;
}

/** A change as a line for people: 'March, Churn Dash: make 2, was 1'. `file` is a document in which its place has its names. */
export function changeWords({ path, from, to }: Change, file: ProgrammeFile): string {
  const names = path.split('/').slice(1);
  if (names.at(-1) === ORDER) return words.inAnotherOrder(fieldName(names.at(-2)!));
  const said: string[] = [];
  let holder: unknown = file;
  for (const name of names) {
    const list = Array.isArray(holder) ? holder : undefined;
    holder = list ? list.find((e: Holder) => (e.id ?? e.block) === name) : isHolder(holder) ? holder[name] : undefined;
    const own = isHolder(holder) && typeof holder.name === 'string' ? holder.name : undefined;
    if (list) said.push(own ?? blockName(file, name));
    else if (!LISTED.has(name) || names.length === 1) said.push(fieldName(name));
  }
  const place = said.join(', ');
  if (to === undefined) return words.removed(place);
  if (from === undefined) return isHolder(to) || Array.isArray(to) ? words.newWords(place) : `${place}: ${short(to)}`;
  const [before, after] = [short(from), short(to)];
  return before === '…' || after === '…' ? words.changed(place) : words.was(place, after, before);
}

/** Fields that only hold what they are named after. */
const LISTED = new Set(['months', 'blocks', 'fabrics', 'colourways', 'shelf', 'orders', 'sizes']);

const blockName = (file: ProgrammeFile, id: string): string => file.blocks?.find((b) => b.id === id)?.name ?? id;

function short(value: unknown): string {
  if (value === '') return words.empty;
  if (typeof value === 'boolean') return value ? words.yes : words.no;
  if (typeof value === 'string' || typeof value === 'number') return String(value).length > 60 ? '…' : String(value);
  return '…';
}
