/** British to American: every word of the list, capitals, names left alone. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import demo from '../../../demo/allotment-year.aggrega.json';
import { readProgramme } from '../programme';
import { monthPaper } from '../sheet';
import { american, americanText, inAmerican, typedIn } from './index';

describe('American English', () => {
  it('is spelt and called as there, capitals kept, and twice is as once', () => {
    expect(american('Grey wadding, mitred; 4 colourways, from the centre towards the selvedge.')).toBe(
      'Gray batting, mitered; 4 colorways, from the center toward the selvage.',
    );
    expect(american('Colour COLOUR colours')).toBe('Color COLOR colors');
    expect(american('This programme, programmed in a metre.')).toBe('This program, programmed in a meter.');
    fc.assert(fc.property(fc.string(), (text) => american(american(text)) === american(text)));
  });

  it('never touches what was typed', () => {
    expect(americanText('Press towards Grey Centre, the grey fabric', ['Grey Centre'])).toBe(
      'Press toward Grey Centre, the gray fabric',
    );
    const document = {
      fabrics: [{ id: 'x', name: 'Slate grey' }],
      months: [{ name: 'May', notes: ['Colour it\nas you like'] }],
    };
    expect(typedIn(document)).toEqual(['Colour it\nas you like', 'Slate grey', 'Colour it']);
    const paper = { kind: 'text', text: ['Slate grey is a colour', { bold: 'Colour it' }], cut: 'grey-1' };
    expect(inAmerican(paper, document)).toEqual({
      kind: 'text',
      text: ['Slate grey is a color', { bold: 'Colour it' }],
      cut: 'grey-1',
    });
  });
});

const reading = readProgramme(demo);
if (!reading.ok) throw new Error('the demonstration cannot be read');
const { programme } = reading;

/** Every text of a paper, one below the other. */
const said = (value: unknown): string =>
  typeof value === 'string'
    ? value
    : value !== null && typeof value === 'object'
      ? Object.values(value).map(said).filter(Boolean).join('\n')
      : '';

describe('a sheet in American English', () => {
  it('differs from the British one in words and dates alone: every number is the same', () => {
    let changed = 0;
    for (const month of programme.months) {
      const here = monthPaper(programme, month, programme.colourways[0]!);
      const there = monthPaper(programme, month, programme.colourways[0]!, { english: 'american' });
      const [a, b] = [said(here.pieces), said(there.pieces)];
      const own = typedIn(programme);
      expect(b.match(/\d+/g)?.sort().join(' ') === a.match(/\d+/g)?.sort().join(' ')).toBe(true);
      expect(own.reduce((text, typed) => text.replaceAll(typed, ''), b)).not.toMatch(
        /\b(colour|centre|towards|wadding|programme)/,
      );
      if (a !== b) changed++;
      expect(there.lang).toBe('en-US');
    }
    expect(changed).toBeGreaterThan(6);
  });

  it('writes its date as there', () => {
    const month = programme.months.find((m) => m.release)!;
    const [title] = monthPaper(programme, month, programme.colourways[0]!, { english: 'american' }).pieces;
    expect(JSON.stringify(title)).toMatch(/[A-Z][a-z]+ \d{1,2}, 20\d\d/);
  });
});
