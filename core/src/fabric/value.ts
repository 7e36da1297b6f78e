/** How light a fabric is: CIE L* of its colour (handbook 5). 0 is black, 100 is white. */
import { converter } from 'culori';

const toLab = converter('lab');

/** L* of a colour written as '#2f4858'; 50 for what is no colour. */
export function value(colour: string): number {
  return toLab(colour)?.l ?? 50;
}
