import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { edited, someEdits } from '../../../tests/random-edit';
import { constructionContract } from '../../construction';
import { constructMonthBlock } from '../demand/constructing';
import { demandOf } from '../demand/demand';
import type { ProgrammeFile } from './document';
import { frozen, frozenLike } from './frozen';
import { readProgramme } from '../reading/read';

const demo = JSON.parse(
  readFileSync(new URL('../../../../demo/allotment-year.aggrega.json', import.meta.url), 'utf8'),
) as ProgrammeFile;
const known = frozen(structuredClone(demo));

function everyPart(value: unknown, see: (part: object) => void): void {
  if (typeof value !== 'object' || value === null) return;
  see(value);
  Object.values(value).forEach((part) => everyPart(part, see));
}

describe('a frozen document', () => {
  it('says what it said, can be changed nowhere, and shares what is equal with the one before', () => {
    fc.assert(
      fc.property(someEdits(demo), (edits) => {
        const newer = edited(demo, edits);
        const shared = frozenLike(structuredClone(newer), known);
        expect(shared).toEqual(newer);
        everyPart(shared, (part) => expect(Object.isFrozen(part)).toBe(true));
        newer.blocks.forEach((block, i) => {
          const before = known.blocks.find((b) => b.id === block.id);
          if (JSON.stringify(before) === JSON.stringify(block)) expect(shared.blocks[i]).toBe(before);
        });
      }),
      { numRuns: 60 },
    );
  });

  it('is the one before where both are equal, in whatever order their fields stand', () => {
    const turned = Object.fromEntries(Object.entries(structuredClone(demo)).reverse());
    expect(frozenLike(turned, known)).toBe(known);
    expect(frozenLike(known, turned)).toBe(known);
    const more = frozenLike({ ...structuredClone(demo), contact: 'somebody', months: demo.months!.slice(1) }, known);
    expect(more).not.toBe(known);
    expect(more.months).not.toBe(known.months);
    expect(more.months![0]).toBe(known.months![1]);
    expect(more.blocks).toBe(known.blocks);
  });

  it('is read as if it were the first, whatever was read before', () => {
    readProgramme(known);
    fc.assert(
      fc.property(someEdits(demo), (edits) => {
        const newer = edited(demo, edits);
        expect(readProgramme(frozenLike(structuredClone(newer), known))).toEqual(readProgramme(newer));
      }),
      { numRuns: 60 },
    );
  });

  it('is cut as if it were the first: another fabric with a direction, another house, another value of a fabric', () => {
    const changes: ((file: ProgrammeFile) => void)[] = [
      (file) => file.fabrics!.forEach((f) => (f.directional = !f.directional)),
      (file) => (file.house = { ...file.house, seam: '3/8' }),
      (file) => file.fabrics!.reverse().forEach((f, i) => (f.colour = i % 2 ? '#111111' : '#eeeeee')),
    ];
    const cuts = (file: ProgrammeFile) => {
      const reading = readProgramme(file);
      if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
      const { programme } = reading;
      return programme.months
        .slice(0, 2)
        .map((month) =>
          programme.colourways.map((colourway) => [
            month.blocks.map((entry) => constructionContract(constructMonthBlock(programme, entry, colourway))),
            demandOf(programme, { colourway, months: [month], basis: 'kit', participants: 1 }).map(
              ({ fabric, roles, pieces }) => [...[fabric, roles], pieces.map(({ label, qty, w, h }) => [label, qty, w, h])],
            ),
          ]),
        );
    };
    cuts(known);
    for (const change of changes) {
      const newer = structuredClone(demo);
      change(newer);
      expect(cuts(frozenLike(structuredClone(newer), known))).toEqual(cuts(newer));
    }
  });
});
