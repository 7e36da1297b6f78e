/** The fabric that a line of a cutting list speaks of: a letter, a name of the drawing's fabrics, or the list's own name for it. */

export interface KnownFabric {
  role: string;
  /** Its name in the colourway. */
  name: string;
}

export interface FabricsFound {
  /** As `keyOf` writes them; several where a line speaks of several. */
  keys: string[];
  /** The line without them. */
  rest: string;
}

/** What stands for a fabric: 'fabric B' for a letter, else its name in small letters. */
export const letterKey = (letter: string) => `fabric ${letter.toUpperCase()}`;
export const nameKey = (name: string) =>
  name
    .toLowerCase()
    .replace(/\b(?:the|fabric|fabrics|print|prints|solid|solids|colou?r|from|of|cut)\b/g, ' ')
    .replace(/[^\p{L}\p{N} ]/gu, ' ')
    .trim()
    .replace(/\s+/g, ' ');

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** Letters of their own: '(B)', 'B:', 'fabric B', 'B1'. 'A' before a small word is the article; 'U1' is a unit, 'X' a sign. */
const LETTER =
  /(?<![\p{L}\p{N}'])(?:[Ff]ab(?:ric|\.)?s?\s+|FABRIC\s+|[Cc]olou?r\s+|[Pp]rint\s+)?\(?([A-TV-WYZ])(\d{1,2})?\)?(?![\p{L}\p{N}'’])/gu;
const NUMBERED = /\b(?:fabric|colou?r|print|fab\.?)\s*#?\s*(\d{1,2})\b(?!\s*\/)(?=\s*(?:[:,;()-]|$|cut\b|from\b))/i;
const FROM = /\b(?:from|of|in)\s+(?:the\s+|your\s+)?((?:[\p{L}-]+\s+){0,3}[\p{L}-]+?)\s+(?:fabric|print|solid)s?\b/iu;

/** The fabrics that a plainly written line names, and the line without them. */
export function fabricsIn(line: string, known: readonly KnownFabric[]): FabricsFound {
  const keys = new Set<string>();
  let rest = line;
  for (const { role, name } of [...known].sort((a, b) => b.name.length - a.name.length)) {
    if (name.length < 3) continue;
    const named = new RegExp(`(?<![\\p{L}\\p{N}])${escaped(name)}(?![\\p{L}\\p{N}])`, 'iu');
    if (named.test(rest)) {
      keys.add(letterKey(role));
      rest = rest.replace(named, ' ');
    }
  }
  const articles = /(?<![\p{L}\p{N}])A\s+(?=(?:strip|square|rectangle|pair|total|set|half|quarter)\b)/gu;
  rest = rest.replace(articles, 'a ').replace(LETTER, (all: string, letter: string) => {
    keys.add(letterKey(letter));
    return all.includes('(') && all.includes(')') ? ' , ' : ' ';
  });
  if (keys.size === 0) {
    const numbered = NUMBERED.exec(rest);
    if (numbered) {
      keys.add(`fabric ${numbered[1]}`);
      rest = rest.replace(numbered[0], ' ');
    }
  }
  if (keys.size === 0) {
    const from = FROM.exec(rest);
    const key = from ? nameKey(from[1]!) : '';
    if (from && key) {
      keys.add(key);
      rest = rest.replace(from[0], ' ');
    }
  }
  return { keys: [...keys], rest };
}

/** What comes before a colon and may be a fabric's name: no number but a fabric's own, and no word of cutting. */
const HEAD = /^\W*([\p{L}][^:;\d"]{0,40}?)\s*:/u;

/** The list's own name for a fabric before a colon: 'Background: 4 squares'. */
export function headName(line: string): { key: string; rest: string } | undefined {
  const head = HEAD.exec(line);
  if (!head || /^(?:for|unit|block|step|size|finished|cut size|qty|quantity|number|subcut|sub-cut|note|tip)\b/i.test(head[1]!))
    return undefined;
  const key = nameKey(head[1]!);
  return key ? { key, rest: line.slice(head[0].length) } : undefined;
}
