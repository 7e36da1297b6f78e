/** What is written on cloth with: indigo on light fabrics, white on dark ones. */
import { value } from './value';
import { INK, WHITE } from '../ink';

export const inkOn = (colour: string): string => (value(colour) > 55 ? INK : WHITE);
