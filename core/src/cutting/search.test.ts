/** The planner's own parts, each held against trying everything. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ratio } from '../measure';
import { EndSearch } from './end-search';
import { exactPlan } from './exact';
import { Filler } from './filler';
import { knapsack } from './knapsack';
import { Master } from './master';
import { givenBy, lengthOf, piecesOf, waysOf, type Abreast, type Pattern } from './pattern';
import type { SizedPieces } from './pieces';
import { Pricer, sums } from './pricer';
import { simplest } from './simplest';

const size = (w: number, h: number, turnable: boolean, qty = 1): SizedPieces => ({
  ...{ w, h, turnable, qty },
  real: { w: ratio(w), h: ratio(h) },
  labels: [],
});
const side = fc.integer({ min: 2, max: 9 });
const randomSizes = fc.array(fc.record({ w: side, h: side, turnable: fc.boolean(), qty: fc.integer({ min: 1, max: 5 }) }), {
  minLength: 1,
  maxLength: 4,
});
const WIDTH = 14;

/** Columns and rows keep to their strip, pieces to their rows. */
function keepsWithin({ length, columns }: Pattern): boolean {
  const across = (of: { w: number }[]) => of.reduce((sum, x) => sum + x.w, 0);
  return (
    across(columns) <= WIDTH &&
    columns.every((c) => c.rows.reduce((sum, r) => sum + r.h, 0) <= length) &&
    columns.every((c) => c.rows.every((r) => across(r.pieces) <= c.w && r.pieces.every((p) => p.h <= r.h)))
  );
}

describe('a knapsack', () => {
  const things = fc.array(
    fc.record({
      w: fc.integer({ min: 1, max: 8 }),
      value: fc.integer({ min: 0, max: 20 }),
      most: fc.integer({ min: 0, max: 3 }),
    }),
    { maxLength: 5 },
  );

  it('takes what is worth most of all that fits', () => {
    fc.assert(
      fc.property(things, fc.integer({ min: 0, max: 25 }), (list, room) => {
        const best = (i: number, left: number): number => {
          const thing = list[i];
          if (!thing) return 0;
          const counts = Array.from({ length: thing.most + 1 }, (_, n) => n).filter((n) => n * thing.w <= left);
          return Math.max(...counts.map((n) => n * thing.value + best(i + 1, left - n * thing.w)));
        };
        const { taken, value } = knapsack(list, room);
        expect(value).toBe(best(0, room));
        expect(taken.reduce((sum, n, i) => sum + n * list[i]!.value, 0)).toBe(value);
        expect(taken.reduce((sum, n, i) => sum + n * list[i]!.w, 0)).toBeLessThanOrEqual(room);
        expect(taken.every((n, i) => n <= list[i]!.most)).toBe(true);
      }),
      { numRuns: 300 },
    );
  });
});

describe('the linear program', () => {
  const column = (cost: number, ...gives: number[]) => ({ cost, gives: Float64Array.from(gives) });

  it('falls to the known least cost, and its prices prove it', () => {
    // Ten of each: strips that give both cost less than one of each alone.
    const master = new Master([10, 10], [column(3, 2, 0), column(3, 0, 2)]);
    expect(master.cost).toBeCloseTo(30, 9);
    expect(master.enter(column(4, 2, 1))).toBe(true);
    expect(master.enter(column(4, 1, 2))).toBe(true);
    expect(master.cost).toBeCloseTo(80 / 3, 9);
    expect(10 * master.prices[0]! + 10 * master.prices[1]!).toBeCloseTo(master.cost, 9);
    expect(master.enter(column(9, 2, 2))).toBe(false);
  });

  it('never rises, meets the demand, and prices nothing below zero', () => {
    const gives = fc.array(fc.integer({ min: 0, max: 6 }), { minLength: 3, maxLength: 3 });
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.integer({ min: 1, max: 9 }), gives), { maxLength: 12 }), (offers) => {
        const demand = [7, 12, 5];
        const master = new Master(demand, [column(5, 1, 0, 0), column(5, 0, 1, 0), column(5, 0, 0, 1)]);
        let before = master.cost;
        for (const [cost, given] of offers) {
          master.enter(column(cost, ...given));
          expect(master.cost).toBeLessThanOrEqual(before + 1e-6);
          before = master.cost;
          for (const price of master.prices) expect(price).toBeGreaterThan(-1e-6);
        }
        demand.forEach((wanted, i) => {
          const given = master.basis.reduce((sum, c, j) => sum + (c ? c.gives[i]! * master.amounts[j]! : 0), 0);
          expect(given).toBeGreaterThan(wanted - 1e-6);
        });
      }),
      { numRuns: 200 },
    );
  });
});

