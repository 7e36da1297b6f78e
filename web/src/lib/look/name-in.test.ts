import { describe, expect, it } from 'vitest';
import { nameIn } from './name-in';

describe('a name in a piece', () => {
  it.each([
    ['A1', 1, 'A1'],
    ['cornerstone', 11, 'cornerstone'],
    ['cornerstone', 10, ''],
    ['border 4 1/2 × 60', 9, 'border'],
    ['border 4 1/2 × 60', 40, 'border 4 1/2 × 60'],
  ])('%s in %d letters is %j', (name, letters, expected) => {
    expect(nameIn(name, letters)).toBe(expected);
  });
});
