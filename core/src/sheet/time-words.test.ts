import { describe, expect, it } from 'vitest';
import { hoursWords } from './time-words';

describe('how long it takes', () => {
  it.each([
    [1, 'a quarter of an hour'],
    [15, 'a quarter of an hour'],
    [16, 'half an hour'],
    [45, 'three quarters of an hour'],
    [46, 'an hour'],
    [61, 'an hour and a half'],
    [91, 'two hours'],
    [121, 'two and a half hours'],
    [600, 'ten hours'],
  ])('%i minutes are said as %s', (minutes, said) => expect(hoursWords(minutes)).toBe(said));
});
