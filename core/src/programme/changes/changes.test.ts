import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ChangeError, applyChanges, inverse, sharing, type Change, type ProgrammeFile } from '../index';

const file = (): ProgrammeFile => ({
  format: 'aggrega-programme',
  version: 1,
  blocks: [],
  months: [
    {
      id: 'm1',
      name: 'January',
      blocks: [
        { block: 'b', finished: '12' },
        { block: 'b', finished: '8', make: 2 },
      ],
    },
    { id: 'm2', name: 'February' },
  ],
  participants: { frost: 24 },
});

const applied = (changes: Change[], to = file()) => {
  const result = applyChanges(to, changes);
  if (!('file' in result)) throw new Error(`conflict: ${JSON.stringify(result.conflicts)}`);
  return result.file;
};

const anyChange = fc.constantFrom<Change>(
  { path: '/months/m1/name', from: 'January', to: 'Jan' },
  { path: '/months/m2/release', to: '2027-02-13' },
  { path: '/months/m1/blocks/b/make', to: 3 },
  { path: '/months/m1/blocks/b~2/finished', from: '8', to: '9' },
  { path: '/participants/frost', from: 24, to: 48 },
  { path: '/participants/dusk', to: 12 },
  { path: '/house/methods/hst', to: 'cut-triangles' },
  { path: '/title', to: 'Another year' },
);

/** Nothing in it can be written to any more. */
function frozen<T>(value: T): T {
  if (value !== null && typeof value === 'object') Object.values(Object.freeze(value)).forEach(frozen);
  return value;
}

describe('changes', () => {
  it('leave the document as it was, and share with it what they do not touch', () => {
    fc.assert(
      fc.property(fc.uniqueArray(anyChange, { minLength: 1, selector: (c) => c.path }), (changes) => {
        const before = frozen(file());
        const after = applied(frozen(changes), before);
        expect(before).toEqual(file());
        const touched = new Set(changes.map((c) => c.path.split('/')[1]));
        for (const [name, section] of Object.entries(before))
          expect(after[name as keyof ProgrammeFile] === section).toBe(!touched.has(name) || typeof section !== 'object');
        // Come back from a server as other objects, equal sections are the same again.
        const back = sharing(after, structuredClone(after));
        expect(back).toEqual(after);
        expect(Object.entries(back).every(([name, section]) => section === after[name as keyof ProgrammeFile])).toBe(true);
      }),
    );
  });

  it('reach the entry that they name, wherever it stands', () => {
    const reordered = { ...file(), months: [...file().months!].reverse() };
    expect(applied([{ path: '/months/m1/name', from: 'January', to: 'Jan' }], reordered).months![1]!.name).toBe('Jan');
    expect(applied([{ path: '/months/m1/blocks/b~2/make', from: 2, to: 5 }]).months![0]!.blocks!.map((b) => b.make)).toEqual([
      undefined,
      5,
    ]);
  });

  it('are taken back by their inverse, and made again by the inverse of that', () => {
    fc.assert(
      fc.property(fc.uniqueArray(anyChange, { selector: (c) => c.path }), (changes) => {
        const there = applied(changes);
        const back = applied(inverse(changes), there);
        expect(applied(inverse(inverse(changes)), back)).toEqual(there);
        expect(back.participants!.frost).toBe(24);
        expect(back.months).toEqual(file().months);
      }),
    );
  });

  it('made twice are made once', () => {
    fc.assert(
      fc.property(anyChange, (change) => {
        expect(applied([change], applied([change]))).toEqual(applied([change]));
      }),
    );
  });

  it('of different places join; of one place conflict, and then none of them is made', () => {
    const mine: Change = { path: '/months/m1/name', from: 'January', to: 'Frost' };
    const theirs = applied([{ path: '/months/m1/name', from: 'January', to: 'Snow' }]);
    expect(applied([{ path: '/months/m2/name', from: 'February', to: 'Rain' }], theirs).months!.map((m) => m.name)).toEqual([
      'Snow',
      'Rain',
    ]);
    const before = structuredClone(theirs);
    expect(applyChanges(theirs, [{ path: '/title', to: 'T' }, mine])).toEqual({ conflicts: [{ ...mine, now: 'Snow' }] });
    expect(theirs).toEqual(before);
  });

  it.each(['', 'title', '/', '/months', '/months/m9/name', '/__proto__/polluted', '/format/x', '/blocks/x/y'])(
    'refuse the place %j',
    (path) => {
      if (path === '/months') expect(applyChanges(file(), [{ path, to: [] }])).toHaveProperty('conflicts');
      else expect(() => applyChanges(file(), [{ path, to: 1 }])).toThrow(ChangeError);
      expect(({} as Record<string, unknown>).polluted).toBeUndefined();
    },
  );

  it('add an entry to a list, and take it out again', () => {
    const block = { id: 'new', grid: [1, 1] as [number, number], patches: [] };
    const add: Change = { path: '/blocks/new', to: block };
    const added = applyChanges(file(), [add]);
    expect('file' in added && added.file.blocks.at(-1)).toEqual(block);
    const back = 'file' in added && applyChanges(added.file, inverse([add]));
    expect(back).toEqual({ file: file() });
    // A second time it stands already; another one of that name is in the way; an entry must bear its name.
    expect('file' in added && applyChanges(added.file, [add])).toEqual(added);
    const other = { path: '/blocks/new', to: { ...block, grid: [2, 2] } };
    expect('file' in added && applyChanges(added.file, [other])).toHaveProperty('conflicts');
    expect(() => applyChanges(file(), [{ path: '/blocks/else', to: block }])).toThrow(ChangeError);
  });
});
