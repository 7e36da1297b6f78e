/** A piece of cloth on paper, with its letter. */
import { inkOn } from '../fabric';
import { INK } from '../ink';
import type { PaperSwatch } from './paper';
import type { SheetWishes } from './wishes';

/** Without its colour where the sheet leaves room to glue one. */
export const swatchOf = (colour: string, letter: string, { coloured }: Pick<SheetWishes, 'coloured'> = {}): PaperSwatch =>
  coloured === false ? { colour: '', letter, ink: INK } : { colour, letter, ink: inkOn(colour) };
