import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mergedMarks, newestMarks, type Marks } from './sewing-marks';

const marks: fc.Arbitrary<Marks> = fc.dictionary(
  fc.constantFrom('at', 'done A', 'done B', 'size A 0 0', '__proto__'),
  fc.record({ value: fc.oneof(fc.nat(4), fc.constantFrom('12 1/2', '')), at: fc.nat(5) }),
);
const sorted = (m: Marks) => Object.entries(m).sort(([a], [b]) => (a < b ? -1 : 1));

describe('marks of several devices', () => {
  it('come to the same whichever arrives first, and however often', () => {
    fc.assert(
      fc.property(marks, marks, marks, (a, b, c) => {
        expect(sorted(mergedMarks(a, b))).toEqual(sorted(mergedMarks(b, a)));
        expect(sorted(mergedMarks(mergedMarks(a, b), c))).toEqual(sorted(mergedMarks(a, mergedMarks(b, c))));
        expect(sorted(mergedMarks(mergedMarks(a, b), b))).toEqual(sorted(mergedMarks(a, b)));
      }),
    );
  });

  it('keep the newest of each name, and lose none', () => {
    fc.assert(
      fc.property(marks, marks, (a, b) => {
        const both = mergedMarks(a, b);
        const names = [...new Set([...Object.keys(a), ...Object.keys(b)])];
        expect(Object.keys(both).sort()).toEqual(names.sort());
        for (const name of names) expect(both[name]!.at).toBe(Math.max(a[name]?.at ?? -1, b[name]?.at ?? -1));
      }),
    );
  });

  it('are bounded by letting the oldest go', () => {
    const many = Object.fromEntries(Array.from({ length: 10 }, (_, i) => [`done ${i}`, { value: 1, at: i }]));
    expect(Object.keys(newestMarks(many, 3)).sort()).toEqual(['done 7', 'done 8', 'done 9']);
    expect(newestMarks(many, 10)).toBe(many);
  });
});
