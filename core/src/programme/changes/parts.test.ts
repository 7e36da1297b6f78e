import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { edited, someEdits } from '../../../tests/random-edit';
import { differences } from './differences';
import { differentParts, documentParts, withParts } from './parts';
import type { ProgrammeFile } from '../document/document';

const demo = JSON.parse(
  readFileSync(new URL('../../../../demo/allotment-year.aggrega.json', import.meta.url), 'utf8'),
) as ProgrammeFile;

it('all parts of another document make it, none leave this one, and each brings what is told of it and no more', () => {
  fc.assert(
    fc.property(someEdits(demo), fc.subarray(documentParts), (edits, some) => {
      const other = edited(demo, edits);
      expect(differences(withParts(demo, other, documentParts), other)).toEqual([]);
      expect(differences(withParts(demo, other, []), demo)).toEqual([]);
      const told = differentParts(demo, other);
      const mixed = withParts(demo, other, some);
      // What was brought is no longer different; the rest is as different as before.
      expect(differentParts(mixed, other).map((p) => p.part)).toEqual(told.map((p) => p.part).filter((p) => !some.includes(p)));
      for (const { lines } of told) expect(lines.length).toBeGreaterThan(0);
    }),
    { numRuns: 60 },
  );
});

it('the quilt, the stock and a name are parts of their own', () => {
  const other = structuredClone(demo);
  other.title = 'Another Year';
  other.setting!.across = 2;
  other.shelf!.pop();
  expect(differentParts(demo, other).map((p) => p.part)).toEqual(['quilt', 'stock', 'settings']);
  expect(withParts(demo, other, ['settings'])).toEqual({ ...demo, title: 'Another Year' });
});
