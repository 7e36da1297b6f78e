/** What a month's sheet says below its head, section by section in their order. A new one is an entry here. */
import { placed } from './own-words';
import type { SheetPart } from '../programme';
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
  /** What the organiser says of a part. */
  own: (part: SheetPart) => PaperPiece[];
  /** Whether those words are all there is. */
  lesson: boolean;
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
  { id: 'need', pieces: ({ need, own }) => [...need, ...own('need')] },
  { id: 'cut', pieces: ({ cut, own }) => [...cut, ...own('cut')] },
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
  { id: 'end', pieces: ({ context, own, lesson }) => [...placed('end', endPieces(context, lesson)), ...own('end')] },
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

function endPieces({ programme, month, colourway, wishes }: MonthContext, lesson: boolean): PaperPiece[] {
  const { size } = wishes;
  const next = programme.months[programme.months.indexOf(month) + 1];
  const when = next?.release ? texts.onWords(plainDate(next.release)) : '';
  const coming = next ? texts.theNextSheet(when ? texts.isReleased(when) : texts.follows) : texts.thisIsTheLastSheet;
  const words = homeworkWords(programme, month, colourway, size);
  const home = words ? texts.beforeThen(words) : '';
  return [
    ...(wishes.level === 'versed' ? [] : [{ kind: 'heading', level: 2, text: texts.nextTime } as const]),
    { kind: 'text', text: `${coming}${home}${programme.contact ? texts.questions(capital(programme.contact)) : ''}` },
    // Nothing is cut in a lesson.
    ...(lesson ? [] : [{ kind: 'text', tone: 'quiet', text: safety() } as const]),
  ];
}
