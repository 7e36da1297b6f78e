/** What comes from outside as JSON is measured before it is read: a text of a few megabytes can hold more than a machine does. */
import { words } from './words';

/** Documents nest some ten deep; a large one holds some ten thousand values. */
export const BOUNDS = { depth: 100, values: 1_000_000 };

/**
 * Why a JSON text is not read at all, as a sentence without its beginning ('it is nested …'): nested too deep, too many values, or a key of which programs make
 * something else than a key. Undefined for one that may be read, and for one that is no JSON, which reading it will say.
 */
export function unreadable(text: string, { depth: deepest, values: most } = BOUNDS): string | undefined {
  let [depth, values, began] = [0, 1, -1];
  for (let i = 0; i < text.length; i += 1) {
    const c = text.charCodeAt(i);
    if (began >= 0) {
      if (c === BACKSLASH) i += 1;
      else if (c === QUOTE) {
        if (isStrange(text, began, i)) return words.aKeyIsCalled('__proto__');
        began = -1;
      }
    } else if (c === QUOTE) began = i;
    else if (c === 91 || c === 123) {
      if ((depth += 1) > deepest) return words.itIsNestedMoreThan(deepest);
      values += 1;
    } else if (c === 93 || c === 125) depth -= 1;
    else if (c === 44) values += 1;
    if (values > most) return words.itHoldsMoreThan(most);
  }
  return undefined;
}

const [BACKSLASH, QUOTE, COLON] = [92, 34, 58];
const STRANGE = '__proto__';
/** The longest way of writing it: each letter by its number. */
const LONGEST = STRANGE.length * 6;

/** Whether a string that begins and ends at these quotes is a key by that name, however it is written. */
function isStrange(text: string, from: number, to: number): boolean {
  const long = to - from - 1;
  if (long < STRANGE.length || long > LONGEST) return false;
  const written = text.slice(from, to + 1);
  if (written !== `"${STRANGE}"` && !(written.includes('\\u') && spelled(written) === STRANGE)) return false;
  let after = to + 1;
  while (/\s/.test(text[after] ?? '')) after += 1;
  return text.charCodeAt(after) === COLON;
}

function spelled(written: string): unknown {
  try {
    return JSON.parse(written);
  } catch {
    return undefined;
  }
}
