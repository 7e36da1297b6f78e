import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { scatter, type ScatterTask } from './index';

/** A random sheet of spots that meet: a grid with some diagonals, its pools of any size. */
const task = (most: number) =>
  fc
    .record({
      wide: fc.integer({ min: 1, max: most }),
      tall: fc.integer({ min: 1, max: most }),
      pool: fc.integer({ min: 1, max: 6 }),
      seed: fc.integer({ min: 0, max: 1000 }),
      slant: fc.array(fc.boolean(), { minLength: 64, maxLength: 64 }),
      lists: fc.array(fc.integer({ min: 1, max: 63 }), { minLength: 64, maxLength: 64 }),
      listed: fc.boolean(),
    })
    .map(({ wide, tall, pool, seed, slant, lists, listed }): ScatterTask => {
      const all = Array.from({ length: pool }, (_, f) => f);
      const spots = Array.from({ length: wide * tall }, (_, i) => {
        const some = all.filter((f) => (lists[i % 64]! >> f) & 1);
        return listed && some.length > 0 ? some : all;
      });
      const apart = spots.flatMap((_, i) => [
        ...(i % wide < wide - 1 ? [[i, i + 1] as const] : []),
        ...(i + wide < wide * tall ? [[i, i + wide] as const] : []),
        ...(slant[i % 64] && i % wide < wide - 1 && i + wide < wide * tall ? [[i, i + wide + 1] as const] : []),
      ]);
      return { spots, apart, limits: all.map(() => Infinity), seed };
    });

/** Whether any cast has no clash, by trying all. */
function can({ spots, apart }: ScatterTask, cast: number[] = []): boolean {
  const i = cast.length;
  if (i === spots.length) return true;
  return spots[i]!.some(
    (f) =>
      !apart.some(([a, b]) => (a === i && cast[b] === f) || (b === i && cast[a] === f)) &&
      can({ spots, apart } as ScatterTask, [...cast, f]),
  );
}

