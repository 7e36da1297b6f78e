/** What the organiser says herself on a sheet: notes beside it, and words in the place of computed ones. */

/** One of the organiser's own notes on a sheet. */
export interface Note {
  text: string;
  /** Kept, and not on the sheet. */
  hidden?: boolean;
  picture?: NotePicture;
}

/** A photo that the installation keeps, with its sides in pixels. */
export interface NotePicture {
  photo: string;
  width: number;
  height: number;
}

/** What the organiser says in the place of something computed. */
export interface OwnWords {
  /** '' where nothing is said there. */
  text: string;
  /** The computed words that hers were written for, in each colourway that says it otherwise. */
  instead: readonly string[];
}

/** Parts of a sheet after which the organiser's own words can stand. */
export const sheetParts = ['start', 'need', 'cut', 'units', 'layout', 'join', 'check', 'end'] as const;
export type SheetPart = (typeof sheetParts)[number];

/** A part's notes one by one; a text has one a line. */
export const notesOf = (said: string | readonly Note[] | undefined): readonly Note[] =>
  typeof said === 'string'
    ? said
        .split('\n')
        .filter((line) => line.trim())
        .map((text) => ({ text }))
    : (said ?? []);
