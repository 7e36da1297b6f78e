import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import demo from '../../../../demo/allotment-year.aggrega.json';
import { applyChanges, readProgramme, type ProgrammeFile } from '../index';
import { readShelfCsv, shelfCsv } from './shelf-csv';

const file = demo as unknown as ProgrammeFile;
function read(document: ProgrammeFile) {
  const reading = readProgramme(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
}
function taken(text: string, document = file): ProgrammeFile {
  const result = applyChanges(document, readShelfCsv(text, document).changes);
  if (!('file' in result)) throw new Error('a conflict');
  return result.file;
}

describe('the shelf as CSV', () => {
  it('comes in again as it went out: nothing changes', () => {
    const found = readShelfCsv(shelfCsv(read(file), file), file);
    expect(found.problems).toEqual([]);
    expect(found.changes).toEqual([]);
    expect(found.rows).toHaveLength(file.fabrics!.length);
    expect(found.rows.every((r) => r.state === 'as it is')).toBe(true);
  });

  it('fills an empty programme with all that it says', () => {
    const empty: ProgrammeFile = { format: 'aggrega-programme', version: 1, blocks: [] };
    const filled = read(taken(shelfCsv(read(file), file), empty));
    const whole = read(file);
    expect(filled.fabrics.map((f) => [f.name, f.sku, f.colour, f.pricePerYard, f.directional])).toEqual(
      whole.fabrics.map((f) => [f.name, f.sku, f.colour, f.pricePerYard, f.directional]),
    );
    const lengths = (p: typeof whole) => p.shelf.map((s) => `${s.fabric.name} ${s.length} ${s.dyeLot}`).sort();
    expect(lengths(filled)).toEqual(lengths(whole));
  });

  it('says what would change, and changes that alone', () => {
    const text = 'Name;Number;Price per yd;Lengths;Bin\nWater Butt;QR-114;£13,25;100 lot 9; 20\nTeasel;;9;;\n';
    // A semicolon between columns cannot stand inside a cell unless it is quoted.
    const quoted = 'name,number,price per yd,lengths,bin\nWater Butt,QR-114,"£13.25","100 lot 9; 20",4\nTeasel,,9,,\n';
    expect(readShelfCsv(text, file).ignored).toEqual(['bin']);
    const found = readShelfCsv(quoted, file);
    expect(found.rows.map((r) => [r.line, r.name, r.state])).toEqual([
      [2, 'Water Butt', 'changed'],
      [3, 'Teasel', 'new'],
    ]);
    expect(found.rows[0]!.says).toEqual([
      'price per yd: 12.5 becomes 13.25',
      'on the shelf: 243 lot 7; 97 1/2 lot 8; 61 lot 8 becomes 100 lot 9; 20',
    ]);
    const after = read(taken(quoted));
    expect(after.fabrics.find((f) => f.id === 'teasel')).toMatchObject({ name: 'Teasel', pricePerYard: 9 });
    expect(after.shelf.filter((s) => s.fabric.id === 'water-butt').map((s) => s.length.valueOf())).toEqual([100, 20]);
    expect(after.shelf.filter((s) => s.fabric.id === 'kale')).toHaveLength(2);
  });

  it('refuses a line with its reason, and takes the others', () => {
    const text = [
      'name,number,colour,usable width,lengths',
      'Bracken,B1,brown,,',
      ',B2,#112233,,',
      'Heather,B3,#8a6a9a,wide,',
      'Gorse,B4,#e0c040,42,12 cubits',
      'Fern,B5,#4a7a4a,42,1 yd',
      'Fern again,B5,#4a7a4a,42,36',
    ].join('\r\n');
    const found = readShelfCsv(text, file);
    expect(found.rows.map((r) => r.state)).toEqual(['refused', 'refused', 'refused', 'refused', 'new', 'refused']);
    expect(found.rows.map((r) => r.says.join())).toEqual([
      expect.stringContaining('colour'),
      'a fabric needs a name',
      expect.stringContaining("'wide' is not a length"),
      expect.stringContaining('is not a length'),
      'on the shelf: nothing becomes 1 yd',
      'this fabric stands in the file already',
    ]);
    const { fabrics, shelf } = read(taken(text));
    expect(fabrics.map((f) => f.name)).toContain('Fern');
    expect(shelf.find((s) => s.fabric.name === 'Fern')!.length.valueOf()).toBe(36);
  });

  it('refuses what is no such file, with a sentence, whatever it is', () => {
    for (const text of ['', 'no headings here', '"unclosed', '{"a": 1}', `name\n${'x\n'.repeat(501)}`]) {
      const found = readShelfCsv(text, file);
      expect(found.problems).toHaveLength(1);
      expect(found.changes).toEqual([]);
    }
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (text) => {
        const found = readShelfCsv(`name,number,lengths\n${text}`, file);
        const result = applyChanges(file, found.changes);
        expect('file' in result && readProgramme(result.file).ok).toBe(true);
      }),
      { numRuns: 60 },
    );
  });
});
