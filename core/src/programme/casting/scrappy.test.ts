import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import demo from '../../../../demo/allotment-year.aggrega.json';
import { faultsOf } from '../../../tests/plan-checker';
import { meet, sewn } from '../../../tests/laid-quilt';
import { randomBlock, randomTiling } from '../../../tests/random-block';
import { monthSheet } from '../../sheet';
import {
  castPicture,
  demandOf,
  letterOf,
  planCutting,
  planStock,
  quiltOf,
  quiltPicture,
  readProgramme,
  scatteredOf,
  schoolChanges,
  schoolsOf,
  applyChanges,
  withinStock,
  type PoolPer,
  type Programme,
  type ProgrammeFile,
} from '../index';

function read(file: unknown): Programme {
  const reading = readProgramme(file);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
}

const plainGrid = (n: number) => ({
  id: 'grid',
  grid: [n, n],
  patches: Array.from({ length: n * n }, (_, i) => {
    const [x, y] = [i % n, Math.floor(i / n)];
    const points = [
      [x, y],
      [x + 1, y],
      [x + 1, y + 1],
      [x, y + 1],
    ];
    return { role: 'A', points };
  }),
});
const fabrics = Array.from({ length: 8 }, (_, i) => ({ id: `f${i}`, colour: `#${(0x203040 + i * 0x181410).toString(16)}` }));
const scrappy = (per: PoolPer, n: number, setting: object, make: number, grid = 3, scatter: object = {}) =>
  read({
    ...{ format: 'aggrega-programme', version: 1, fabrics, setting },
    colourways: [
      { id: 'c', fabrics: { Z: 'f7' }, pools: { A: { fabrics: fabrics.slice(0, n).map((f) => f.id), per } }, scatter },
    ],
    blocks: [plainGrid(grid)],
    months: [{ id: 'm', blocks: [{ block: 'grid', finished: '12', make }] }],
    participants: { c: 7 },
  });
const castOf = (programme: Programme, size?: Programme['sizes'][number]) => {
  const scattered = scatteredOf(programme, programme.colourways[0]!, size)!;
  return { scattered, picture: castPicture(quiltPicture(quiltOf(programme, size)!, programme), scattered) };
};

