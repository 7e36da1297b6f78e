/** For somebody new to it: each word of the craft is explained where it is first used. */
import { plainWords, type PaperPiece, type PaperStep, type Words } from './paper';

/** What to look for, and what it means, in a sentence. */
const GLOSSARY: readonly (readonly [word: RegExp, says: string])[] = [
  [/\bscant\b/, 'Scant means a thread’s width less, to allow for the fold of the seam.'],
  [/\bunfinished\b/, 'Unfinished is the size before it is sewn to others, seam allowance and all.'],
  [/\bsquare the end\b/i, 'To square the end, cut off a sliver at a right angle to the fold, so that your first cut is true.'],
  [/\bsubcut\b/i, 'To subcut is to cut the strip across into pieces.'],
  [/\bwrong side\b|\bon the back of\b/i, 'The back, or wrong side, is the paler side of the print.'],
  [/\bright sides together\b/i, 'Right sides together: the printed sides face each other.'],
  [/\bset the seams?\b|\bset each seam\b/i, 'To set a seam, press it flat as it was sewn, before you open it.'],
  [/\bdog-ears\b/i, 'Dog-ears are the little tips that stick out beyond the corners.'],
  [/\bbias\b/i, 'A bias edge runs slantwise to the threads and stretches when it is pulled.'],
  [/\bstrip set\b/i, 'A strip set is several strips sewn side by side, to be cut across.'],
  [
    /\bnests?\b/i,
    'Seams nest when their allowances lie to opposite sides and lock into each other: you can feel it with your fingertips.',
  ],
  [/\bchain-piece\b/i, 'To chain-piece, feed one pair after the other under the needle without cutting the thread.'],
  [/\bcreases?\b/i, 'A crease is a light fold that you finger-press, to find the middle.'],
  [/\bease\b|\beased\b/i, 'To ease in is to pin both ends first and spread what is too long between the pins.'],
  [/\bbaste\b/i, 'To baste is to hold the layers together for the quilting.'],
  [/\bmitres?\b|\bmitred\b/i, 'A mitre is a corner where two strips meet at 45 degrees.'],
  [/\bslip-stitch\b/i, 'To slip-stitch, sew by hand with small stitches that hide inside the fold.'],
];

/** The paper with every word explained at its first use. */
export function explained(pieces: readonly PaperPiece[]): PaperPiece[] {
  const left = new Set(GLOSSARY);
  return pieces.map(withWords);

  /** What has to be explained of a text, now that it is read. */
  function news(text: string): string {
    const found = [...left].filter(([word]) => word.test(text));
    for (const entry of found) left.delete(entry);
    return found.map(([, says]) => says).join(' ');
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
