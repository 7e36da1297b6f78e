/** Small numbers in words, as a sentence wants them. */
const WORDS = ['none', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

export const inWords = (n: number): string => WORDS[n] ?? String(n);
