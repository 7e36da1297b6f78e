/** Small numbers in words, as a sentence wants them. */
import { words as w } from './words/in-words';

const all = () => [w.none, w.one, w.two, w.three, w.four, w.five, w.six, w.seven, w.eight, w.nine, w.ten, w.eleven, w.twelve];

export const inWords = (n: number): string => all()[n] ?? String(n);
