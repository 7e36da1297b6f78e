/** Plain text of a paper, for mail and for screen readers: the same words in the same order, lines of at most 76 letters. */
import {
  plainWords,
  type PictureWithPieces,
  type Paper,
  type PaperPicture,
  type PaperPiece,
  type PaperRow,
  type PaperStep,
  type Words,
} from '@aggrega/core/sheet';
import { words } from './words';

const WIDTH = 76;

export function paperText(paper: Paper): string {
  return `${paper.pieces
    .flatMap((piece) => linesOf(piece))
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim()}\n\n${wrapped(paper.footer).join('\n')}\n`;
}

function linesOf(piece: PaperPiece): string[] {
  switch (piece.kind) {
    case 'title':
      return [
        ...wrapped(piece.over),
        ...wrapped(titleOf(piece).toUpperCase()),
        '='.repeat(Math.min(WIDTH, titleOf(piece).length)),
        '',
        ...piece.pieces.flatMap((p) => linesOf(p)),
      ];
    case 'heading':
      return piece.level === 2 ? ['', piece.text, '-'.repeat(Math.min(WIDTH, piece.text.length))] : ['', piece.text];
    case 'text':
      return [...wrapped(plainWords(piece.text)), ''];
    case 'list':
      return [...piece.items.flatMap((item, i) => itemLines(item, piece.ordered ? `${i + 1}. ` : '- ')), ''];
    case 'table':
      return [
        ...piece.groups.flatMap((rows) =>
          tableLines(
            piece.columns.map((c) => c.name),
            rows,
          ),
        ),
        '',
      ];
    case 'pictures':
      return [...piece.pictures.flatMap((p) => pictureLines(p)), ''];
    case 'photo':
      return [...wrapped(words.photo(piece.label)), ''];
    case 'beside':
      return besideLines(piece);
    case 'steps':
      return [...piece.steps.flatMap(stepLines), ''];
    case 'page':
      return [''];
  }
}

const titleOf = ({ text, under }: PaperPiece & { kind: 'title' }) => (under ? `${text}: ${under}` : text);

const itemLines = (item: Words, mark: string): string[] =>
  wrapped(plainWords(item), WIDTH - mark.length).map((line, n) => (n === 0 ? mark : ' '.repeat(mark.length)) + line);

/** The words alone: a step is told so that it can be done without its picture. */
const stepLines = ({ text, check }: PaperStep, i: number): string[] =>
  itemLines(check ? `${plainWords(text)} ${plainWords(check)}` : text, `${i + 1}. `);

const besideLines = ({ pictures, pieces }: PictureWithPieces): string[] => [
  ...pictures.flatMap((p) => pictureLines(p)),
  ...pieces.flatMap((p) => linesOf(p)),
];

/** A row is a line of its filled cells; a first cell that is left out stands for the one above. */
function tableLines(names: readonly string[], rows: readonly PaperRow[]): string[] {
  let first = '';
  return rows.flatMap(({ cells, said }) => {
    if (said) return wrapped(said, WIDTH - 2).map((line, i) => (i === 0 ? '' : '  ') + line);
    const [head] = cells;
    const letter = head?.swatch?.letter ? `${head.swatch.letter} ` : '';
    first = head && plainWords(head.text) ? `${letter}${plainWords(head.text)}` : first;
    const rest = cells.slice(1).flatMap((cell, i) => {
      const text = plainWords(cell.text);
      return text ? [`${names[i + 1]!.toLowerCase()}: ${text}`] : [];
    });
    return wrapped([first, ...rest].join('; '), WIDTH - 2).map((line, i) => (i === 0 ? '' : '  ') + line);
  });
}

const pictureLines = ({ label, caption }: PaperPicture) => wrapped(words.picture(caption ? plainWords(caption) : label));

/** Broken between words. */
function wrapped(text: string, width = WIDTH): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(/\s+/).filter(Boolean)) {
    if (line && line.length + 1 + word.length > width) {
      lines.push(line);
      line = word;
    } else line = line ? `${line} ${word}` : word;
  }
  return line ? [...lines, line] : lines;
}
