/** The rows of a cutting list: lines that a page had broken joined again, the rows of a table as sentences. */
import { readTable } from '../table';
import { counted } from './written';

export interface Row {
  line: number;
  /** Its last line. */
  to: number;
  text: string;
}

/** A line of a paragraph that is as wide as its page, at least. */
const PAGE = 60;

/** A line that was joined up to this length is no line of a list. */
const LONGEST = 500;

/** Whether a line was broken by the width of a page: it ends within a size, or the next one begins within one. */
function isBroken(line: string, next: string): boolean {
  if (!line.trim() || !next.trim()) return false;
  if (/(?:\bx|\bby|\bof|\band|\bthe|\binto|\bon|\bfrom|\bcut|[-(])\s*$/i.test(line) && /\d/.test(line)) return true;
  // A paragraph as wide as a page goes on with a small letter; a line of a list may begin with a small number.
  if (line.trim().length >= PAGE && !/[.:;!?)]\s*$/.test(line) && /^\s*\p{Ll}/u.test(next))
    return counted(/^\s*([\p{L}-]+)/u.exec(next)?.[1] ?? '') === undefined;
  if (line.trim().length >= PAGE && /,\s*$/.test(line)) return true;
  if (/\d\s*$/.test(line) && /^\s*(?:\d{1,2}\/\d{1,2}\b|in\b|"|cm\b|mm\b|squares?\b|rectangles?\b|strips?\b|x )/i.test(next))
    return true;
  return (
    /^\s+(?:squares?|rectangles?|strips?|in|x|diagonal\w*|[A-Z]\d,)\b/.test(next) ||
    (/,\s*$/.test(line) && /\d/.test(line) && /^\s+[\p{L}]/u.test(next))
  );
}

function joined(lines: readonly string[]): Row[] {
  const rows: Row[] = [];
  lines.forEach((text, i) => {
    const before = rows.at(-1);
    if (before && before.to === i && before.text.length < LONGEST && isBroken(before.text, text))
      Object.assign(before, { to: i + 1, text: `${before.text} ${text.trim()}` });
    else rows.push({ line: i + 1, to: i + 1, text });
  });
  return rows;
}

/** The rows of a text that is written plainly. `most`: more lines than these are not read. */
export const rowsOf = (text: string, most: number): Row[] =>
  asTable(text)?.slice(0, most) ?? joined(text.split(/\r\n|\r|\n/).slice(0, most));

/** Columns of a table, by how people head them; the sentence that a row makes is read as any other line. */
const COLUMNS: readonly [RegExp, 'fabric' | 'qty' | 'w' | 'h' | 'size' | 'shape' | 'note'][] = [
  [/^(?:fabric|colou?r|letter|print|material|role)s?$/i, 'fabric'],
  [/^(?:qty|quantity|count|number|no\.?|how many|pieces|cut|amount|#)$/i, 'qty'],
  [/^(?:w|width|side a|across)\b/i, 'w'],
  [/^(?:h|height|length|l|side b|down)\b/i, 'h'],
  [/^(?:size|cut size|dimensions?|measures?)\b/i, 'size'],
  [/^(?:shape|piece|type)$/i, 'shape'],
  [/^(?:notes?|then|sub-?cut|diagonals?|remarks?|how|cutting|sub)$/i, 'note'],
];

/** The rows of a table with a line of headings, each as a sentence; undefined where the text is none. */
function asTable(text: string): Row[] | undefined {
  const mended = text.replace(/(^|[,;\t|])([ ]*\d[^",;\t|\n]*)"(?=\s*(?:[,;\t|\r\n]|$))/gm, '$1$2 in').replace(/^\s*\n/, '');
  const [first = ''] = mended.split('\n');
  if (!/[,;\t|]/.test(first)) return undefined;
  const lines = readTable(mended.replaceAll('|', '\t'));
  if ('wrong' in lines) return undefined;
  const head = lines[0]?.cells.map((cell) => COLUMNS.find(([name]) => name.test(cell.trim()))?.[1]) ?? [];
  const sized = head.includes('size') || head.includes('w');
  if (!sized || !head.includes('qty')) return undefined;
  return [
    { line: 1, to: 1, text: '' },
    ...lines.slice(1).map(({ line, cells }): Row => {
      const cell = (column: string) => (cells[head.indexOf(column as (typeof head)[number])] ?? '').trim();
      const [w, h] = [cell('w'), cell('h')];
      const size = cell('size') || (h ? `${w} x ${h}` : w);
      const fabric = /^[A-Z]$/.test(cell('fabric')) ? `Fabric ${cell('fabric')}` : cell('fabric');
      const note = /^(?:-|none|no|0)?$/i.test(cell('note')) ? '' : noteWords(cell('note'));
      const shape = cell('shape') || (h && w !== h ? 'rectangles' : size && !/x/i.test(size) ? 'squares' : 'pieces');
      const sentence = [`${fabric}:`, cell('qty'), shape, `@ ${size}`].join(' ');
      return { line, to: line, text: cells.every((c) => c === '') ? '' : note ? `${sentence}; ${note}` : sentence };
    }),
  ];
}

/** 'once' and '2' in a column for the diagonals are sentences there. */
function noteWords(note: string): string {
  if (/^(?:once|1|1 ?x|half|hst)$/i.test(note)) return 'cut once on the diagonal';
  if (/^(?:twice|2|2 ?x|quarters?|qst)$/i.test(note)) return 'cut twice on the diagonal';
  return note;
}