describe('strips at given prices', () => {
  /** The most that things are worth in a room, each as often as one likes. */
  const most = (room: number, things: readonly { size: number; worth: number }[]): number => {
    const best = [0];
    for (let r = 1; r <= room; r += 1)
      best.push(Math.max(best[r - 1]!, ...things.filter((t) => t.size <= r).map((t) => best[r - t.size]! + t.worth)));
    return best[room]!;
  };

  it('keep within cloth, are worth what they say, and no other strip of columns of rows is worth more', () => {
    fc.assert(
      fc.property(randomSizes, fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 4, maxLength: 4 }), (rows, prices) => {
        const sizes = rows.map((r) => size(r.w, r.h, r.turnable));
        const lies = sizes.flatMap((s) => waysOf(s, WIDTH));
        const price = (s: SizedPieces) => prices[sizes.indexOf(s)]!;
        const pricer = new Pricer(lies, WIDTH, [9, 12, 18]);
        const row = (w: number, h: number) =>
          most(
            w,
            lies.filter((l) => l.h <= h).map((l) => ({ size: l.w, worth: price(l.size) })),
          );
        const column = (w: number, length: number) =>
          most(
            length,
            lies.map(({ h }) => ({ size: h, worth: row(w, h) })),
          );
        const widths = Array.from({ length: WIDTH }, (_, i) => i + 1);
        for (const offer of pricer.price((lie) => price(lie.size))) {
          const pattern = { length: offer.length, repeat: 1, columns: pricer.columns(offer) };
          expect(keepsWithin(pattern)).toBe(true);
          expect(piecesOf(pattern.columns).reduce((sum, p) => sum + price(p.size), 0)).toBe(offer.worth);
          expect(offer.worth).toBe(
            most(
              WIDTH,
              widths.map((w) => ({ size: w, worth: column(w, offer.length) })),
            ),
          );
        }
      }),
      { numRuns: 150 },
    );
  });

  it('know which lengths are sums of others', () => {
    expect([...sums([3, 5], 10)].flatMap((reached, i) => (reached ? [i] : []))).toEqual([0, 3, 5, 6, 8, 9, 10]);
  });
});

describe('what is left', () => {
  it('fills a strip with no more than there is', () => {
    fc.assert(
      fc.property(randomSizes, fc.integer({ min: 9, max: 20 }), fc.boolean(), (rows, length, plain) => {
        const sizes = rows.map((r) => size(r.w, r.h, r.turnable));
        const filler = new Filler(
          sizes.flatMap((s) => waysOf(s, WIDTH)),
          WIDTH,
          20,
          (lie) => sizes.indexOf(lie.size),
        );
        const left = Int32Array.from(rows, (r) => r.qty);
        filler.from(
          left,
          sizes.map((s) => s.w * s.h),
          plain,
        );
        const { used, worth, columns } = filler.fill(length);
        expect([...used].every((n, i) => n >= 0 && n <= left[i]!)).toBe(true);
        expect(worth).toBe(used.reduce((sum, n, i) => sum + n * sizes[i]!.w * sizes[i]!.h, 0));
        expect(worth).toBeLessThanOrEqual(WIDTH * length);
        if (plain) for (const c of columns) expect(c.rows).toHaveLength(1);
      }),
      { numRuns: 150 },
    );
  });

  it('is cut to the last piece, once each, in strips that can be cut; more effort is never longer', () => {
    fc.assert(
      fc.property(randomSizes, (rows) => {
        const sizes = rows.map((r) => size(r.w, r.h, r.turnable));
        const lies = sizes.flatMap((s) => waysOf(s, WIDTH));
        const lengths = [...new Set(lies.map((l) => l.h))].sort((a, b) => a - b);
        const wanted = rows.map((r) => r.qty);
        const prices = Float64Array.from(sizes, (s) => (s.w * s.h) / WIDTH);
        const end = new EndSearch(sizes, lies, WIDTH, lengths, 18);
        const plan = end.search(Int32Array.from(wanted), prices, { beam: 2, stops: 4 }, Infinity)!;
        const given = sizes.map((s) => plan.reduce((sum, p) => sum + p.repeat * (givenBy(p.columns).get(s) ?? 0), 0));
        expect(given).toEqual(wanted);
        expect(plan.every(keepsWithin)).toBe(true);
        // Nothing is found below a limit that nothing can be below.
        expect(end.search(Int32Array.from(wanted), prices, { beam: 2, stops: 4 }, 1)).toBeUndefined();
        const hand = simplest(sizes, WIDTH, wanted);
        expect(hand.every(keepsWithin)).toBe(true);
        expect(lengthOf(hand) * WIDTH).toBeGreaterThanOrEqual(rows.reduce((sum, r) => sum + r.w * r.h * r.qty, 0));
      }),
      { numRuns: 60 },
    );
  });
});

