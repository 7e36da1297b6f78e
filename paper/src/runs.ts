/** Texts cut into what is set alike: plain, bold, and the fraction part of a length alone, so that '2 7/8' is set 2⅞. */
import type { Words } from '@aggrega/core/sheet';

export interface Run {
  text: string;
  bold: boolean;
  /** '7⁄8', written with the fraction slash. */
  fraction: boolean;
}

/** A whole number, a space and a fraction, or a fraction alone; never a part of a date or of another word. */
const LENGTH = /(?<![\w/.])(?:(\d+) )?(\d+)\/(\d+)(?![\w/])/g;

export function runsOf(words: Words): Run[] {
  const runs: Run[] = [];
  for (const part of typeof words === 'string' ? [words] : words) {
    const bold = typeof part !== 'string';
    const text = typeof part === 'string' ? part : part.bold;
    let at = 0;
    for (const match of text.matchAll(LENGTH)) {
      const [all, whole, above, below] = match;
      put(text.slice(at, match.index) + (whole ?? ''), bold, false);
      put(`${above}\u2044${below}`, bold, true);
      at = match.index + all.length;
    }
    put(text.slice(at), bold, false);
  }
  return runs;

  function put(text: string, bold: boolean, fraction: boolean): void {
    if (text) runs.push({ text, bold, fraction });
  }
}
