/** What was worked out in British English, as a reader of American English has it: names and notes that people typed stay as they are. */
import { american } from './american';

/** What is no text though it is a string: keys, kinds, colours. */
const NO_TEXT = new Set(['kind', 'tone', 'id', 'cut', 'colour', 'fill', 'photo', 'letter', 'spins', 'place', 'lang']);

/** Strings of a value, at any depth, but for what draws. */
function* strings(value: unknown): Generator<string> {
  if (typeof value === 'string') yield value;
  else if (Array.isArray(value) || value instanceof Set) for (const one of value) yield* strings(one);
  else if (value instanceof Map) for (const one of value.values()) yield* strings(one);
  else if (value !== null && typeof value === 'object')
    for (const [key, one] of Object.entries(value)) if (key !== 'patches' && key !== 'points') yield* strings(one);
}

const known = new WeakMap<object, readonly string[]>();

/** What was typed into a document that would read otherwise in American English: its own words, the longest first. */
export function typedIn(document: object): readonly string[] {
  const found =
    known.get(document) ??
    [...new Set([...strings(document)].flatMap((text) => [text, ...text.split('\n')]).map((text) => text.trim()))]
      .filter((text) => text !== american(text))
      .sort((a, b) => b.length - a.length);
  known.set(document, found);
  return found;
}

/** The text in American English, but for `typed` wherever it stands in it. */
export function americanText(text: string, typed: readonly string[] = []): string {
  const [first, ...rest] = typed.filter((own) => text.includes(own));
  if (first === undefined) return american(text);
  return text
    .split(first)
    .map((part) => americanText(part, rest))
    .join(first);
}

/** The value with all of its texts in American English, but for what was typed into `document`. */
export function inAmerican<T>(value: T, document: object): T {
  const typed = typedIn(document);
  const said = (one: unknown): unknown => {
    if (typeof one === 'string') return americanText(one, typed);
    if (Array.isArray(one)) return one.map(said);
    if (one === null || typeof one !== 'object' || Object.getPrototypeOf(one) !== Object.prototype) return one;
    return Object.fromEntries(Object.entries(one).map(([key, at]) => [key, NO_TEXT.has(key) ? at : said(at)]));
  };
  return said(value) as T;
}
