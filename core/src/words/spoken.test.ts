/** One set of words, spoken in more languages than one. */
import { afterEach, describe, expect, it } from 'vitest';
import { AMERICAN, BRITISH, KeptWords, plural, say, speak, spoken, type Said } from './index';

const words = spoken('test', {
  colour: 'The colour of the programme',
  kits: (n: number, name: Said) => say`${n} ${plural(n, { one: 'kit', other: 'kits' })} for ${name}, towards the centre`,
});

afterEach(() => speak(BRITISH));

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

  it('are kept apart for each language, where what was worked out holds some', () => {
    const kept = new KeptWords<object, string>();
    const of = {};
    kept.set(of, words.colour);
    speak(AMERICAN);
    expect(kept.get(of)).toBeUndefined();
    kept.set(of, words.colour);
    expect(kept.get(of)).toBe('The color of the program');
    speak(BRITISH);
    expect(kept.get(of)).toBe('The colour of the programme');
  });
});
