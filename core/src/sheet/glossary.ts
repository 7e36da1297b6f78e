/** For somebody new to it: each word of the craft is explained where it is first used. */
import { plainWords, type PaperPiece, type PaperStep, type Words } from './paper';
import { found, meanings } from './words/glossary';

/** Words of the craft, in the order in which they are looked for. */
const WORDS = Object.keys(meanings) as (keyof typeof meanings)[];

/** The paper with every word explained at its first use. */
export function explained(pieces: readonly PaperPiece[]): PaperPiece[] {
  const left = new Set(WORDS);
  return pieces.map(withWords);

  /** What has to be explained of a text, now that it is read. */
  function news(text: string): string {
    const here = [...left].filter((word) => new RegExp(found[word], 'i').test(text));
    for (const word of here) left.delete(word);
    return here.map((word) => meanings[word]).join(' ');
  }

  function longer(text: Words): Words {
    const said = news(plainWords(text));
    if (!said) return text;
    return typeof text === 'string' ? `${text} ${said}` : [...text, ` ${said}`];
  }

  function withWords(piece: PaperPiece): PaperPiece {
    switch (piece.kind) {
      case 'text':
        return { ...piece, text: longer(piece.text) };
      case 'list':
        return { ...piece, items: piece.items.map(longer) };
      case 'steps':
        return { ...piece, steps: piece.steps.map((step): PaperStep => ({ ...step, text: longer(step.text) })) };
      case 'title':
      case 'beside':
        return { ...piece, pieces: piece.pieces.map(withWords) };
      default:
        return piece;
    }
  }
}
