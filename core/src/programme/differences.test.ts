import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyChanges, inverse } from './changes';
import { changeWords, differences } from './differences';
import type { ProgrammeFile } from './document';

const demo = JSON.parse(
  readFileSync(new URL('../../../demo/allotment-year.aggrega.json', import.meta.url), 'utf8'),
) as ProgrammeFile;

/** Places anywhere in a document, entries of lists by their number. */
function places(value: unknown, at: (string | number)[] = []): (string | number)[][] {
  if (typeof value !== 'object' || value === null) return [at];
  return [
    ...(at.length > 0 ? [at] : []),
    ...Object.keys(value).flatMap((k) => places((value as never)[k], [...at, Array.isArray(value) ? Number(k) : k])),
  ];
}
const all = places(demo);
type Edit = { place: (string | number)[]; how: 'drop' | 'set' | 'swap'; text: string };
const edit = fc.record<Edit>({
  place: fc.constantFrom(...all),
  how: fc.constantFrom('drop', 'set', 'swap'),
  text: fc.string({ maxLength: 12 }),
});

function edited(file: ProgrammeFile, edits: readonly Edit[]): ProgrammeFile {
  const copy = structuredClone(file);
  for (const { place, how, text } of edits) {
    let holder = copy as never;
    for (const name of place.slice(0, -1)) holder = (holder?.[name] ?? undefined) as never;
    if (typeof holder !== 'object' || holder === null) continue;
    const last = place.at(-1)!;
    if (Array.isArray(holder)) {
      const list = holder as unknown[];
      if (how === 'drop') list.splice(Number(last), 1);
      else if (how === 'swap') list.reverse();
      else if (typeof list[Number(last)] === 'string') list[Number(last)] = text;
    } else if (how === 'drop') delete holder[last as never];
    else if (typeof holder[last as never] === 'string') (holder as Record<string, unknown>)[last] = text;
  }
  return copy;
}

describe('differences', () => {
  it('make the newer from the older, and taken back the older from the newer', () => {
    fc.assert(
      fc.property(fc.array(edit, { maxLength: 6 }), (edits) => {
        const newer = edited(demo, edits);
        const found = differences(demo, newer);
        expect(applyChanges(demo, found)).toEqual({ file: newer });
        // Taken back, what was taken out of the middle of a list may stand at its end: the same entries, with the same names.
        const back = applyChanges(newer, inverse(found));
        if (!('file' in back)) throw new Error('conflict');
        expect(differences(demo, back.file).every((c) => Array.isArray(c.from) && Array.isArray(c.to))).toBe(true);
        for (const change of found) expect(changeWords(change, newer)).not.toContain('undefined');
      }),
      { numRuns: 80 },
    );
  });

  it('are as small as their places allow, and said with names', () => {
    const newer = edited(demo, []);
    newer.months![0]!.name = 'January, Cold Frames';
    newer.fabrics![0]!.pricePerYard = 13;
    newer.contact = 'at the till';
    const found = differences(demo, newer);
    expect(found.map((c) => c.path).sort()).toEqual([
      '/contact',
      `/fabrics/${demo.fabrics![0]!.id}/pricePerYard`,
      '/months/m1/name',
    ]);
    expect(found.map((c) => changeWords(c, newer))).toContain(
      `January, Cold Frames, name: January, Cold Frames, was ${demo.months![0]!.name}`,
    );
    expect(differences(demo, structuredClone(demo))).toEqual([]);
  });
});
