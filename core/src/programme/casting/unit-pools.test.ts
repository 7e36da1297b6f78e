/** Pools of units: made in batches, dealt exactly, and the same in every room. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { meet, sewn } from '../../../tests/laid-quilt';
import { homeworkWords, monthSheet } from '../../sheet';
import {
  blocksAsCast,
  castPicture,
  constructSeries,
  demandOf,
  homeworkOf,
  letterOf,
  poolMaking,
  planStock,
  poolOfUnit,
  quiltOf,
  quiltPicture,
  readProgramme,
  scatteredOf,
  type Colourway,
  type PoolOfUnits,
  type Programme,
  type ProgrammeFile,
  withinStock,
} from '../index';

const fabricsOf = (start: string, n: number, from: number) =>
  Array.from({ length: n }, (_, i) => ({ id: `${start}${i}`, colour: `#${(from + i * 0x030201).toString(16)}` }));
const lights = fabricsOf('light', 8, 0xd0d0d0);
const darks = fabricsOf('dark', 10, 0x202428);
const ids = (all: readonly { id: string }[], n: number) => all.slice(0, n).map((f) => f.id);

/** A grid of half-square triangles, light over dark, each n-th turned; or of plain squares, or of triangles with a plain letter. */
const triangles = (n: number, upper: string, lower: string) => ({
  id: `grid-${upper}${lower}`,
  grid: [n, n],
  patches: Array.from({ length: n * n }, (_, i) => {
    const [x, y] = [i % n, Math.floor(i / n)];
    const [a, b, c, d] = [
      [x, y],
      [x + 1, y],
      [x + 1, y + 1],
      [x, y + 1],
    ];
    return i % 3 === 0
      ? [
          { role: upper, points: [a, b, c] },
          { role: lower, points: [a, c, d] },
        ]
      : [
          { role: upper, points: [a, b, d] },
          { role: lower, points: [b, c, d] },
        ];
  }).flat(),
});

interface Wish {
  units?: object;
  lights?: number;
  darks?: number;
  makes?: readonly number[];
  grid?: number;
  packets?: string[][];
  scatter?: object;
  methods?: Record<string, string>;
}
function year({ units, lights: l = 8, darks: d = 10, makes = [10, 10], grid = 4, packets, scatter, methods }: Wish): Programme {
  const months = makes.map((make, i) => ({ id: `m${i + 1}`, blocks: [{ block: 'grid-AC', finished: '12', make }] }));
  const reading = readProgramme({
    ...{ format: 'aggrega-programme', version: 1, house: { methods }, fabrics: [...lights, ...darks] },
    colourways: [
      {
        ...{ id: 'c', fabrics: {}, scatter },
        pools: { A: { fabrics: ids(lights, l), units }, C: { fabrics: ids(darks, d), units } },
      },
    ],
    ...{ blocks: [triangles(grid, 'A', 'C')], months, kits: { packets } },
    setting: { across: makes.reduce((a, b) => a + b, 0), down: 1 },
    participants: { c: 10 },
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
}
const only = (programme: Programme): Colourway => programme.colourways[0]!;
const poolsOf = (programme: Programme): PoolOfUnits[] =>
  [...scatteredOf(programme, only(programme))!.makings.values()].flatMap((m) => m.pools);
const squares = (programme: Programme) =>
  demandOf(programme, { colourway: only(programme), months: programme.months, basis: 'kit', participants: 1 })
    .flatMap((d) => d.pieces)
    .reduce((n, p) => n + p.qty, 0);

const wishes = fc.record({
  lights: fc.integer({ min: 2, max: 8 }),
  darks: fc.integer({ min: 2, max: 10 }),
  makes: fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 1, maxLength: 3 }),
  grid: fc.integer({ min: 2, max: 4 }),
  units: fc.record({
    for: fc.constantFrom('programme', 'packet', 'block'),
    alike: fc.option(fc.integer({ min: 1, max: 9 }), { nil: undefined }),
  }),
  methods: fc.constantFrom(
    { hst: 'two-at-a-time' },
    { hst: 'eight-at-a-time' },
    { hst: 'cut-triangles' },
    { hst: 'strip-ruler' },
  ),
  scatter: fc.record({ seed: fc.integer({ min: 0, max: 500 }) }),
});

