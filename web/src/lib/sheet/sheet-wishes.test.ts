import { hasSheet, readProgramme, type ProgrammeFile } from '@aggrega/core/programme';
import { monthPaper } from '@aggrega/core/sheet';
import { describe, expect, it } from 'vitest';
import demo from '../../../../demo/allotment-year.aggrega.json';
import { sheetsOf } from './month-export.svelte';
import { asSewn, otherWays, sheetName, wishesOf } from './sheet-wishes';

const file = demo as unknown as ProgrammeFile;
const read = (document: ProgrammeFile) => {
  const reading = readProgramme(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
};
const asked = (words: string) => new URLSearchParams(words);

describe('what a sheet is wished to be like', () => {
  it('is read from an address, and what is not known is left out', () => {
    const programme = read(file);
    expect(wishesOf(asked('size=double-bed&kind=list&level=new&keep=whole&large=1&uncoloured=1'), programme)).toMatchObject({
      ...{ size: programme.sizes[0], kind: 'list', level: 'new', keep: 'whole', large: true, coloured: false },
    });
    const none = wishesOf(asked('size=giant&kind=box&level=wizard&keep=maybe&large=yes'), programme);
    expect(Object.values(none).every((v) => v === undefined)).toBe(true);
    expect(sheetName('m1', 'frost', asked('size=../../etc&kind=list&left=1'))).toBe('m1-frost-..-..-etc-list-left');
  });

  it('sews one month otherwise, and leaves every other and the document as they are', () => {
    const before = JSON.stringify(file);
    expect(asSewn(file, 'm1', asked('level=new&hst=by-magic'))).toBe(file);
    const other = asSewn(file, 'm1', asked('hst=two-at-a-time&sizing=trim-down'));
    expect(other.months![0]!.blocks![0]).toMatchObject({ sizing: 'trim-down', methods: { hst: 'two-at-a-time' } });
    expect(other.months!.slice(1)).toEqual(file.months!.slice(1));
    expect(JSON.stringify(file)).toBe(before);
    const text = (document: ProgrammeFile) => {
      const programme = read(document);
      return JSON.stringify(monthPaper(programme, programme.months[0]!, programme.colourways[0]!).pieces);
    };
    expect(text(other)).toContain('two at a time');
    expect(text(other)).toContain('Trim');
    expect(text(file)).not.toContain('two at a time');
    // Every way that is offered is one that a document may name.
    for (const { kind, methods } of otherWays)
      for (const { name } of methods) read(asSewn(file, 'm1', asked(`${kind}=${name}`)));
  });

  it('makes only sheets that somebody takes, each once', () => {
    const programme = read(file);
    for (const month of programme.months) {
      const sheets = sheetsOf(programme, month, { slug: 'year', page: 'A4' });
      expect(sheets.length > 0).toBe(hasSheet(programme, month));
      expect(new Set(sheets.map((s) => s.name)).size).toBe(sheets.length);
      // Nobody in Dusk takes the double bed.
      expect(sheets.some((s) => s.name.includes('dusk-double-bed'))).toBe(false);
    }
  });
});
