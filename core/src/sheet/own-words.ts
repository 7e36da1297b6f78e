/** The organiser's own words on a sheet: in the place of computed ones, and notes beside them. */
import type { Month, Note, SheetPart } from '../programme';
import { plainWords, type PaperPhoto, type PaperPiece, type PaperStep, type Place, type Words } from './paper';

/** Widest and tallest that a photo stands on paper, in inches. */
const WIDE = 3;
const TALL = 2.4;

/** What the organiser says after a part of the sheet, each note as its paragraphs and its photo. */
export const notePieces = ({ notes }: Month, part: SheetPart): PaperPiece[] =>
  (notes[part] ?? []).filter((note) => !note.hidden).flatMap(notePaper);

function notePaper({ text, picture }: Note): PaperPiece[] {
  const lines = text.split('\n').filter((line) => line.trim());
  const said = lines.map((line): PaperPiece => ({ kind: 'text', tone: 'own', text: line }));
  if (!picture) return said;
  const tall = picture.height / picture.width;
  const photo: PaperPhoto = { photo: picture.photo, wide: Math.min(WIDE, TALL / tall), tall, label: lines[0] ?? 'A photo' };
  return [...said, { kind: 'photo', ...photo }];
}

/** Gives every step and text of some pieces its place's name, `within` the part that they belong to; what has a name keeps it. */
export function placed(within: string, pieces: readonly PaperPiece[]): PaperPiece[] {
  let steps = 0;
  let texts = 0;
  const named = (place: Place | undefined, else_: () => string): Place => ({
    id: place ? (place.id.includes(':') ? place.id : `${within}:${place.id}`) : `${within}:${else_()}`,
  });
  const visit = (piece: PaperPiece): PaperPiece => {
    if (piece.kind === 'beside') return { ...piece, pieces: piece.pieces.map(visit) };
    if (piece.kind === 'text' && piece.tone !== 'check' && piece.tone !== 'lead' && piece.tone !== 'own')
      return { ...piece, place: named(piece.place, () => `text-${(texts += 1)}`) };
    if (piece.kind !== 'steps') return piece;
    return {
      ...piece,
      steps: piece.steps.map((step): PaperStep => ({ ...step, place: named(step.place, () => `step-${(steps += 1)}`) })),
    };
  };
  return pieces.map(visit);
}

/**
 * The pieces with the organiser's words in their places. Hers stand in the place of precisely the words that they were written for: where
 * the sheet says anything else by now, or in another colourway, the computed ones stand. `writing`: what she needs to go on writing stays.
 */
export function inOwnWords(
  pieces: readonly PaperPiece[],
  words: Month['words'],
  { writing = false }: { writing?: boolean } = {},
): PaperPiece[] {
  const visit = (piece: PaperPiece): PaperPiece[] => {
    switch (piece.kind) {
      case 'title':
      case 'beside':
        return [{ ...piece, pieces: piece.pieces.flatMap(visit) }];
      case 'text': {
        const said = piece.place && saidAt(piece.place, piece.text);
        if (!said) return [piece];
        return said.text === '' ? [] : [{ ...piece, ...said }];
      }
      case 'steps':
        return [
          {
            ...piece,
            steps: piece.steps.map((step) => (step.place ? { ...step, ...saidAt(step.place, step.text, true) } : step)),
          },
        ];
      default:
        return [piece];
    }
  };
  return pieces.flatMap(visit);

  /** A step is always told; another text may be left out. */
  function saidAt(place: Place, text: Words, told = false): { text: Words; place: Place } {
    const computed = plainWords(text);
    const said = (words[place.id] ?? []).filter((own) => own.text !== '' || !told);
    const own = said.find(({ instead }) => instead.includes(computed));
    const write = writing ? { computed } : {};
    if (!own) return { text, place: { ...place, ...write, ...(writing && said.length > 0 && { aside: said.at(-1)!.text }) } };
    if (own.text === '' && writing) return { text, place: { ...place, ...write, hidden: true } };
    return { text: own.text, place: { ...place, ...write, mine: true } };
  }
}

/** The name that a block's places begin with; `key`: the block's in its month. */
export const blockPlace = (key: string) => key.replaceAll('/', '-');

/** The organiser's words for a step of a block's units, where they were written for precisely these computed ones. */
export const ownWordsFor = (words: Month['words'], key: string, computed: string): string | undefined =>
  Object.entries(words)
    .filter(([place]) => place.startsWith(`${blockPlace(key)}:`))
    .flatMap(([, said]) => said)
    .find(({ text, instead }) => text !== '' && instead.includes(computed))?.text;

/** The photos of a paper, by name, each once. */
export const photosIn = ({ pieces }: { pieces: readonly PaperPiece[] }): string[] => [
  ...new Set(
    pieces.flatMap((piece) => {
      if (piece.kind === 'title' || piece.kind === 'beside') return photosIn(piece);
      return piece.kind === 'photo' ? [piece.photo] : [];
    }),
  ),
];

/** Places of some pieces with the computed words there, also where hers stand while she writes. */
export function placesIn(pieces: readonly PaperPiece[]): Map<string, string> {
  const found = new Map<string, string>();
  const visit = (piece: PaperPiece): void => {
    if (piece.kind === 'title' || piece.kind === 'beside') piece.pieces.forEach(visit);
    else if (piece.kind === 'text' && piece.place) found.set(piece.place.id, piece.place.computed ?? plainWords(piece.text));
    else if (piece.kind === 'steps')
      for (const step of piece.steps) if (step.place) found.set(step.place.id, step.place.computed ?? plainWords(step.text));
  };
  pieces.forEach(visit);
  return found;
}
