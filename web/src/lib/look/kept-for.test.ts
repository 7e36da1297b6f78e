import { expect, it } from 'vitest';
import { keptFor } from './kept-for';

it('makes an answer once for each owner and name, keeps none that failed, and no more than so many', () => {
  const [a, b] = [{}, {}];
  let made = 0;
  const ask = (owner: object, name: string) => keptFor(owner, name, () => (made += 1));
  expect([ask(a, 'x'), ask(a, 'x'), ask(b, 'x'), ask(a, 'y')]).toEqual([1, 1, 2, 3]);
  expect(() =>
    keptFor(a, 'z', () => {
      throw new Error('not yet');
    }),
  ).toThrow('not yet');
  expect(ask(a, 'z')).toBe(4);
  for (let i = 0; i < 100; i += 1) ask(a, `n${i}`);
  expect(ask(a, 'x')).toBe(105);
  expect(ask(a, 'n99')).toBe(104);
});
