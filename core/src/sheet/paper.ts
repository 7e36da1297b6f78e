/**
 * A printed paper as data: what it says, in order, and what has to stay together. Page, print, PDF and plain text are set from this and
 * from nothing else, so none of them can say another number.
 */
import type { Why } from './why';

export interface Paper {
  title: string;
  /** What it is, for the file's own description. */
  about: string;
  /** The English that it is in, where it is not British. */
  lang?: string;
  /** At the foot of every page. */
  footer: string;
  /** Larger letters for those who need them. */
  large: boolean;
  pieces: PaperPiece[];
}

/** A text, or runs of it of which some are set bold. */
export type Words = string | readonly (string | { bold: string })[];

export type Tone = 'plain' | 'lead' | 'quiet' | 'check' | 'caution' | 'own';

export type PaperPiece =
  /** The head of the paper, with what stands beside its pictures; `under`: a second line of the title. */
  | {
      kind: 'title';
      text: string;
      over: string;
      under?: string;
      pictures?: readonly PaperPicture[];
      pieces: readonly PaperPiece[];
    }
  | { kind: 'heading'; level: 2 | 3; text: string }
  /** `own`: the organiser's own words, kept apart from what is computed. */
  | { kind: 'text'; text: Words; tone?: Tone; place?: Place; checkpoint?: Checkpoint }
  /** A photo of the organiser's, by the name of its contents; left out where it is not at hand. */
  | ({ kind: 'photo' } & PaperPhoto)
  | { kind: 'list'; ordered: boolean; items: readonly Words[] }
  | { kind: 'table'; columns: PaperColumn[]; groups: PaperRow[][] }
  /** Pictures in a row, as many as fit, each with its words below. */
  | { kind: 'pictures'; pictures: readonly PaperPicture[] }
  /** Pictures, one under the other, and what belongs to them, on one page. */
  | ({ kind: 'beside' } & PictureWithPieces)
  /** Numbered steps, each under its picture, as many in a row as there is room for; `times`: how many blocks are sewn so. */
  | { kind: 'steps'; steps: readonly PaperStep[]; times?: number }
  | { kind: 'page' };

export interface PictureWithPieces {
  pictures: readonly PaperPicture[];
  pieces: readonly PaperPiece[];
}

/** A place that the organiser can say in her own words. */
export interface Place {
  /** 'cloche:U1:sew' */
  id: string;
  /** Her own words stand here. */
  mine?: boolean;
  /** While she writes: the computed words. */
  computed?: string;
  /** While she writes: hers, written for other computed words and so not on the sheet. */
  aside?: string;
  /** While she writes: she leaves it out. */
  hidden?: boolean;
}

export interface PaperPhoto {
  photo: string;
  /** Inches on paper. */
  wide: number;
  /** Its height, as a share of its width. */
  tall: number;
  label: string;
}

export interface PaperStep {
  /** Which crossing is spun: how that is done is told once on a paper. */
  spins?: string;
  place?: Place;
  picture?: PaperPicture;
  text: Words;
  /** What to measure or to see before going on. */
  check?: Words;
  checkpoint?: Checkpoint;
}

/** A size to measure: of what, and each side with the seams across it; one side for a square that is sewn alike both ways. */
export interface Checkpoint {
  what: string;
  /** `expected` as a length is written, in the programme's unit. */
  sides: readonly { expected: string; seams: number }[];
}

export interface PaperColumn {
  name: string;
  right?: boolean;
  /** Share of the width. */
  share: number;
}

export interface PaperRow {
  cells: PaperCell[];
  /** Which cut it is, as 'cold-frame:A1', for what lights up with it. */
  cut?: string;
  /** The row as a sentence, for somebody who hears it. */
  said?: string;
}

export interface PaperSwatch {
  colour: string;
  letter: string;
  /** What the letter is written with. */
  ink: string;
}

export interface PaperCell {
  text: Words;
  /** A piece of cloth before the text, with its letter where it has one; '' leaves room to glue one. */
  swatch?: PaperSwatch;
  /** Set as a number: large and bold. */
  numeral?: boolean;
  why?: Why;
  picture?: PaperPicture;
}

/** Shapes in any unit, shown so many inches wide on paper. */
export interface PaperPicture {
  width: number;
  height: number;
  /** Inches on paper; never wider than there is room. */
  wide: number;
  /** What it shows, in words. */
  label: string;
  /** Printed under it. */
  caption?: Words;
  /** Drawn at full size: never made smaller, and cut into pages where it is larger than one. */
  full?: boolean;
  shapes: PaperShape[];
  lines: PaperLine[];
  texts: PaperText[];
}

export interface PaperShape {
  points: readonly (readonly [x: number, y: number])[];
  /** '#rrggbb'; 'none' for an outline. */
  fill: string;
  /** Drawn in madder, where something is wrong. */
  wrong?: boolean;
  /** Without an outline. */
  bare?: boolean;
  /** What lies under it shows through: a ruler. */
  glass?: boolean;
  /** Cut of the patch, for what lights up with it. */
  cut?: string;
}

export interface PaperLine {
  from: readonly [x: number, y: number];
  to: readonly [x: number, y: number];
  kind: 'thin' | 'strong' | 'dashed' | 'arrow' | 'drawn' | 'sewn' | 'cut' | 'crease';
}

export interface PaperText {
  at: readonly [x: number, y: number];
  text: string;
  /** Height of the letters, in the picture's unit. */
  size: number;
  /** With a white edge, on cloth. */
  edged?: boolean;
}

/** The text of words, bold or not. */
export const plainWords = (words: Words): string =>
  typeof words === 'string' ? words : words.map((w) => (typeof w === 'string' ? w : w.bold)).join('');