describe('scrappy letters', () => {
  it('never lay equal fabrics side by side, in any setting, unless it is said why; pieces and letters stay those of the drawing', () => {
    const document = fc.record({
      block: fc.oneof(randomBlock, randomTiling),
      kind: fc.constantFrom('straight', 'on-point', 'alternate'),
      sashed: fc.boolean(),
      mirrored: fc.boolean(),
      pools: fc.dictionary(
        fc.constantFrom('A', 'B', 'C'),
        fc.record({
          size: fc.integer({ min: 1, max: 8 }),
          per: fc.constantFrom<PoolPer>('patch', 'once', 'block', 'quilt'),
        }),
        { minKeys: 1 },
      ),
      seed: fc.integer({ min: 0, max: 1000 }),
    });
    let sound = 0;
    fc.assert(
      fc.property(document, ({ block, kind, sashed, mirrored, pools, seed }) => {
        const cast = Object.fromEntries(['A', 'B', 'C'].filter((r) => !(r in pools)).map((r, i) => [r, `f${7 - i}`]));
        const programme = read({
          ...{ format: 'aggrega-programme', version: 1, fabrics },
          colourways: [
            {
              ...{ id: 'c', fabrics: cast, scatter: { seed } },
              pools: Object.fromEntries(
                Object.entries(pools).map(([r, { size, per }]) => [
                  r,
                  { per, fabrics: fabrics.slice(0, size).map((f) => f.id) },
                ]),
              ),
            },
          ],
          blocks: [
            {
              ...{ id: 'b', grid: block.grid },
              patches: block.patches.map((p) => ({ role: p.role, points: p.points.map(([x, y]) => [x / 12, y / 12]) })),
            },
          ],
          months: [{ id: 'm', blocks: [{ block: 'b', finished: ['9', '9'], make: 5 }] }],
          setting: {
            ...{ kind, across: 3, down: 2, triangles: { role: 'A' }, alternate: { role: 'B' } },
            ...(sashed && kind !== 'alternate' && { sashing: { finished: '1', role: 'C' } }),
            borders: [{ finished: '2', role: 'A' }],
            ...(mirrored && { places: { '1,1': { mirrored: true, turn: 1 } } }),
          },
        });
        const colourway = programme.colourways[0]!;
        const { scattered, picture } = castOf(programme);
        const plain = quiltPicture(quiltOf(programme)!, programme);
        const [before, after] = [sewn(plain), sewn(picture)];
        after.forEach((spot, i) => expect(letterOf(spot.role)).toBe(before[i]!.role));
        const fabricOf = (role: string) => colourway.fabrics.get(role)!;
        const perOf = (role: string) => colourway.pools.get(letterOf(role))?.per ?? 'quilt';
        // Patches that are meant to have one fabric together may touch.
        const free = (role: string) => perOf(role) === 'patch' || perOf(role) === 'once';
        let clashes = 0;
        after.forEach((a, i) =>
          after.slice(i + 1).forEach((b) => {
            if (fabricOf(a.role) === fabricOf(b.role) && (free(a.role) || free(b.role)) && meet(a, b)) clashes += 1;
          }),
        );
        if (scattered.doubts.every((d) => !/touch|lies beside/.test(d))) {
          expect(clashes).toBe(0);
          sound += 1;
        }
        // What is made of the block is all of it, and every copy has the patches of the drawing.
        const blocks = [...scattered.blocks.values()].flat();
        expect(blocks.reduce((n, b) => n + b.entry.make, 0)).toBe(5);
        for (const { entry } of blocks)
          expect(entry.block.patches.map((p) => letterOf(p.role))).toEqual(block.patches.map((p) => p.role));
      }),
      { numRuns: 60 },
    );
    // About every fourth can be had; were it none, nothing above would have been held.
    expect(sound).toBeGreaterThan(0);
  });

  it('cut as many pieces as the plain block does, of all fabrics together, as often as each is used', () => {
    for (const per of ['patch', 'once', 'block', 'quilt'] as const) {
      const programme = scrappy(per, 8, { kind: 'straight', across: 3, down: 2 }, 6, 2);
      const colourway = programme.colourways[0]!;
      const demand = demandOf(programme, { colourway, months: programme.months, basis: 'batch', participants: 7 });
      const qty = demand.flatMap((d) => d.pieces).reduce((n, p) => n + p.qty, 0);
      expect(qty).toBe(6 * 4 * 7);
      const used = scatteredOf(programme, colourway)!.used.get('A')!;
      const spots = { patch: 24, once: 24, block: 6, quilt: 1 }[per];
      expect(used.reduce((n, u) => n + u.times, 0)).toBe(spots);
      if (per !== 'quilt')
        expect(Math.max(...used.map((u) => u.times)) - Math.min(...used.map((u) => u.times))).toBeLessThan(2);
      expect(scatteredOf(programme, colourway)!.doubts).toEqual([]);
      for (const { plan } of planCutting(programme, { colourway, months: programme.months, basis: 'batch', participants: 7 })
        .fabrics)
        expect(faultsOf(plan)).toEqual([]);
    }
  });

  it('say plainly what cannot be had', () => {
    const setting = { kind: 'straight', across: 2, down: 2 };
    const doubts = (per: PoolPer, n: number, scatter = {}) => castOf(scrappy(per, n, setting, 4, 3, scatter)).scattered.doubts;
    expect(doubts('patch', 2)).toEqual([]);
    expect(doubts('patch', 1).join()).toMatch(
      /2 pieces touch each other but the pool has only 1 fabric for them \(f0\)\. Add 1 more/,
    );
    expect(doubts('once', 5)[0]).toMatch(
      /9 patches that are all to be of different fabrics, and only 5 to choose from: 4 more/,
    );
    expect(doubts('patch', 4, { most: { f0: 3, f1: 3, f2: 3, f3: 3 } }).join()).toMatch(/All limits together leave too little/);
    // Two fabrics can only alternate: two pins that break the rhythm cannot both be kept.
    expect(doubts('patch', 2, { pins: { 'm:grid:1:1': 'f0', 'm:grid:1:3': 'f1' } }).join()).toMatch(/no arrangement works/);
  });

  it('keep what is pinned, and a number lays the same quilt again', () => {
    const setting = { kind: 'straight', across: 2, down: 2 };
    const pins = { 'm:grid:2:5': 'f3', 'm:grid:4:1': 'f0' };
    const rolesOf = (seed: number) =>
      [...castOf(scrappy('patch', 5, setting, 4, 3, { seed, pins })).scattered.at.values()].map((c) => [c.name, ...c.roles]);
    for (const seed of [1, 2, 3]) {
      const at = new Map(rolesOf(seed).map(([name, ...roles]) => [name, roles]));
      expect(at.get('m:grid:2')![4]).toBe('Ad');
      expect(at.get('m:grid:4')![0]).toBe('Aa');
      expect(rolesOf(seed)).toEqual(rolesOf(seed));
    }
    expect(rolesOf(1)).not.toEqual(rolesOf(2));
  });

  it('come in schools, which a colourway follows when all its pools do', () => {
    const file = structuredClone(demo) as unknown as ProgrammeFile;
    file.colourways![2]!.pools!.A = { fabrics: ['frosted-pane', 'straw'] };
    delete (file.colourways![2]!.fabrics as Record<string, string>).A;
    const dusk = (f: ProgrammeFile) => read(f).colourways[2]!;
    for (const school of ['all-different', 'two-fabrics', 'one-light', 'light-per-block'] as const) {
      const result = applyChanges(file, schoolChanges(file, dusk(file), school));
      if (!('file' in result)) throw new Error('a conflict');
      expect(schoolsOf(dusk(result.file))).toEqual([school]);
      // One light throughout: the light pool lays one fabric only.
      const used = scatteredOf(read(result.file), dusk(result.file))!.used.get('A')!;
      if (school === 'one-light') expect(used.filter((u) => u.times > 0)).toHaveLength(1);
    }
  });

  it('reach the sheet and the quilt’s parts with letters of their own', () => {
    const programme = read(demo);
    const dusk = programme.colourways[2]!;
    const sheet = monthSheet(programme, programme.months[1]!, dusk);
    const letters = sheet.fabrics.flatMap((f) => f.roles);
    expect(letters).not.toContain('C');
    expect(letters.filter((r) => letterOf(r) === 'C').length).toBeGreaterThan(1);
    for (const f of sheet.fabrics)
      for (const cut of f.cuts) if (cut.block !== 'quilt') expect(f.roles.some((r) => cut.label.startsWith(r))).toBe(true);
    const parts = scrappy(
      'patch',
      6,
      { across: 2, down: 2, sashing: { finished: '2', role: 'A' }, cornerstone: { role: 'Z' } },
      4,
    );
    const cast = castOf(parts).scattered.quilt!.parts.filter((p) => p.name === 'sashing');
    expect(new Set(cast.map((p) => p.role)).size).toBeGreaterThan(2);
    expect(cast.reduce((n, p) => n + p.qty, 0)).toBe(12);
  });

  it('are kept within the shelf, or it is said that the shelf is not enough', () => {
    const file: ProgrammeFile = {
      ...{ format: 'aggrega-programme', version: 1, fabrics, setting: { across: 2, down: 3 } },
      colourways: [{ id: 'c', fabrics: {}, pools: { A: { fabrics: ['f0', 'f1', 'f2', 'f3'] } } }],
      blocks: [plainGrid(3) as unknown as ProgrammeFile['blocks'][number]],
      months: [{ id: 'm', blocks: [{ block: 'grid', finished: '12', make: 6 }] }],
      participants: { c: 10 },
      kits: { kind: 'pre-cut' },
      shelf: ['f0', 'f1', 'f2', 'f3'].map((fabric, i) => ({ fabric, length: i === 0 ? '20' : '400' })),
    };
    const { most, short } = withinStock(file, 'c');
    expect(short).toBeUndefined();
    expect(Object.keys(most)).toEqual(['f0']);
    const limited = read({ ...file, colourways: [{ ...file.colourways![0]!, scatter: { most } }] });
    expect(planStock(limited, { packets: [0] }).every((s) => s.order.length.equals(0))).toBe(true);
    expect(castOf(limited).scattered.doubts.filter((d) => /touch/.test(d))).toEqual([]);
    const bare = { ...file, shelf: file.shelf!.map((s) => ({ ...s, length: '30' })) };
    expect(withinStock(bare, 'c').short).toMatch(/too little for everybody/);
  });
});
