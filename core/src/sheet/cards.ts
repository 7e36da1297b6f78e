/** A paper read one thing at a time, as on a telephone beside the machine: each step a card of its own, what is between them a card. */
import {
  plainWords,
  type Checkpoint,
  type Paper,
  type PaperPicture,
  type PaperPiece,
  type PaperStep,
  type Words,
} from './paper';

export interface Card {
  /** Its name on this paper: the same as long as the paper is. */
  id: string;
  /** The headings that it stands under; '' where there is none. */
  part: string;
  of: string;
  /** One step, with its number among those of its list. */
  step?: { number: number; count: number; picture?: PaperPicture; text: Words; check?: Words; mine: boolean };
  /** What can be measured here. */
  checkpoint?: Checkpoint;
  /** How many blocks are sewn by this step. */
  times: number;
  /** Whatever is not a step. */
  pieces: readonly PaperPiece[];
}

/** The cards of a paper in its order. Every piece but page breaks and headings is on one card, once. */
export function cardsOf(paper: Paper): Card[] {
  const cards: Card[] = [];
  const known = new Set<string>();
  let [part, of] = ['', ''];
  let between: PaperPiece[] = [];
  for (const piece of flat(paper.pieces)) {
    if (piece.kind === 'heading') {
      close();
      if (piece.level === 2) [part, of] = [piece.text, ''];
      else of = piece.text;
    } else if (piece.kind === 'steps') {
      close();
      const { times = 1 } = piece;
      piece.steps.forEach((step, i) => {
        const { checkpoint } = step;
        add(idOf(step), { step: cardStep(step, i, piece.steps.length), pieces: [], times, ...(checkpoint && { checkpoint }) });
      });
    } else if (piece.kind !== 'page') between.push(piece);
  }
  close();
  return cards;

  /** What stood between two headings, or before some steps, is one card. */
  function close(): void {
    const checkpoint = checkpointIn(between);
    if (between.length > 0) add('', { pieces: between, times: 1, ...(checkpoint && { checkpoint }) });
    between = [];
  }

  function add(name: string, card: Omit<Card, 'id' | 'part' | 'of'>): void {
    const wished = name || [part, of].filter(Boolean).join(': ') || 'start';
    let id = wished;
    for (let n = 2; known.has(id); n += 1) id = `${wished} ${n}`;
    known.add(id);
    cards.push({ id, part, of, ...card });
  }
}

/** The first of what is measured on a card, wherever it stands. */
function checkpointIn(pieces: readonly PaperPiece[]): Checkpoint | undefined {
  for (const piece of pieces) {
    if (piece.kind === 'text' && piece.checkpoint) return piece.checkpoint;
    const within = piece.kind === 'beside' || piece.kind === 'title' ? checkpointIn(piece.pieces) : undefined;
    if (within) return within;
  }
  return undefined;
}

const idOf = (step: PaperStep) => step.place?.id ?? plainWords(step.text);

const cardStep = ({ picture, text, check, place }: PaperStep, i: number, count: number): Card['step'] => ({
  ...{ number: i + 1, count, text, mine: place?.mine ?? false },
  ...(picture && { picture }),
  ...(check && { check }),
});

/** The head's own pieces after its title; steps and headings out of what stands beside a picture. */
function flat(pieces: readonly PaperPiece[]): PaperPiece[] {
  return pieces.flatMap((piece): PaperPiece[] => {
    const inside = piece.kind === 'title' || piece.kind === 'beside' ? piece.pieces : [];
    const split = inside.findIndex((p) => p.kind === 'heading' || p.kind === 'steps');
    if (split < 0) return [piece];
    const head = { ...piece, pieces: inside.slice(0, split) } as PaperPiece;
    return [head, ...flat(inside.slice(split))];
  });
}
