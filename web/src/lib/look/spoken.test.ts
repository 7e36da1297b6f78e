/** One set of words, spoken in more languages than one. */
import { afterEach, describe, expect, it } from 'vitest';
import { BRITISH, keepTyped, plural, say, speak, spoken, spokenText, type Said } from './spoken';

const words = spoken('test', {
  colour: 'The colour of the programme',
  kits: (n: number, name: Said) => say`${n} ${plural(n, { one: 'kit', other: 'kits' })} for ${name}, towards the centre`,
});
const AMERICAN = { tag: 'en-US', words: {} };

afterEach(() => {
  speak(BRITISH);
  keepTyped({});
});

describe('words', () => {
  it('are said as they are written, with the plural that the number asks for', () => {
    expect(words.colour).toBe('The colour of the programme');
    expect(words.kits(1, 'Ada')).toBe('1 kit for Ada, towards the centre');
    expect(words.kits(0, undefined)).toBe('0 kits for , towards the centre');
  });

  it('are American for who reads that, but for the names that are put into them', () => {
    speak(AMERICAN);
    expect(words.colour).toBe('The color of the program');
    expect(words.kits(2, 'Grey Centre')).toBe('2 kits for Grey Centre, toward the center');
    expect(Object.values(words)[0]).toBe('The color of the program');
  });

  it('are another language’s, by its own plurals, and English where that has none', () => {
    const kits = '{2}: {1} {1: one=krok|few=kroki|many=kroków|other=kroku}';
    speak({ tag: 'pl', words: { test: { kits } } });
    expect([1, 3, 7].map((n) => words.kits(n, 'Ada'))).toEqual(['Ada: 1 krok', 'Ada: 3 kroki', 'Ada: 7 kroków']);
    expect(words.colour).toBe('The colour of the programme');
  });

  it('that were worked out are edited too, and what was typed is kept', () => {
    speak(AMERICAN);
    keepTyped({ fabrics: [{ name: 'Slate grey' }] });
    expect(spokenText('Press towards Slate grey, the grey one')).toBe('Press toward Slate grey, the gray one');
    speak(BRITISH);
    expect(spokenText('towards')).toBe('towards');
  });
});
