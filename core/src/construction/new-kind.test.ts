/** A new kind of unit is one object in one list: a made-up one is found, named, cut and counted like any other. */
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import type { Construction } from './index';
import type * as units from './units';
import { lastKinds, unitKinds } from './units';
import type { UnitKind } from './units/unit-kind';

const withSlice = async (original: () => Promise<typeof units>): Promise<typeof units> => {
  const real = await original();
  const { outlines, plainPiece, rolesAt, scaled, seamOf } = await import('./units/reading');
  const SLICE = outlines('0,0 2,0 2,1', '0,0 2,1 2,2 0,2');
  const slice: UnitKind = {
    kind: 'slice',
    title: 'slice of cake',
    plural: 'slices of cake',
    madeOf: (triangles, others) => triangles === 1 && others === 1,
    plain: true,
    methods: [
      {
        name: 'oversewn',
        title: 'from two squares',
        recipe: ({ unit, style }) => ({
          yields: 1,
          pieces: unit.roles.map((role) => plainPiece(role, unit.w, unit.h, seamOf(style))),
          steps: [{ act: 'sew', text: 'Sew along the slice.' }],
          look: [],
          tools: [],
          seams: 1,
        }),
      },
    ],
    read: (picture) => (picture.w === picture.h ? rolesAt(picture, scaled(SLICE, picture.w / 2)) : undefined),
  };
  return {
    ...real,
    unitKinds: [slice, ...real.unitKinds],
    unitKind: (kind) => (kind === 'slice' ? slice : real.unitKind(kind)),
    chooseMethod: (unit, key, style) =>
      unit.kind === 'slice' ? { method: slice.methods[0]! } : real.chooseMethod(unit, key, style),
  };
};

describe('a kind that nobody knew before', () => {
  let made: Construction;

  // Modules are shared with other tests: this one reads its own, and leaves none behind.
  beforeAll(async () => {
    vi.resetModules();
    vi.doMock('./units', withSlice);
    const { construct, inchStyle } = await import('./index');
    const { Exact } = await import('../measure');
    const { draw } = await import('../../tests/draw');
    // Two slices, one of them turned, beside two plain squares.
    const block = draw(
      [4, 4],
      [
        ...['A 0,0 2,0 2,1', 'B 0,0 2,1 2,2 0,2'],
        'C 2,0 4,0 4,2 2,2',
        'C 0,2 2,2 2,4 0,4',
        ...['A 4,4 2,4 2,3', 'B 4,4 2,3 2,2 4,2'],
      ],
    );
    made = construct(block, { finished: [Exact.of(12), Exact.of(12)], make: 1, style: inchStyle });
  });
  afterAll(() => {
    vi.doUnmock('./units');
    vi.resetModules();
  });

  it('is read in a block, turned ones as the same', () => {
    expect(made.units.find((u) => u.kind.kind === 'slice')).toMatchObject({ make: 2, roles: ['A', 'B'] });
    expect(made.units.some((u) => u.kind.kind === 'template')).toBe(false);
  });

  it('is cut by its own recipe', () => {
    const sizes = made.cuts.filter((cut) => cut.role !== 'C').map((cut) => [cut.role, String(cut.w), String(cut.h), cut.qty]);
    expect(sizes).toEqual([
      ['A', '6.5', '6.5', 2],
      ['B', '6.5', '6.5', 2],
    ]);
  });
});

it('kinds have names of their own, and say of how many triangles they are made', () => {
  expect(new Set([...unitKinds, ...lastKinds].map((kind) => kind.kind)).size).toBe(unitKinds.length + lastKinds.length);
  for (const kind of unitKinds) expect(kind.madeOf, kind.kind).toBeDefined();
});
