import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BOUNDS, unreadable } from './json-bounds';

describe('JSON from outside', () => {
  it('is read whatever it holds, as long as it is neither too deep nor too much', () => {
    fc.assert(
      fc.property(fc.json(), (text) => {
        // The generator likes such keys.
        expect(unreadable(text) === undefined).toBe(!hasStrangeKey(JSON.parse(text)));
      }),
    );
  });

  it('is not read when it is nested too deep, brackets in strings not counted', () => {
    const deep = (n: number) => '['.repeat(n) + ']'.repeat(n);
    expect(unreadable(deep(BOUNDS.depth))).toBeUndefined();
    expect(unreadable(deep(BOUNDS.depth + 1))).toContain('nested');
    expect(unreadable(JSON.stringify(['['.repeat(5000), '\\"[['.repeat(500)]))).toBeUndefined();
  });

  it('is not read when it holds too many values, however small: the count is that of what reading makes', () => {
    fc.assert(
      fc.property(fc.json(), (text) => {
        const values = countOf(JSON.parse(text));
        // A comma or an opening bracket for each, and at most one over for what is empty.
        if (unreadable(text) === undefined) expect(unreadable(text, { depth: 100, values: 2 * values + 1 })).toBeUndefined();
      }),
    );
    expect(unreadable(`[${'[],'.repeat(BOUNDS.values)}[]]`)).toContain(String(BOUNDS.values));
    expect(unreadable(`{"x":"${','.repeat(2 * BOUNDS.values)}"}`)).toBeUndefined();
  });

  it('is not read with a key of which programs make something else, however it is spelled; as a value it is a word like any other', () => {
    for (const key of [
      '__proto__',
      '\\u005f_proto__',
      '__pr\\u006Fto__',
      [...'__proto__'].map((c) => `\\u00${c.charCodeAt(0).toString(16)}`).join(''),
    ])
      for (const gap of ['', ' ', '\n\t']) {
        expect(JSON.parse(`{"${key}":1}`)).toHaveProperty(['__proto__'], 1);
        expect(unreadable(`{"a":[{"b":1,"${key}"${gap}:{"c":2}}]}`)).toContain('__proto__');
      }
    expect(unreadable('{"a":"__proto__","b":["__proto__"],"proto":1,"__proto":2}')).toBeUndefined();
  });

  it('says nothing of what is no JSON: reading it does', () => {
    for (const text of ['', '"', '{"a":', '"\\', ']]]', '{"__proto__']) expect(unreadable(text)).toBeUndefined();
  });
});

function countOf(value: unknown): number {
  if (typeof value !== 'object' || value === null) return 1;
  return 1 + Object.values(value).reduce((n: number, one) => n + countOf(one), 0);
}

const hasStrangeKey = (value: unknown): boolean =>
  typeof value === 'object' &&
  value !== null &&
  (Object.keys(value).includes('__proto__') || Object.values(value).some(hasStrangeKey));