describe('fabrics of a pool', () => {
  it('never touch their like where any way can be found, and where not it is proven', () => {
    let refused = 0;
    fc.assert(
      fc.property(task(4), (t) => {
        const { cast, clashes, obstacle } = scatter(t);
        cast.forEach((f, i) => expect(t.spots[i]).toContain(f));
        expect(clashes).toEqual(t.apart.filter(([a, b]) => cast[a] === cast[b]));
        expect(clashes.length === 0).toBe(can(t));
        expect(obstacle === undefined).toBe(clashes.length === 0);
        if (!obstacle) return;
        refused += 1;
        expect(obstacle.kind).not.toBe('not found');
        if (obstacle.kind === 'crowd') {
          // All of them meet one another, and there are fewer fabrics than spots.
          const meets = (a: number, b: number) => t.apart.some(([x, y]) => (x === a && y === b) || (x === b && y === a));
          obstacle.spots.forEach((s, i) => obstacle.spots.slice(i + 1).forEach((o) => expect(meets(s, o)).toBe(true)));
          expect(new Set(obstacle.spots.flatMap((s) => t.spots[s]!)).size).toBeLessThan(obstacle.spots.length);
        }
      }),
      { numRuns: 400 },
    );
    expect(refused).toBeGreaterThan(20);
  });

  it('never touch their like as sides of units either, where any way can be found', () => {
    const units = fc.record({
      n: fc.integer({ min: 2, max: 7 }),
      kinds: fc.array(fc.tuple(fc.integer({ min: 0, max: 2 }), fc.integer({ min: 3, max: 5 })), { minLength: 1, maxLength: 5 }),
      meets: fc.array(fc.tuple(fc.nat(), fc.nat(), fc.constantFrom(0, 1), fc.constantFrom(0, 1)), { maxLength: 14 }),
      seed: fc.nat({ max: 99 }),
    });
    let refused = 0;
    fc.assert(
      fc.property(units, ({ n, kinds, meets, seed }) => {
        // Six fabrics, then the kinds; a spot takes any of these.
        const faces = [...Array.from({ length: 6 }, () => undefined), ...kinds];
        const apart = meets.flatMap(([a, b, fa, fb]) => (a % n === b % n ? [] : [[a % n, b % n, fa, fb] as const]));
        const spots = Array.from({ length: n }, () => kinds.map((_, k) => 6 + k));
        const t: ScatterTask = { spots, apart, limits: faces.map(() => Infinity), faces, seed };
        const clash = (cast: readonly number[]) =>
          apart.some(([a, b, fa, fb]) => cast[a] !== undefined && faces[cast[a]]![fa] === faces[cast[b] ?? 0]?.[fb]);
        const possible = (cast: number[] = []): boolean =>
          cast.length === n ? !clash(cast) : spots[cast.length]!.some((k) => possible([...cast, k]));
        const { cast, clashes, obstacle } = scatter(t);
        expect(clashes.length === 0).toBe(possible());
        expect(clash(cast)).toBe(clashes.length > 0);
        expect(obstacle === undefined).toBe(clashes.length === 0);
        if (obstacle) refused += 1;
      }),
      { numRuns: 150 },
    );
    expect(refused).toBeGreaterThan(10);
  });

  it('are dealt out of what there is, and no kind of unit oftener while another can take its place', () => {
    fc.assert(
      fc.property(fc.integer({ min: 4, max: 40 }), fc.integer({ min: 0, max: 99 }), (n, seed) => {
        // A row of units, two of each kind: there is just enough.
        const kinds = Array.from({ length: Math.ceil(n / 2) }, (_, k) => [k % 4, 4 + (k % 5)]);
        const faces = [...Array.from({ length: 9 }, () => undefined), ...kinds];
        const t: ScatterTask = {
          spots: Array.from({ length: n }, () => kinds.map((_, k) => 9 + k)),
          apart: [],
          ...{ limits: faces.map((f) => (f ? 2 : Infinity)), faces, seed },
        };
        const { cast, short } = scatter(t);
        expect(short).toEqual([]);
        expect(Math.max(...kinds.map((_, k) => cast.filter((c) => c === 9 + k).length))).toBeLessThanOrEqual(2);
      }),
      { numRuns: 60 },
    );
  });

  it('are cast the same for the same seed, and otherwise for another', () => {
    const t: ScatterTask = {
      spots: Array.from({ length: 60 }, () => [0, 1, 2, 3, 4, 5, 6, 7]),
      apart: Array.from({ length: 59 }, (_, i) => [i, i + 1] as const),
      limits: Array(8).fill(Infinity),
      seed: 5,
    };
    expect(scatter(t)).toEqual(scatter({ ...t }));
    expect(scatter(t).cast).not.toEqual(scatter({ ...t, seed: 6 }).cast);
  });

  it('are used as often as each other where there is room', () => {
    fc.assert(
      fc.property(task(8), fc.integer({ min: 0, max: 6 }), (t, more) => {
        // With more fabrics than any spot has neighbours, a pool can always be used evenly.
        const all = Array.from({ length: 8 + more }, (_, f) => f);
        const roomy = { ...t, spots: t.spots.map(() => all), limits: all.map(() => Infinity) };
        const { cast, clashes } = scatter(roomy);
        const used = all.map((f) => cast.filter((c) => c === f).length);
        expect(clashes).toEqual([]);
        expect(Math.max(...used) - Math.min(...used)).toBeLessThanOrEqual(1);
      }),
      { numRuns: 150 },
    );
  });

  it('are taken no more than there is, and where there is too little it is said of which', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 4, maxLength: 7 }),
        fc.integer({ min: 4, max: 30 }),
        (limits, n) => {
          const all = limits.map((_, f) => f);
          const t = {
            spots: Array.from({ length: n }, () => all),
            ...{ apart: [] as [number, number][], limits, seed: 1 },
          };
          const { cast, short } = scatter(t);
          const enough = limits.reduce((a, b) => a + b, 0) >= n;
          expect(short.length === 0).toBe(enough);
          const used = all.map((f) => cast.filter((c) => c === f).length);
          expect(short).toEqual(all.filter((f) => used[f]! > limits[f]!));
        },
      ),
    );
  });

  it('stay where they are pinned', () => {
    const spots = Array.from({ length: 20 }, (_, i) => (i === 7 ? [2] : [0, 1, 2]));
    const apart = Array.from({ length: 19 }, (_, i) => [i, i + 1] as const);
    for (let seed = 0; seed < 20; seed += 1)
      expect(scatter({ spots, apart, limits: [Infinity, Infinity, Infinity], seed }).cast[7]).toBe(2);
  });
});
