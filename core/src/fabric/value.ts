/** How light a fabric is: CIE L* of its colour (docs/craft.md, Value). 0 is black, 100 is white. */
import { toLab } from '../ink/colour-spaces';
import { words } from './words';

/** L* of a colour written as '#2f4858'; 50 for what is no colour. */
export function value(colour: string): number {
  return toLab(colour)?.l ?? 50;
}

/** Lights, mediums and darks as people sort them at arm's length: thirds of the scale. */
export const valueBands = { light: 66.7, medium: 33.3, dark: 0 } as const;
export type ValueBand = keyof typeof valueBands;

/** The third of the scale that an L* lies in. */
export function bandOf(lightness: number): ValueBand {
  return lightness >= valueBands.light ? 'light' : lightness >= valueBands.medium ? 'medium' : 'dark';
}

/** What a third of the scale is called: 'light'. */
export const bandName = (band: ValueBand): string => words[band];
