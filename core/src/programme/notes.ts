/** The organiser's own notes on a sheet. */
import type { Note } from './document';

/** A part's notes one by one; a text has one a line. */
export const notesOf = (said: string | readonly Note[] | undefined): readonly Note[] =>
  typeof said === 'string'
    ? said
        .split('\n')
        .filter((line) => line.trim())
        .map((text) => ({ text }))
    : (said ?? []);
