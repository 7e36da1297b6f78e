/** A made-up language, every message in brackets: what stands outside them on a paper was not written in the words of a room. */
import { afterEach, expect, it } from 'vitest';
import demo from '../../../demo/allotment-year.aggrega.json';
import basket from '../../../demo/winter-scrap-basket.aggrega.json';
import { rulerWords, ratio } from '../measure';
import { hasSheet, readProgramme, type Programme } from '../programme';
import { diagnose, releaseLetter } from '../running';
import { demonstrationPaper, firstPacketPaper, homeworkWords, monthDoubts, monthPaper, templatesPaper } from '../sheet';
import { BRITISH, speak } from './index';
import { allWords } from '../../../web/scripts/write-words.mjs';

afterEach(() => speak(BRITISH));

const [open, shut] = ['⟦', '⟧'];
const words = allWords();
const bracketed = (messages: Record<string, string>) =>
  Object.fromEntries(Object.entries(messages).map(([name, text]) => [name, `${open}${text}${shut}`]));
/** Patterns are no texts: they find words of the craft in them. */
const MADE_UP = {
  tag: 'pl-QQ',
  words: Object.fromEntries(
    Object.entries(words).map(([subject, messages]) => [
      subject,
      subject === 'sheet/glossary-found' ? messages : bracketed(messages),
    ]),
  ),
};

/** Every string of a value that is read, with where it stands. */
function* texts(value: unknown, at = ''): Generator<[at: string, text: string]> {
  if (typeof value === 'string') yield [at, value];
  else if (value instanceof Map) for (const [key, one] of value) yield* texts(one, `${at}/${key}`);
  else if (value !== null && typeof value === 'object')
    for (const [key, one] of Object.entries(value)) if (!DATA.has(key)) yield* texts(one, `${at}/${key}`);
}
/** What is data: kinds, names of places, colours, drawings, and letters of a formula. */
const DATA = new Set(
  [
    'kind',
    'tone',
    'id',
    'cut',
    'colour',
    'ink',
    'fill',
    'photo',
    'letter',
    'place',
    'lang',
    'patches',
    'spins',
    'rank',
    'role',
  ].concat(['symbol', 'formula', 'key', 'stop', 'path', 'month', 'colourway', 'block']),
);

/** What is left of a text without its messages, what was typed, dates, numbers, labels and units of measure. */
function left(text: string, typed: readonly string[]): string {
  let rest = text;
  for (let was = ''; was !== rest;) {
    was = rest;
    rest = rest.replace(new RegExp(`${open}[^${open}${shut}]*${shut}`, 'g'), '');
  }
  for (const own of typed) rest = rest.replaceAll(own, '');
  return rest
    .replace(/\d{1,2} \p{L}+ \d{4}/gu, '')
    .replace(/\b(in|cm|mm|yd|m|WOF)\b/g, '')
    .replace(/\b[A-Z][a-z]?\d*\b/g, '');
}

const typedIn = (document: object) =>
  [...texts(document)]
    .flatMap(([, text]) => [text, ...text.split('\n')])
    .filter((text) => text.length > 2)
    .sort((a, b) => b.length - a.length);

/** Everything that is written about a programme. */
function* written(programme: Programme): Generator<[what: string, value: unknown]> {
  for (const colourway of programme.colourways.slice(0, 1)) {
    yield ['first packet', firstPacketPaper(programme, colourway)];
    for (const month of programme.months.filter((m) => hasSheet(programme, m))) {
      for (const level of ['new', 'usual', 'versed'] as const)
        yield [`${month.id} ${level}`, monthPaper(programme, month, colourway, { level, rulers: level === 'new' })];
      yield [`${month.id} templates`, templatesPaper(programme, month, colourway)];
      if (month.blocks.length > 0) yield [`${month.id} demonstration`, demonstrationPaper(programme, month, colourway)];
      yield [`${month.id} doubts`, monthDoubts(programme, month, colourway)];
      yield [`${month.id} homework`, homeworkWords(programme, month, colourway)];
    }
  }
}

it.each([
  ['the year', demo],
  ['the basket', basket],
])('%s is said in the reader’s language, all of it', (_, document) => {
  const reading = readProgramme(document);
  if (!reading.ok) throw new Error('the demonstration cannot be read');
  const typed = typedIn(document);
  speak(MADE_UP);
  const outside = new Set<string>();
  let read = 0;
  for (const [what, value] of written(reading.programme))
    for (const [at, text] of texts(value)) {
      read += 1;
      const rest = left(text, typed);
      if (/\p{L}{2,}/u.test(rest)) outside.add(`${what}${at}: ${rest.trim()} (${text.slice(0, 80)})`);
    }
  expect(read).toBeGreaterThan(500);
  expect([...outside].slice(0, 40)).toEqual([]);
});

it('says rulers, letters and what a measurement means in that language too', () => {
  speak(MADE_UP);
  const letter = releaseLetter(
    { name: 'Ada' },
    {
      ...{ programme: 'P', from: 'Q', contact: 'C', month: 'M', blocks: 'B', several: false, parts: '', made: 'F' },
      ...{ homework: '', next: '', comes: 'collect' },
    },
  );
  const said = [
    rulerWords(ratio(23, 8), 'in'),
    rulerWords(ratio(163, 10), 'cm'),
    diagnose([{ what: 'U1', seams: 2, expected: 3.5, measured: 3.25 }], { seam: 0.25, unit: 'in' }),
    letter,
  ];
  for (const [, text] of texts(said)) expect(left(text, ['Ada', 'own page'])).not.toMatch(/\p{L}{2,}/u);
});
