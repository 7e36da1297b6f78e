import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readPhoto, value } from './index';

const SIDE = 64;
type Rgb = readonly [number, number, number];
const picture = (at: (x: number, y: number) => Rgb) =>
  Uint8Array.from({ length: SIDE * SIDE * 3 }, (_, i) => at(Math.floor(i / 3) % SIDE, Math.floor(i / 3 / SIDE))[i % 3]!);
const rgb = fc.tuple(fc.integer({ min: 0, max: 255 }), fc.integer({ min: 0, max: 255 }), fc.integer({ min: 0, max: 255 }));
const hex = (c: Rgb) => `#${c.map((n) => n.toString(16).padStart(2, '0')).join('')}`;

describe('a photo of a fabric', () => {
  it('of one colour is that colour, and not loud at all', () => {
    fc.assert(
      fc.property(rgb, (c) => {
        const read = readPhoto(
          picture(() => c),
          SIDE,
        );
        expect(read.average).toBe(hex(c));
        expect(read.value).toBeCloseTo(value(hex(c)), 6);
        expect(read.volume).toBeCloseTo(0, 6);
        expect(read.colours).toEqual([{ colour: hex(c), share: 1 }]);
      }),
      { numRuns: 30 },
    );
  });

  it('names the main colours with their shares, which are all of it', () => {
    const [red, cream] = [
      [180, 40, 40],
      [240, 230, 210],
    ] as const;
    const read = readPhoto(
      picture((x) => (x < SIDE / 4 ? red : cream)),
      SIDE,
    );
    expect(read.colours).toEqual([
      { colour: hex(cream), share: 0.75 },
      { colour: hex(red), share: 0.25 },
    ]);
  });

  it('is quiet where a fine check runs together at arm’s length, and loud where it is large', () => {
    const check = (size: number) =>
      readPhoto(
        picture((x, y) => ((Math.floor(x / size) + Math.floor(y / size)) % 2 ? [20, 20, 20] : [235, 235, 235])),
        SIDE,
      );
    expect(check(1).volume).toBeLessThan(1);
    expect(check(16).volume).toBeGreaterThan(30);
    expect(check(1).value).toBeCloseTo(check(16).value, 6);
  });

  it('is read only as a whole square', () => {
    expect(() => readPhoto(new Uint8Array(10), SIDE)).toThrow(RangeError);
  });
});
