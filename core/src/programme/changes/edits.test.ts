import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readProgramme } from '../reading/read';
import { frozen } from '../document/frozen';
import type { ProgrammeFile } from '../document/document';
import { applyChanges, inverse, orderOf, type Change } from './changes';
import { differences } from './differences';
import { lettersIn, usesOfLetter, withLetter, withLetterRenamed, withoutLetter } from './letter-edits';
import {
  withBlockCopied,
  withBlockInMonth,
  withBlockMoved,
  withMonth,
  withMonthCopied,
  withMonthsInOrder,
  withoutBlock,
  withoutMonth,
} from './month-edits';

const demo = frozen(
  JSON.parse(readFileSync(new URL('../../../../demo/allotment-year.aggrega.json', import.meta.url), 'utf8')),
) as ProgrammeFile;
const ids = demo.months!.map((m) => m.id);
const month = fc.constantFrom(...ids);
const place = fc.nat(3);

type Edit = (file: ProgrammeFile) => ProgrammeFile;
const some = (file: ProgrammeFile, id: string) => file.months!.find((m) => m.id === id)?.blocks?.length ?? 0;
/** Anything that is done to months, blocks and letters on screen. */
const edit: fc.Arbitrary<Edit> = fc.oneof(
  fc.shuffledSubarray(ids, { minLength: ids.length }).map((order) => (f: ProgrammeFile) => withMonthsInOrder(f, order)),
  fc.tuple(fc.nat(12), fc.boolean()).map(
    ([at, dated]) =>
      (f: ProgrammeFile) =>
        withMonth(f, Math.min(at, f.months!.length), { name: 'One more', ...(dated && { last: '2028-01-08' }) }),
  ),
  month.map((id) => (f: ProgrammeFile) => (f.months!.some((m) => m.id === id) ? withMonthCopied(f, id, { name: 'Again' }) : f)),
  month.map((id) => (f: ProgrammeFile) => withoutMonth(f, id)),
  fc.tuple(month, place, place).map(([id, a, b]) => (f: ProgrammeFile) => {
    const n = some(f, id);
    return n > 0 ? withBlockMoved(f, id, a % n, b % n) : f;
  }),
  fc.tuple(month, place, month).map(
    ([id, at, to]) =>
      (f: ProgrammeFile) =>
        some(f, id) > 0 && f.months!.some((m) => m.id === to) ? withBlockInMonth(f, id, at % some(f, id), to) : f,
  ),
  fc.tuple(month, place).map(
    ([id, at]) =>
      (f: ProgrammeFile) =>
        some(f, id) > 0 ? withBlockCopied(f, id, at % some(f, id), 'A copy') : f,
  ),
  fc.tuple(month, place).map(
    ([id, at]) =>
      (f: ProgrammeFile) =>
        some(f, id) > 0 ? withoutBlock(f, id, at % some(f, id)) : f,
  ),
  fc.tuple(fc.nat(), fc.constantFrom('A', 'B', 'Q', 'Z')).map(([n, to]) => (f: ProgrammeFile) => {
    const letters = lettersIn(f);
    return withLetterRenamed(f, letters[n % letters.length]!, to);
  }),
  fc.constant((f: ProgrammeFile) => withLetter(f, () => f.fabrics![0]!.id).file),
  fc.tuple(fc.nat(), fc.nat()).map(([a, b]) => (f: ProgrammeFile) => {
    const letters = lettersIn(f);
    const [gone, instead] = [letters[a % letters.length]!, letters[b % letters.length]!];
    return gone === instead ? f : withoutLetter(f, gone, instead);
  }),
);

