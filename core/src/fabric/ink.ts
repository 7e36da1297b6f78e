/** What is written on cloth with: indigo on light fabrics, white on dark ones. */
import { value } from './value';

export const inkOn = (colour: string): string => (value(colour) > 55 ? '#1c2a4a' : '#ffffff');
