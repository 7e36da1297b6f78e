/** JSON that is nested too deep to be one of our documents is refused before anything walks down it. */

/** Documents nest some ten deep. */
export const DEEPEST = 100;

/** Whether the brackets of a JSON text, but for those within its strings, nest deeper than that. */
export function nestedTooDeep(text: string, most = DEEPEST): boolean {
  let depth = 0;
  let within = false;
  for (let i = 0; i < text.length; i += 1) {
    const c = text.charCodeAt(i);
    if (within) {
      if (c === 92) i += 1;
      else if (c === 34) within = false;
    } else if (c === 34) within = true;
    else if (c === 91 || c === 123) {
      if ((depth += 1) > most) return true;
    } else if (c === 93 || c === 125) depth -= 1;
  }
  return false;
}
