/** British to American: every word of the list, capitals; and whole sheets, in which names and numbers stay. */
import fc from 'fast-check';
import { afterEach, describe, expect, it } from 'vitest';
import demo from '../../../demo/allotment-year.aggrega.json';
import { readProgramme } from '../programme';
import { monthPaper } from '../sheet';
import { AMERICAN, BRITISH, american, speak } from './index';

afterEach(() => speak(BRITISH));

describe('American English', () => {
  it('is spelt and called as there, capitals kept, and twice is as once', () => {
    expect(american('Grey wadding, mitred; 4 colourways, from the centre towards the selvedge.')).toBe(
      'Gray batting, mitered; 4 colorways, from the center toward the selvage.',
    );
    expect(american('Colour COLOUR colours')).toBe('Color COLOR colors');
    expect(american('This programme, programmed in a metre.')).toBe('This program, programmed in a meter.');
    fc.assert(fc.property(fc.string(), (text) => american(american(text)) === american(text)));
  });
});

/** The demonstration with these words typed in: a fabric's name, and the organiser's own words. */
function typed(): ReturnType<typeof readProgramme> {
  const file = structuredClone(demo) as typeof demo;
  file.fabrics[0]!.name = 'Slate grey towards the centre';
  return readProgramme(file);
}
const reading = typed();
if (!reading.ok) throw new Error('the demonstration cannot be read');
const { programme } = reading;

/** Every text of a paper, one below the other. */
const said = (value: unknown): string =>
  typeof value === 'string'
    ? value
    : value !== null && typeof value === 'object'
      ? Object.values(value).map(said).filter(Boolean).join('\n')
      : '';

const paperOf = (month: (typeof programme.months)[number], language = BRITISH) => {
  speak(language);
  return monthPaper(programme, month, programme.colourways[0]!);
};

describe('a sheet in American English', () => {
  it('differs from the British one in words and dates alone: every number, and what was typed, is the same', () => {
    let changed = 0;
    for (const month of programme.months) {
      const [here, there] = [paperOf(month), paperOf(month, AMERICAN)];
      const [a, b] = [said(here.pieces), said(there.pieces)];
      expect(b.match(/\d+/g)?.sort().join(' ') === a.match(/\d+/g)?.sort().join(' ')).toBe(true);
      const times = (text: string) => text.split('Slate grey towards the centre').length;
      expect(times(b)).toBe(times(a));
      expect(b.replaceAll('Slate grey towards the centre', '')).not.toMatch(/\b(colour|centre|towards|wadding|programme)/);
      if (a !== b) changed++;
      expect([here.lang, there.lang]).toEqual(['en-GB', 'en-US']);
    }
    expect(changed).toBeGreaterThan(6);
  });

  it('writes its date as there', () => {
    const month = programme.months.find((m) => m.release)!;
    const [title] = paperOf(month, AMERICAN).pieces;
    expect(JSON.stringify(title)).toMatch(/[A-Z][a-z]+ \d{1,2}, 20\d\d/);
  });
});