describe('what is done to months, blocks and letters', () => {
  it('is made by changes that stand side by side with others’, and taken back to the letter', () => {
    fc.assert(
      fc.property(fc.array(edit, { minLength: 1, maxLength: 4 }), (edits) => {
        const newer = edits.reduce((file, one) => one(file), demo);
        const changes = differences(demo, newer);
        expect(applyChanges(demo, changes)).toEqual({ file: newer });
        expect(applyChanges(newer, inverse(changes))).toEqual({ file: demo });
        // Sent again after a lost answer it changes nothing more.
        expect(applyChanges(newer, changes)).toEqual({ file: newer });
      }),
      { numRuns: 60 },
    );
  });

  it('leaves a programme that can be read, with no drawing that nothing uses and no name that nobody bears', () => {
    fc.assert(
      fc.property(fc.array(edit, { minLength: 1, maxLength: 3 }), (edits) => {
        const newer = edits.reduce((file, one) => one(file), demo);
        const reading = readProgramme(newer);
        if (!reading.ok) expect(reading.errors.map((e) => `${e.path} ${e.message}`)).toEqual([]);
        const used = new Set(newer.months!.flatMap((m) => (m.blocks ?? []).map((b) => b.block)));
        expect(
          newer.blocks.filter((b) => !used.has(b.id) && demo.months!.some((m) => m.blocks?.some((e) => e.block === b.id))),
        ).toEqual([]);
      }),
      { numRuns: 25 },
    );
  });

  it('keeps days with their place: a year in another order comes out on the same days, and a new month shifts the later ones', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(ids, { minLength: ids.length }), fc.nat(12), (order, at) => {
        const days = demo.months!.map((m) => m.release);
        const turned = withMonthsInOrder(demo, order);
        expect(turned.months!.map((m) => m.id)).toEqual(order);
        expect(turned.months!.map((m) => m.release)).toEqual(days);
        const grown = withMonth(turned, at, { name: 'One more', last: '2028-01-08' });
        expect(grown.months!.map((m) => m.release)).toEqual([...days, '2028-01-08']);
        expect(grown.months!.filter((m) => order.includes(m.id)).map((m) => m.id)).toEqual(order);
      }),
    );
  });

  it('exchanges two letters everywhere at once: every patch keeps its fabric, and twice is as it was', () => {
    const fabricOf = (file: ProgrammeFile, block: number, patch: number) =>
      file.colourways!.map((c) => c.fabrics[file.blocks[block]!.patches[patch]!.role]);
    fc.assert(
      fc.property(fc.constantFrom(...lettersIn(demo)), fc.constantFrom(...lettersIn(demo), 'Q'), (a, b) => {
        const turned = withLetterRenamed(demo, a, b);
        for (const [i, { patches }] of demo.blocks.entries())
          for (const j of patches.keys()) expect(fabricOf(turned, i, j)).toEqual(fabricOf(demo, i, j));
        expect(withLetterRenamed(turned, a, b)).toEqual(demo);
      }),
      { numRuns: 30 },
    );
  });

  it('tells what follows when a letter goes: its patches, their blocks, the quilt', () => {
    for (const letter of lettersIn(demo)) {
      const { patches, blocks } = usesOfLetter(demo, letter);
      const all = demo.blocks.flatMap((b) => b.patches.filter((p) => p.role === letter));
      expect([letter, patches, blocks.length > 0]).toEqual([letter, all.length, all.length > 0]);
      const instead = lettersIn(demo).find((l) => l !== letter)!;
      expect(usesOfLetter(withoutLetter(demo, letter, instead), letter)).toEqual({ patches: 0, blocks: [], quilt: false });
    }
  });
});

describe('the order of a list', () => {
  const order = (file: ProgrammeFile) => orderOf(file.months!);
  const change = (from: string[], to: string[]): Change => ({ path: '/months/*', from, to });

  it('joins with what others add and take out meanwhile; another order is a meeting', () => {
    const turned = [...ids].reverse();
    const grown = withMonth(demo, 2, { name: 'One more' });
    const added = order(grown)[2]!;
    const both = applyChanges(grown, [change(ids, turned)]);
    if (!('file' in both)) throw new Error('a conflict');
    expect(order(both.file).filter((id) => id !== added)).toEqual(turned);
    // It stays behind the one that it was put behind.
    expect(order(both.file)[order(both.file).indexOf(added) - 1]).toBe(ids[1]);
    const fewer = applyChanges(withoutMonth(demo, 'm4'), [change(ids, turned)]);
    expect('file' in fewer && order(fewer.file)).toEqual(turned.filter((id) => id !== 'm4'));
    const other = withMonthsInOrder(demo, [ids[1]!, ids[0]!, ...ids.slice(2)]);
    expect(applyChanges(other, [change(ids, turned)])).toMatchObject({ conflicts: [{ path: '/months/*', now: order(other) }] });
  });
});
