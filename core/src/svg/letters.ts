/** Which letter a drawing's colours probably stand for. */
import { differenceCiede2000 } from '../ink/colour-spaces';
import type { Paint } from './tracing';

/**
 * A letter for every paint, by its id: the letter that the drawing names, where there is one; else the letter whose fabric is nearest in
 * colour. No two paints get one letter while another is left. `colours`: every letter that may be drawn with, and its fabric's colour.
 */
export function likelyLetters(paints: readonly Paint[], colours: ReadonlyMap<string, string>): Map<string, string> {
  const found = new Map<string, string>();
  const free = new Set(colours.keys());
  for (const { id, letter } of paints) {
    if (letter === undefined || !free.has(letter)) continue;
    found.set(id, letter);
    free.delete(letter);
  }
  const differ = differenceCiede2000();
  const pairs = paints
    .filter(({ id }) => !found.has(id))
    .flatMap(({ id, colour }) => [...colours].map(([letter, c]) => ({ id, letter, far: differ(colour ?? '#ffffff', c) })))
    .sort((a, b) => a.far - b.far);
  for (const only of [true, false])
    for (const { id, letter } of pairs) {
      if (found.has(id) || (only && !free.has(letter))) continue;
      found.set(id, letter);
      free.delete(letter);
    }
  return found;
}