describe('the exact plan for a few pieces', () => {
  /** Every order of the pieces, every way each may lie, and each put after the others in every way: beside, below, in a new strip. */
  function byTrying(pieces: SizedPieces[]): number {
    let best = Infinity;
    const place = (left: readonly SizedPieces[], strips: Abreast[][][][]): void => {
      const length = strips.reduce((sum, s) => sum + Math.max(...s.map(tall)), 0);
      if (length >= best) return;
      if (left.length === 0) return void (best = length);
      left.forEach((size, i) => {
        const rest = left.toSpliced(i, 1);
        for (const lie of waysOf(size, WIDTH)) {
          place(rest, [...strips, [[[lie]]]]);
          const strip = strips.at(-1);
          const column = strip?.at(-1);
          const row = column?.at(-1);
          if (!strip || !column || !row) continue;
          for (const more of [
            [...strip, [[lie]]],
            [...strip.slice(0, -1), [...column, [lie]]],
            [...strip.slice(0, -1), [...column.slice(0, -1), [...row, lie]]],
          ])
            if (more.reduce((sum, c) => sum + wide(c), 0) <= WIDTH) place(rest, [...strips.slice(0, -1), more]);
        }
      });
    };
    const wide = (c: Abreast[][]) => Math.max(...c.map((r) => r.reduce((sum, l) => sum + l.w, 0)));
    const tall = (c: Abreast[][]) => c.reduce((sum, r) => sum + Math.max(...r.map((l) => l.h)), 0);
    place(pieces, []);
    return best;
  }

  it('is as short as anything found by trying, and cut from its own strips', () => {
    const few = fc.array(fc.record({ w: side, h: side, turnable: fc.boolean(), qty: fc.constantFrom(1, 2) }), {
      minLength: 1,
      maxLength: 3,
    });
    fc.assert(
      fc.property(few, (kinds) => {
        const sizes = kinds.map((k) => size(k.w, k.h, k.turnable, k.qty));
        const all = sizes.flatMap((s) => new Array<SizedPieces>(s.qty).fill(s));
        if (all.length > 4) return;
        const plan = exactPlan(
          sizes.map((s) => waysOf(s, WIDTH)),
          sizes.map((s) => s.qty),
          WIDTH,
          100,
        )!;
        expect(lengthOf(plan)).toBe(byTrying(all));
        expect(plan.every(keepsWithin)).toBe(true);
        for (const s of sizes) {
          const given = plan.reduce((n, p) => n + p.repeat * (givenBy(p.columns).get(s) ?? 0), 0);
          expect(given).toBe(s.qty);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('is not attempted where there is too much to try', () => {
    const sizes = Array.from({ length: 8 }, (_, i) => size(2 + i, 3, true, 9));
    expect(
      exactPlan(
        sizes.map((s) => waysOf(s, WIDTH)),
        sizes.map((s) => s.qty),
        WIDTH,
        100,
      ),
    ).toBeUndefined();
  });
});
