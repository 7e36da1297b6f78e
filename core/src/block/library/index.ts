/** The starter library: drawings to begin with, each with its name and what it is good for. */
import { garden } from './garden';
import { traditional } from './traditional';
import type { LibraryBlock } from './drawing-aids';

export type { LibraryBlock } from './drawing-aids';

/** All blocks of the library by name. */
export const library: readonly LibraryBlock[] = [...traditional, ...garden].sort((a, b) => (a.name < b.name ? -1 : 1));
