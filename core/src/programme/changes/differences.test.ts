import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { edited, someEdits } from '../../../tests/random-edit';
import { applyChanges, inverse } from './changes';
import { changeWords, differenceWords, differences } from './differences';
import type { ProgrammeFile } from '../document/document';

const demo = JSON.parse(
  readFileSync(new URL('../../../../demo/allotment-year.aggrega.json', import.meta.url), 'utf8'),
) as ProgrammeFile;

describe('differences', () => {
  it('make the newer from the older, and taken back the older from the newer', () => {
    fc.assert(
      fc.property(someEdits(demo), (edits) => {
        const newer = edited(demo, edits);
        const found = differences(demo, newer);
        expect(applyChanges(demo, found)).toEqual({ file: newer });
        // Taken back, everything stands where it stood, in the middle of a list too.
        expect(applyChanges(newer, inverse(found))).toEqual({ file: demo });
        for (const change of found) expect(changeWords(change, newer)).not.toContain('undefined');
      }),
      { numRuns: 80 },
    );
  });

  it('are as small as their places allow, and said with names', () => {
    const newer = edited(demo, []);
    newer.months![0]!.name = 'January: Cold Frames';
    newer.fabrics![0]!.pricePerYard = 13;
    newer.contact = 'at the till';
    const found = differences(demo, newer);
    expect(found.map((c) => c.path).sort()).toEqual([
      '/contact',
      `/fabrics/${demo.fabrics![0]!.id}/pricePerYard`,
      '/months/m1/name',
    ]);
    expect(found.map((c) => changeWords(c, newer))).toContain(
      `January: Cold Frames, name: January: Cold Frames, was ${demo.months![0]!.name}`,
    );
    expect(differences(demo, structuredClone(demo))).toEqual([]);
  });

  it('say that something was taken out, and nothing of the rest that moved up', () => {
    const newer = edited(demo, []);
    const [gone] = newer.fabrics!.splice(1, 1);
    expect(differenceWords(demo, newer)).toEqual([`${gone!.name}: removed`]);
    newer.months!.reverse();
    expect(differenceWords(demo, newer)).toContain('months: in another order');
  });
});
