/** Words broken into lines of a width, with every fraction set as one. */
import type { Words } from '@aggrega/core/sheet';
import { runsOf } from '../runs';
import type { Face } from './fonts';

type Doc = PDFKit.PDFDocument;

/** Letters that are set in one go. */
interface Bit {
  text: string;
  face: Face;
  size: number;
  fraction: boolean;
  x: number;
}

export interface TextLine {
  bits: Bit[];
  width: number;
}

export interface TypeSetting {
  face: Face;
  size: number;
  width: number;
}

/** What stands between a whole number and its fraction: a real space, made small, so that a copied 9 1/2 is never 91/2. Readers of PDF take what is
 * narrower than a tenth of the letters' size for no space at all. */
const GAP = 0.6;

/** Bits that no line is broken between, their sizes and widths for letters of one point. */
interface Word {
  bits: (Omit<Bit, 'x'> & { width: number })[];
  width: number;
  /** Before it. */
  space: number;
}

export function linesOf(doc: Doc, words: Words, { face, size, width }: TypeSetting): TextLine[] {
  const lines: TextLine[] = [];
  let line: TextLine = { bits: [], width: 0 };
  for (const word of wordsOf(doc, words, face)) {
    const space = line.bits.length > 0 ? word.space * size : 0;
    if (line.bits.length > 0 && line.width + space + word.width * size > width) {
      lines.push(line);
      line = { bits: [], width: 0 };
    } else line.width += space;
    for (const bit of word.bits) {
      const last = line.bits.at(-1);
      // Words of one kind are set in one go, spaces and all.
      if (last && bit === word.bits[0] && space > 0 && isLike(last, bit, size)) last.text += ` ${bit.text}`;
      else line.bits.push({ text: bit.text, face: bit.face, size: bit.size * size, fraction: bit.fraction, x: line.width });
      line.width += bit.width * size;
    }
  }
  if (line.bits.length > 0) lines.push(line);
  return lines;
}

const isLike = (last: Bit, bit: Omit<Bit, 'x'>, size: number) =>
  !last.fraction && !bit.fraction && last.face === bit.face && last.size === bit.size * size;

/** A text is broken into words once for a document, however often it is tried in columns of other widths. */
const broken = new WeakMap<Doc, Map<Words, Record<string, Word[]>>>();

function wordsOf(doc: Doc, words: Words, face: Face): Word[] {
  const known = broken.get(doc) ?? new Map<Words, Record<string, Word[]>>();
  broken.set(doc, known);
  const own = known.get(words) ?? {};
  known.set(words, own);
  return (own[face] ??= brokenInto(doc, words, face));
}

function brokenInto(doc: Doc, words: Words, face: Face): Word[] {
  const found: Word[] = [];
  const space = widthOf(doc, { text: ' ', face, size: 1, fraction: false });
  let open = false;
  for (const { text, bold, fraction } of runsOf(words)) {
    const own: Face = bold && face === 'text' ? 'bold' : face;
    const add = (bit: Omit<Bit, 'x'>, glued: boolean) => {
      if (!glued || found.length === 0) found.push({ bits: [], width: 0, space });
      const word = found.at(-1)!;
      const width = widthOf(doc, bit);
      word.bits.push({ ...bit, width });
      word.width += width;
    };
    if (fraction) {
      const whole = open && /\d$/.test(found.at(-1)?.bits.at(-1)?.text ?? '');
      if (whole) add({ text: ' ', face: own, size: GAP, fraction: false }, true);
      add({ text, face: own, size: 1, fraction: true }, open);
      open = true;
      continue;
    }
    text.split(/( +)/).forEach((part) => {
      if (part === '') return;
      if (part.trim() === '') open = false;
      else {
        add({ text: part, face: own, size: 1, fraction: false }, open);
        open = true;
      }
    });
  }
  return found;
}

/** In points for letters of one point, by face: every word is measured once. */
const measured = new Map<string, number>();
/** Words of many sheets; beyond that they are measured anew. */
const MOST = 20_000;

/** In points. */
function widthOf(doc: Doc, { text, face, size, fraction }: Omit<Bit, 'x'>): number {
  const key = `${face} ${fraction ? '/' : ''} ${text}`;
  let wide = measured.get(key);
  if (wide === undefined) {
    wide =
      doc
        .font(face)
        .fontSize(100)
        .widthOfString(text, fraction ? FRACTION : {}) / 100;
    if (measured.size >= MOST) measured.clear();
    measured.set(key, wide);
  }
  return wide * size;
}

const FRACTION = { features: ['frac'] } as PDFKit.Mixins.TextOptions;

/** Sets lines; `y` is the top of the first, `leading` from one to the next. */
export function setLines(
  doc: Doc,
  lines: readonly TextLine[],
  {
    x,
    y,
    leading,
    colour,
    width,
    align = 'left',
  }: { x: number; y: number; leading: number; colour: string; width: number; align?: 'left' | 'right' | 'middle' },
): void {
  doc.fillColor(colour);
  lines.forEach((line, i) => {
    const start = x + (align === 'right' ? width - line.width : align === 'middle' ? (width - line.width) / 2 : 0);
    const base = y + i * leading + leading * 0.76;
    line.bits.forEach((bit, n) => {
      // The space before a word is written with it, so that whoever copies the line gets its words apart.
      const before = n > 0 && bit.x > endOf(doc, line.bits[n - 1]!) + 0.01;
      if (before) letters(doc, { ...bit, text: ' ', fraction: false }, start + endOf(doc, line.bits[n - 1]!), base);
      letters(doc, bit, start + bit.x, base);
    });
  });
}

const endOf = (doc: Doc, bit: Bit) => bit.x + widthOf(doc, bit);

function letters(doc: Doc, { text, face, size, fraction }: Bit, x: number, base: number): void {
  doc
    .font(face)
    .fontSize(size)
    .text(text, x, base, { lineBreak: false, baseline: 'alphabetic', ...(fraction && FRACTION) });
}
