/** What a month's sheet says below its head, section by section in their order. A new one is an entry here. */
import { notePieces, placed } from './own-words';
import type { MonthSheet } from './month-sheet';
import type { MonthContext } from './need-paper';
import type { PaperPiece, PaperStep } from './paper';
import type { Colours } from './pictures';
import { poolPieces } from './pool-paper';
import { quiltPieces } from './quilt-paper';
import { homeworkWords } from './sheet-pool';
import { fabricWord } from './sheet-unit';
import { spinAgain } from './spinning';
import { safety } from './cautions';
import { capital } from './unit-paper';
import { plainDate } from './wishes';
import { words as texts } from './words/month-sections';

/** What sections are made of: the month, and what of it was worked out for the head already. */
export interface MonthParts {
  context: MonthContext;
  sheet: MonthSheet;
  colours: Colours;
  /** What is needed, where that does not stand in the head. */
  need: readonly PaperPiece[];
  cut: readonly PaperPiece[];
  /** Units that are made ahead, for a later month. */
  ahead: readonly PaperPiece[];
  /** The blocks one after the other, with what the organiser says of their parts. */
  blocks: readonly PaperPiece[];
}

export interface MonthSection {
  id: string;
  pieces(parts: MonthParts): readonly PaperPiece[];
}

export const monthSections: readonly MonthSection[] = [
  { id: 'need', pieces: ({ need, context: { month } }) => [...need, ...notePieces(month, 'need')] },
  { id: 'cut', pieces: ({ cut, context: { month } }) => [...cut, ...notePieces(month, 'cut')] },
  {
    id: 'pools',
    pieces: ({ sheet, colours, context: { wishes, colourway } }) =>
      placed(
        'pools',
        poolPieces(sheet.pools, colours, wishes, (role) => fabricWord(colourway, role)),
      ),
  },
  { id: 'blocks', pieces: ({ ahead, blocks }) => spinOnce([...ahead, ...blocks]) },
  {
    id: 'quilt',
    pieces: ({ context: { programme, month, colourway, wishes } }) =>
      placed('quilt', quiltPieces(programme, month, colourway, wishes)),
  },
  { id: 'end', pieces: ({ context }) => [...placed('end', endPieces(context)), ...notePieces(context.month, 'end')] },
];

/** How a crossing is spun is told once on a sheet. */
function spinOnce(pieces: PaperPiece[]): PaperPiece[] {
  let known = false;
  const again = (step: PaperStep): PaperStep => {
    if (step.spins === undefined) return step;
    const said = known ? { ...step, text: spinAgain(step.spins) } : step;
    known = true;
    return said;
  };
  const within = (piece: PaperPiece): PaperPiece => {
    if (piece.kind === 'steps') return { ...piece, steps: piece.steps.map(again) };
    return piece.kind === 'beside' ? { ...piece, pieces: piece.pieces.map(within) } : piece;
  };
  return pieces.map(within);
}

function endPieces({ programme, month, colourway, wishes }: MonthContext): PaperPiece[] {
  const { size } = wishes;
  const next = programme.months[programme.months.indexOf(month) + 1];
  const when = next?.release ? texts.onWords(plainDate(next.release)) : '';
  const coming = next ? texts.theNextSheet(when ? texts.isReleased(when) : texts.follows) : texts.thisIsTheLastSheet;
  const words = homeworkWords(programme, month, colourway, size);
  const home = words ? texts.beforeThen(words) : '';
  return [
    ...(wishes.level === 'versed' ? [] : [{ kind: 'heading', level: 2, text: texts.nextTime } as const]),
    { kind: 'text', text: `${coming}${home}${programme.contact ? texts.questions(capital(programme.contact)) : ''}` },
    { kind: 'text', tone: 'quiet', text: safety() },
  ];
}