describe('a pool of units', () => {
  it('holds what the blocks take, and what was dealt to them; no more alike than is allowed, unless it is said', () => {
    fc.assert(
      fc.property(wishes, (wish) => {
        const programme = year(wish);
        const colourway = only(programme);
        const scattered = scatteredOf(programme, colourway)!;
        // The quilt as it is dealt, unit by unit: how often each pairing lies in it.
        const lies = new Map<string, number>();
        for (const { roles } of scattered.at.values())
          for (let i = 0; i < roles.length; i += 2) {
            const key = `${roles[i]} ${roles[i + 1]}`;
            lies.set(key, (lies.get(key) ?? 0) + 1);
          }
        const made = new Map<string, number>();
        for (const { roles, unit } of poolsOf(programme).flatMap((p) => p.kinds)) {
          const key = `${roles.get('A')} ${roles.get('C')}`;
          made.set(key, (made.get(key) ?? 0) + unit.make);
          expect(unit.batches * unit.yields).toBeGreaterThanOrEqual(unit.make);
          if (!scattered.doubts.some((d) => /alike/.test(d)))
            expect(unit.make).toBeLessThanOrEqual(wish.units.alike ?? Infinity);
        }
        expect(made).toEqual(lies);
        for (const pool of poolsOf(programme)) {
          const taken = [...pool.taken.values()].reduce((a, b) => a + b, 0);
          expect(pool.kinds.reduce((n, k) => n + k.unit.make, 0)).toBe(taken);
          const homework = [...homeworkOf(pool).values()];
          expect(homework.at(-1)).toBe(pool.made);
          // What a month takes is sewn by then, and nothing is unsewn again.
          let needed = 0;
          pool.months.forEach((m, i) => {
            needed += pool.taken.get(m)!;
            expect(homework[i]).toBeGreaterThanOrEqual(i > 0 ? homework[i - 1]! : 0);
            if (i > 0) expect(homework[i - 1]).toBeGreaterThanOrEqual(needed);
          });
        }
      }),
      { numRuns: 60 },
    );
  });

  it('deals so that equal fabrics do not touch, or it is said why', () => {
    fc.assert(
      fc.property(wishes, (wish) => {
        const programme = year(wish);
        const colourway = only(programme);
        const scattered = scatteredOf(programme, colourway)!;
        if (scattered.doubts.some((d) => /touch|lies beside/.test(d))) return;
        const laid = sewn(castPicture(quiltPicture(quiltOf(programme)!, programme), scattered));
        const fabric = (role: string) => colourway.fabrics.get(role)!;
        laid.forEach((a, i) =>
          laid.slice(i + 1).forEach((b) => {
            if (fabric(a.role) === fabric(b.role)) expect(meet(a, b)).toBe(false);
          }),
        );
        for (const { role } of laid) expect(['A', 'C']).toContain(letterOf(role));
      }),
      { numRuns: 20 },
    );
  });

  it('takes as many squares as its batches, not one for each patch', () => {
    const named = year({ grid: 4, makes: [20] });
    const pooled = year({ grid: 4, makes: [20], units: { for: 'programme' } });
    // 320 units two at a time are 160 pairs of squares.
    expect(squares(pooled)).toBe(320);
    expect(squares(named)).toBeGreaterThan(320);
    const eight = year({ grid: 4, makes: [20], units: { for: 'programme' }, methods: { hst: 'eight-at-a-time' } });
    expect(squares(eight)).toBe(80);
    expect(poolsOf(pooled)).toHaveLength(1);
    expect(poolsOf(pooled)[0]).toMatchObject({ name: 'P1', made: 320 });
  });

  it('is made with the first month that takes from it: of its programme, its packet or its block', () => {
    const scope = (of: string, packets?: string[][]) =>
      poolsOf(year({ makes: [2, 2, 2], packets, units: { for: of } })).map((p) => [p.month.id, ...p.months.map((m) => m.id)]);
    expect(scope('programme')).toEqual([['m1', 'm1', 'm2', 'm3']]);
    expect(scope('packet', [['m1'], ['m2', 'm3']])).toEqual([
      ['m1', 'm1'],
      ['m2', 'm2', 'm3'],
    ]);
    expect(scope('block')).toEqual([
      ['m1', 'm1'],
      ['m2', 'm2'],
      ['m3', 'm3'],
    ]);
  });

  it('is told once: what to make, what to take, what to have sewn by when', () => {
    const programme = year({ makes: [2, 4], units: { for: 'programme', alike: 4 } });
    const colourway = only(programme);
    const [first, second] = programme.months.map((m) => monthSheet(programme, m, colourway));
    // Blocks that take from a pool are all made alike.
    expect(
      first!.blocks.map((b) => [b.make, b.units.flatMap((u) => (u.pool ? [[u.make, u.pool.name, u.batches]] : []))]),
    ).toEqual([[2, [[32, 'P1', 0]]]]);
    expect(first!.pools[0]).toMatchObject({ name: 'P1', made: 96, takes: 32, from: '1 A square and 1 C square, 3 7/8 in' });
    expect(first!.pools[0]!.later).toEqual([{ month: 'm2', takes: 64 }]);
    expect(second!.pools[0]).toMatchObject({ madeWith: 'm1', takes: 64, later: [] });
    // Everything is cut with the first.
    expect(second!.fabrics.flatMap((f) => f.cuts)).toEqual([]);
    const rows = first!.pools[0]!.rows;
    expect(rows.reduce((n, r) => n + r.makes, 0)).toBe(96);
    const words = homeworkWords(programme, programme.months[0]!, colourway);
    expect(words).toBe('have all 96 half-square triangles of pool P1 sewn.');
    expect(homeworkWords(programme, programme.months[1]!, colourway)).toBe('');
  });

  it('names the patches that are pinned, and deals the others', () => {
    const units = { for: 'programme' };
    const programme = year({ makes: [2], units, scatter: { pins: { 'm1:grid-AC:1:2': 'dark7' } } });
    const colourway = only(programme);
    const scattered = scatteredOf(programme, colourway)!;
    const pinned = [...scattered.at.values()].find((c) => c.name === 'm1:grid-AC:1')!;
    expect(colourway.fabrics.get(pinned.roles[1]!)!.id).toBe('dark7');
    const entries = blocksAsCast(programme, colourway, programme.months[0]!);
    expect(entries.map((e) => e.make)).toEqual([1, 1]);
    const named = entries[0]!.block.patches.filter((p) => letterOf(p.role) !== p.role);
    expect(named).toHaveLength(2);
    expect(poolsOf(programme)[0]!.taken.get(programme.months[0]!)).toBe(31);
    // Every unit of the blocks is out of a pool or is made with it.
    constructSeries(programme, programme.months[0]!, entries, colourway).forEach((c, i) => {
      for (const unit of c.units)
        expect(unit.pooled ? poolOfUnit(programme, colourway, { entry: entries[i]!, unit }) : unit.batches).toBeTruthy();
    });
  });

  it('says so where fewer kinds can be made than are to differ', () => {
    const { doubts } = scatteredOf(...both(year({ lights: 2, darks: 2, makes: [4], units: { for: 'block', alike: 4 } })))!;
    expect(doubts.join(' ')).toMatch(
      /64 half-square triangles are wanted and at most 4 may be alike, but there are only 4 ways/,
    );
    const refused = readProgramme({
      ...{ format: 'aggrega-programme', version: 1, fabrics: lights, blocks: [], months: [] },
      colourways: [{ id: 'c', fabrics: {}, pools: { A: { fabrics: ['light0'], per: 'block', units: { for: 'block' } } } }],
    });
    expect(!refused.ok && refused.errors[0]).toMatchObject({ path: '/colourways/0/pools/A/units' });
  });

  it('stays within the shelf: a fabric of which there is little is in fewer batches, and the others take its place', () => {
    const ids = ['light0', 'light1', 'light2'];
    const file = (short: string): ProgrammeFile => ({
      ...{
        format: 'aggrega-programme',
        version: 1,
        fabrics: [...lights.slice(0, 3), darks[0]!],
        setting: { across: 4, down: 1 },
      },
      colourways: [{ id: 'c', fabrics: { C: 'dark0' }, pools: { A: { fabrics: ids, units: { for: 'programme' } } } }],
      blocks: [triangles(4, 'A', 'C') as unknown as ProgrammeFile['blocks'][number]],
      months: [{ id: 'm1', blocks: [{ block: 'grid-AC', finished: '12', make: 4 }] }],
      participants: { c: 4 },
      kits: { kind: 'pre-cut' },
      shelf: [
        { fabric: 'light0', length: short },
        ...['light1', 'light2', 'dark0'].map((fabric) => ({ fabric, length: '320' })),
      ],
    });
    const { most, short } = withinStock(file('8'), 'c');
    expect(short).toBeUndefined();
    expect(Object.keys(most)).toEqual(['light0']);
    const limited = readProgramme({ ...file('8'), colourways: [{ ...file('8').colourways![0]!, scatter: { most } }] });
    if (!limited.ok) throw new Error('unsound');
    expect(planStock(limited.programme, { packets: [0] }).every((s) => s.order.length.equals(0))).toBe(true);
    const used = scatteredOf(limited.programme, only(limited.programme))!
      .used.get('A')!
      .map((u) => u.times);
    expect(used[0]).toBeLessThanOrEqual(most.light0!);
    expect(Math.abs(used[1]! - used[2]!)).toBeLessThanOrEqual(2);
    expect(withinStock(file('320'), 'c').most).toEqual({});
  });

  it('spreads letters of one value as one, whatever they are called', () => {
    const reading = readProgramme({
      ...{ format: 'aggrega-programme', version: 1, fabrics: [...lights, ...darks] },
      colourways: [
        {
          ...{ id: 'c', fabrics: {} },
          pools: {
            A: { fabrics: ids(lights, 3), units: { for: 'programme', as: 'light' } },
            B: { fabrics: ids(lights, 5).slice(3), units: { for: 'programme', as: 'light' } },
            C: { fabrics: ids(darks, 4), units: { for: 'programme', as: 'dark' } },
          },
        },
      ],
      blocks: [triangles(4, 'A', 'C'), triangles(4, 'B', 'C')],
      months: [
        { id: 'm1', blocks: [{ block: 'grid-AC', finished: '12' }] },
        { id: 'm2', blocks: [{ block: 'grid-BC', finished: '12' }] },
      ],
    });
    if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
    const pools = poolsOf(reading.programme);
    expect(pools).toHaveLength(1);
    expect([...pools[0]!.taken.values()]).toEqual([16, 16]);
    const used = scatteredOf(reading.programme, only(reading.programme))!.used;
    const times = ['A', 'B'].flatMap((role) => used.get(role)!.map((u) => u.times));
    expect(Math.max(...times) - Math.min(...times)).toBeLessThanOrEqual(2);
    const sheet = monthSheet(reading.programme, reading.programme.months[0]!, only(reading.programme));
    expect(sheet.pools[0]!.of).toBe('a light and a dark');
    expect(poolMaking(reading.programme, only(reading.programme), reading.programme.months[1]!)).toBeUndefined();
  });
});

const both = (programme: Programme) => [programme, only(programme)] as const;
