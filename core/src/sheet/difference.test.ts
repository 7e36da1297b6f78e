import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { randomProgramme } from '../../tests/random-programme';
import { readProgramme, type ProgrammeFile } from '../programme';
import { monthSheet, sheetDifference } from './index';

const demo = (): ProgrammeFile =>
  JSON.parse(readFileSync(new URL('../../../demo/allotment-year.aggrega.json', import.meta.url), 'utf8'));
const sheetOf = (file: unknown, month = 0) => {
  const reading = readProgramme(file);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return monthSheet(reading.programme, reading.programme.months[month]!, reading.programme.colourways[0]!);
};
const since = (change: (file: ProgrammeFile) => void, month = 0) => {
  const file = demo();
  change(file);
  return sheetDifference(sheetOf(demo(), month), sheetOf(file, month));
};

describe('what changed from one sheet to the next', () => {
  it('is nothing where nothing did, and something wherever anything did', () => {
    fc.assert(
      fc.property(randomProgramme(), randomProgramme(), (one, other) => {
        const [a, b] = [sheetOf(one), sheetOf(other)];
        expect(sheetDifference(a, sheetOf(one))).toEqual([]);
        const cuts = (sheet: typeof a) => JSON.stringify(sheet.fabrics.map((f) => f.cuts.map((c) => [c.label, c.qty, c.size])));
        if (cuts(a) !== cuts(b)) expect(sheetDifference(a, b).length).toBeGreaterThan(0);
      }),
      { numRuns: 20 },
    );
  });

  it('says which pieces are of another fabric now', () => {
    const says = since((file) => {
      for (const patch of file.blocks[0]!.patches) if (patch.role === 'D') patch.role = 'B';
    });
    expect(says).toContain('Fabric D, Terracotta Crock, is no longer needed.');
    expect(says.join(' ')).toMatch(/D1: 1 square 6 1\/2 are now B\d, of Water Butt\./);
    expect(says.join(' ')).toMatch(/1 patch in Cold Frame is now a different fabric: see the new picture/);
  });

  it('says sizes, counts, methods and amounts with what they were', () => {
    const size = since((file) => (file.months![0]!.blocks![0]!.finished = '16'));
    expect(size).toContain('Cold Frame now finishes at 16 in (unfinished 16 1/2 in), not 12 in.');
    expect(size.join(' ')).toMatch(/Cut A2 at 4 1\/2 in, not 3 1\/2 in\./);
    const method = since((file) => (file.months![0]!.blocks![0]!.methods = { hst: 'two-at-a-time' }));
    expect(method.join(' ')).toMatch(/U1: two at a time, not eight at a time/);
    const make = since((file) => (file.months![0]!.blocks![0]!.make = 3));
    expect(make).toContain('Make 3 of Cold Frame, not 1.');
    expect(make.join(' ')).toMatch(/Cut 12 A2, not 4\./);
    expect(make.join(' ')).toMatch(/You need .* yd of Frosted Pane, not 1\/4 yd\./);
  });

  it('says what is made otherwise of a pool of units, and what of it is taken', () => {
    const scraps = JSON.parse(
      readFileSync(new URL('../../../demo/winter-scrap-basket.aggrega.json', import.meta.url), 'utf8'),
    ) as ProgrammeFile;
    const more = structuredClone(scraps);
    more.months![0]!.blocks![0]!.make = 6;
    const said = sheetDifference(sheetOf(scraps), sheetOf(more)).join(' ');
    expect(said).toMatch(/Pool P1: make 236, not 220, take 96, not 80/);
    expect(sheetDifference(sheetOf(scraps), sheetOf(scraps))).toEqual([]);
    const named = structuredClone(scraps);
    for (const pool of Object.values(named.colourways![0]!.pools!)) delete pool.units;
    expect(sheetDifference(sheetOf(scraps), sheetOf(named))).toContain(
      'Pool P1 (half-square triangles of a light and a dark) is no longer needed.',
    );
  });

  it('says that a fabric was exchanged, once', () => {
    const says = since((file) => (file.colourways![0]!.fabrics.B = 'compost'));
    expect(says[0]).toBe('Fabric B is now Compost (was Water Butt).');
    expect(says.filter((s) => s.includes('Compost')).length).toBeGreaterThan(0);
  });
});
