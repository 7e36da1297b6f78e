import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Exact, LengthError, formatLength, lengthParts, lengthWritten, parseLength, ratio, rulerWords, toRuler } from './index';

const fraction = fc.tuple(fc.integer({ min: -500, max: 500 }), fc.integer({ min: 1, max: 64 })).map(([n, d]) => ratio(n, d));
const exact = fc.tuple(fraction, fraction).map(([a, b]) => Exact.of(a, b));
const step = fc.constantFrom(ratio(1, 8), ratio(1, 16), ratio(1, 4), ratio(1, 10), ratio(1, 3));

it('a length that was written here is read again, however long; one that somebody types is not', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 9_000_000 }), fc.constantFrom('in' as const, 'cm' as const), (n, unit) => {
      const long = ratio(100_001).add(ratio(n, 16));
      const written = formatLength(long, unit);
      expect(formatLength(lengthWritten(written, unit), unit)).toBe(written);
      expect(() => parseLength(written, unit)).toThrow(LengthError);
    }),
  );
});

describe('exact numbers', () => {
  it('are a field: sums, products and quotients undo each other', () => {
    fc.assert(
      fc.property(exact, exact, exact, (x, y, z) => {
        expect(x.plus(y).minus(y).equals(x)).toBe(true);
        expect(x.times(y.plus(z)).equals(x.times(y).plus(x.times(z)))).toBe(true);
        if (y.sign() !== 0) expect(x.times(y).over(y).equals(x)).toBe(true);
      }),
    );
  });

  it('compare where floats cannot: neighbours of √2 among the continued fractions', () => {
    let [p, q] = [1n, 1n];
    for (let i = 0; i < 60; i += 1) {
      // Convergents p/q of √2 lie alternately below and above it, soon closer than any float tells apart.
      const below = i % 2 === 0;
      expect(Exact.root2.compare(ratio(p, q))).toBe(below ? 1 : -1);
      [p, q] = [p + 2n * q, p + q];
    }
  });

  it('round up to the step: never below, never a whole step too much', () => {
    fc.assert(
      fc.property(exact, step, (x, s) => {
        const up = x.ceilTo(s);
        expect(up.div(s).d).toBe(1n);
        expect(x.compare(up)).toBeLessThanOrEqual(0);
        expect(x.compare(up.sub(s))).toBe(1);
      }),
    );
  });

  it('refuse what has no answer', () => {
    expect(() => Exact.of(1).over(0)).toThrow(RangeError);
    expect(() => Exact.of(1).ceilTo(ratio(0))).toThrow(RangeError);
    expect(() => Exact.root2.rational).toThrow(RangeError);
  });

  it('write themselves as people would', () => {
    expect([Exact.of(0, 12), Exact.of('5/2', '1/2'), Exact.of(3, -1), Exact.of(0, -1), Exact.of('23/8')].map(String)).toEqual([
      '12√2',
      '2 1/2 + 1/2√2',
      '3 - √2',
      '-√2',
      '2 7/8',
    ]);
  });
});

describe('lengths', () => {
  it.each([
    ['2 7/8', '2 7/8'],
    ['2-7/8', '2 7/8'],
    ['2⅞', '2 7/8'],
    ['2 ⅞"', '2 7/8'],
    ['2.875', '2 7/8'],
    ['2,875', '2 7/8'],
    ['.5', '1/2'],
    ['14/16 in', '7/8'],
    ['12 inches', '12'],
    ['2 7⁄8', '2 7/8'],
    ['2–7/8', '2 7/8'],
    ['2.54cm', '1'],
    ['127 mm', '5'],
    ['15 yd', '540'],
    ['3 1/2 yards', '126'],
    ['2½ yd.', '90'],
    ['2 ft', '24'],
    ["1 1/2'", '18'],
    ['0.254 m', '10'],
    ['1.27 metres', '50'],
  ])('reads %s as %s', (written, expected) => {
    expect(formatLength(parseLength(written, 'in'), 'in')).toBe(expected);
  });

  it('reads and writes centimetres as decimals, and converts inches exactly', () => {
    expect(formatLength(parseLength('16,5', 'cm'), 'cm')).toBe('16.5');
    expect(formatLength(parseLength('1/4 in', 'cm'), 'cm')).toBe('0.635');
    expect(formatLength(ratio(1, 3), 'cm')).toBe('0.334');
  });

  it.each(['', 'two', '-3', '2 7/0', '1/2/3', '2 7/8 8', '1e9', '99999999', 'NaN', '3 - - 1/2', '1'.repeat(60)])(
    'refuses %j with a sentence',
    (written) => {
      expect(() => parseLength(written, 'in')).toThrow(LengthError);
    },
  );

  it('survives its own writing', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 20000 }), fc.constantFrom(1, 2, 4, 5, 8, 16), (n, d) => {
        const value = ratio(n, d);
        expect(parseLength(formatLength(value, 'in'), 'in').equals(value)).toBe(true);
        expect(parseLength(formatLength(value, 'cm'), 'cm').equals(value.mul(1000).ceil().div(1000))).toBe(true);
      }),
    );
  });

  it('splits into whole and fraction for typesetting', () => {
    expect(lengthParts('2 7/8')).toEqual({ whole: '2', fraction: ['7', '8'] });
    expect(lengthParts('7/8')).toEqual({ whole: '', fraction: ['7', '8'] });
    expect(lengthParts('16.5')).toEqual({ whole: '16.5' });
  });
});

describe('ruler words', () => {
  it.each([
    ['2 7/8', 'one eighth short of 3'],
    ['3 1/8', 'one eighth past 3'],
    ['3 3/8', 'one eighth short of 3 1/2'],
    ['7 3/4', 'a quarter short of 8'],
    ['5 1/4', 'a quarter past 5'],
    ['6 1/2', 'halfway between 6 and 7'],
    ['5', 'on the 5'],
    ['2 5/16', 'one sixteenth past 2 1/4'],
    ['2 15/16', 'one sixteenth short of 3'],
    ['2 2/5', 'between 2 3/8 and 2 1/2'],
  ])('%s is %s', (written, words) => {
    expect(rulerWords(parseLength(written, 'in'), 'in')).toBe(words);
  });

  it('speaks millimetres in a metric house', () => {
    expect(rulerWords(ratio(162, 10), 'cm')).toBe('2 mm past 16');
    expect(rulerWords(ratio(65, 10), 'cm')).toBe('halfway between 6 and 7');
    expect(rulerWords(ratio(1595, 100), 'cm')).toBe('0.5 mm short of 16');
  });

  it('names the mark that lies exactly there, for every sixteenth', () => {
    const value: Record<string, number> = { eighth: 1 / 8, sixteenth: 1 / 16 };
    for (let n = 16; n < 80; n += 1) {
      const words = rulerWords(ratio(n, 16), 'in');
      const read = /^(one|a) (\w+) (short of|past) (.+)$/.exec(words);
      if (!read) continue;
      const away = read[2] === 'quarter' ? 1 / 4 : value[read[2]!]!;
      const mark = parseLength(read[4]!, 'in').valueOf();
      expect(read[3] === 'past' ? mark + away : mark - away).toBe(n / 16);
    }
  });

  it('rounds once, upward', () => {
    expect(toRuler(Exact.of('3/1').plus(Exact.of('1/2', '1/4')), ratio(1, 8)).toFraction(true)).toBe('3 7/8');
  });
});
