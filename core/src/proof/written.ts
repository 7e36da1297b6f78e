/** A line of a cutting list as tokens: numbers with their units, 'x', words and marks. Fractions as people write them. */
import { ratio, type LengthUnit, type Rational } from '../measure';

export type Token =
  | { is: 'number'; value: Rational; whole: boolean; unit?: LengthUnit; at: number }
  | { is: 'x'; at: number }
  | { is: 'word'; text: string; at: number }
  | { is: 'mark'; text: string; at: number };

const VULGAR: Record<string, string> = {
  ...{ '½': '1/2', '¼': '1/4', '¾': '3/4', '⅛': '1/8', '⅜': '3/8', '⅝': '5/8', '⅞': '7/8', '⅓': '1/3', '⅔': '2/3' },
  ...{ '⅕': '1/5', '⅖': '2/5', '⅗': '3/5', '⅘': '4/5', '⅙': '1/6', '⅚': '5/6' },
};

/** One way of writing what is written in many: fractions, inch marks, signs of multiplication, dashes and spaces. */
export function plainly(text: string): string {
  return text
    .replace(/[⁄∕]/g, '/')
    .replace(/[½¼¾⅛⅜⅝⅞⅓⅔⅕⅖⅗⅘⅙⅚]/g, (mark) => ` ${VULGAR[mark]}`)
    .replace(/[″”“‟]|''|’’|′′/g, '"')
    .replace(/[’‘]/g, "'")
    .replace(/[×✕✖]/g, 'x')
    .replace(/[‐‑‒–—−]/g, '-')
    .replace(/[→⇒➜]/g, '=')
    .replace(/[\u00a0\u2007\u2009\u202f]/g, ' ')
    .replace(/\u00ad/g, '')
    .replace(/\b(ins?|cm|mm|pcs?|sqs?|rects?|approx|ea|qty|nos?|fab)\.(?=[ ,;:)]|x ?\d|$)/gim, '$1')
    .replace(/(\d) *(?:&|\band\b) *(\d{1,2}\/\d)/g, '$1 $2')
    .replace(/(\d) +- *(\d{1,2}\/\d)/g, '$1-$2');
}

const NUMBER =
  /(\d{1,4})(?: +| *[-&+] *)(\d{1,2})\/(\d{1,2})(?![\d/])|(\d{1,2})\/(\d{1,2})(?![\d/])|(\d{0,5})[.](\d{1,4})(?![\d])|(\d{1,5})/y;
const DECIMAL_COMMA = /(\d{1,3}),(\d{1,3})(?![\d])/y;
const UNIT = /(?: |-)?(?:(inch(?:es)?|ins?|")|(cm|centimet(?:re|er)s?)|(mm|millimet(?:re|er)s?))(?=$|[^a-z]|x[ \d])/iy;
const WORD = /[\p{L}][\p{L}\p{N}'/-]*\.?/uy;

/** What a decimal of an inch may be beside a mark of the ruler and still be that mark, rounded: 2.63 for 2 5/8. */
const ROUNDED = 0.0051;

/** The tokens of a line that is written plainly; `comma`: a comma between digits is a decimal one. Undefined for a number that is none, like 1/0. */
export function tokens(line: string, comma = false): Token[] | undefined {
  const found: Token[] = [];
  let at = 0;
  const matched = (pattern: RegExp) => {
    pattern.lastIndex = at;
    return pattern.exec(line);
  };
  while (at < line.length) {
    if (line[at] === ' ' || line[at] === '\t') {
      at += 1;
      continue;
    }
    const decimal = comma ? matched(DECIMAL_COMMA) : null;
    const number = decimal ?? matched(NUMBER);
    if (number) {
      const start = at;
      const value = decimal ? ratio(`${decimal[1]}.${decimal[2]}`) : valueOf(number);
      if (!value) return undefined;
      at += number[0].length;
      const unit = matched(UNIT);
      if (unit) at += unit[0].length;
      const whole = !decimal && number[8] !== undefined;
      const inWhich = unit?.[1] ? 'in' : unit ? 'cm' : undefined;
      const measured = unit?.[3] ? value.div(10) : inWhich === 'cm' || whole ? value : onMark(value, number);
      found.push({ is: 'number', value: measured, whole: whole && !unit, ...(inWhich && { unit: inWhich }), at: start });
      continue;
    }
    const x = /[xX*](?![\p{L}])/uy;
    if (matched(x)) {
      found.push({ is: 'x', at });
      at += 1;
      continue;
    }
    const word = matched(WORD);
    if (word) {
      found.push({ is: 'word', text: word[0].replace(/\.$/, ''), at });
      // A full stop that ends a sentence stays one; that of 'pcs.' says nothing.
      if (/\p{L}{4,}\.$/u.test(word[0])) found.push({ is: 'mark', text: '.', at: at + word[0].length - 1 });
      at += word[0].length;
      continue;
    }
    found.push({ is: 'mark', text: line[at]!, at });
    at += 1;
  }
  return found;
}

function valueOf([, whole, over, under, over2, under2, before, after, plain]: RegExpExecArray): Rational | undefined {
  if (plain !== undefined) return ratio(plain);
  if (after !== undefined) return ratio(`${before || '0'}.${after}`);
  const [n, d] = [Number(over ?? over2), Number(under ?? under2)];
  // 5/4 and 3/0 are slips of the keyboard, or no measure at all.
  return d === 0 || n >= d ? undefined : ratio(n, d).add(ratio(Number(whole ?? 0)));
}

/** A decimal that is a sixteenth, rounded to two places or more, is that sixteenth. */
function onMark(value: Rational, [, , , , , , , after]: RegExpExecArray): Rational {
  if (after === undefined || after.length < 2) return value;
  const mark = value.mul(16).round().div(16);
  return Math.abs(mark.sub(value).valueOf()) <= ROUNDED ? mark : value;
}

const COUNTED = [
  ...['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'],
  ...['thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen', 'twenty'],
];

/** 'eight', 'twenty-four' as a number; undefined for another word. */
export function counted(word: string): number | undefined {
  const plain = word.toLowerCase();
  const at = COUNTED.indexOf(plain);
  if (at >= 0) return at + 1;
  const [tens, ones, ...more] = plain.split('-');
  const ten = ['twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'].indexOf(tens ?? '');
  if (ten < 0 || more.length > 0) return plain === 'dozen' ? 12 : undefined;
  const one = ones === undefined ? 0 : COUNTED.indexOf(ones) + 1;
  return ones !== undefined && (one < 1 || one > 9) ? undefined : (ten + 2) * 10 + one;
}
