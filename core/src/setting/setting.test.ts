import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Exact, ratio, type Rational } from '../measure';
import {
  assembly,
  piecesOf,
  quiltParts,
  quiltTop,
  turnAt,
  type ExactPoint,
  type LaidPart,
  type SetBlock,
  type Setting,
  type Top,
} from './index';

const plain: Setting = {
  kind: 'straight',
  across: 4,
  down: 5,
  turning: 'one-way',
  rounds: [],
  borders: [],
  leftOver: 0,
  places: new Map(),
  months: new Map(),
};
const block = (w: string | number, h = w, key = `m1:b${w}x${h}`): SetBlock => ({ key, w: Exact.of(w), h: Exact.of(h) });
const style = { seam: ratio('1/4'), rounding: ratio('1/8'), directional: new Set<string>(), unit: 'in' } as const;
const sashed: Setting = {
  ...plain,
  sashing: { finished: ratio(2), role: 'A', outer: true },
  cornerstone: { role: 'B' },
};
const rows = (setting: Setting, blocks: SetBlock[]) =>
  quiltParts(quiltTop(setting, blocks).parts, style).map(
    (p) => `${p.qty} ${p.name} ${p.w.toFraction(true)} x ${p.h.toFraction(true)}${p.sub === 'none' ? '' : ` ${p.sub}`}`,
  );

describe('quilts with known sizes', () => {
  it('sashed all round: r(c+1)+c(r+1) sashes, (r+1)(c+1) cornerstones', () => {
    const framed = { ...sashed, frame: { finished: ratio('1/2'), role: 'B' } };
    expect(rows(framed, [block(12)])).toEqual([
      '40 frame 1 x 12 1/2',
      '40 frame 1 x 13 1/2',
      '49 sashing 2 1/2 x 13 1/2',
      '30 cornerstone 2 1/2 x 2 1/2',
    ]);
    const { w, h } = quiltTop(framed, [block(12)]);
    expect([String(w), String(h)]).toEqual(['62', '77']);
  });

  it('without cornerstones level sashes run the whole width', () => {
    expect(rows({ ...sashed, cornerstone: undefined }, [block(12)])).toEqual([
      '25 sashing 2 1/2 x 12 1/2',
      '6 sashing 2 1/2 x 58 1/2',
    ]);
    const inner = { ...sashed, cornerstone: undefined, sashing: { ...sashed.sashing!, outer: false } };
    expect(rows(inner, [block(12)])).toEqual(['15 sashing 2 1/2 x 12 1/2', '4 sashing 2 1/2 x 54 1/2']);
  });

  it('on point: 12 in blocks take side triangles from 18 1/4 and corners from 9 3/8', () => {
    const onPoint: Setting = { ...plain, kind: 'on-point', across: 3, down: 4, triangles: { role: 'C', float: ratio(0) } };
    expect(rows(onPoint, [block(12)])).toEqual([
      '3 side triangle 18 1/4 x 18 1/4 twice',
      '2 corner triangle 9 3/8 x 9 3/8 once',
    ]);
    const top = quiltTop(onPoint, [block(12)]);
    expect([String(top.w), String(top.h), top.places.length]).toEqual(['36√2', '48√2', 18]);
    const floating = quiltTop({ ...onPoint, triangles: { role: 'C', float: ratio(1) } }, [block(12)]);
    expect(String(floating.w)).toBe('2 + 36√2');
  });

  it('puts coping round smaller blocks, and refuses them without', () => {
    expect(rows({ ...plain, across: 2, down: 1, coping: { role: 'A' } }, [block(12), block(9)])).toEqual([
      '2 coping 2 x 9 1/2',
      '2 coping 2 x 12 1/2',
    ]);
    expect(() => quiltTop(plain, [block(12), block(9)])).toThrow(/different sizes/);
  });

  it('turns as its repeat says, and never a block that is not square by a quarter', () => {
    const four = [0, 1].flatMap((row) => [0, 1].map((column) => turnAt('pinwheel', column, row, true)));
    expect(four).toEqual([0, 1, 3, 2]);
    expect(turnAt('pinwheel', 1, 0, false)).toBe(2);
    // A half turn about the point where four blocks meet takes each to the one opposite, turned half round.
    expect([0, 1].map((c) => (turnAt('pinwheel', c, 0, true) + 2) % 4)).toEqual([2, 3]);
    expect(() => quiltTop({ ...plain, places: new Map([['2,1', { turn: 1 }]]) }, [block(12, 8)])).toThrow(/half round/);
  });

  it('a mitred border is cut longer by what its 45-degree seams need', () => {
    const border = { finished: ratio(4), role: 'C', corners: 'mitred', strips: 'whole' } as const;
    // 20 in outer edge + 2 s + 2√2 s = 20 + 1/2 + 0.7071…: up to the next eighth.
    expect(rows({ ...plain, across: 1, down: 1, borders: [border] }, [block(12)])).toEqual(['4 border 4 1/2 x 22 1/4']);
  });
});

const length = (most: number) => fc.integer({ min: 1, max: most * 8 }).map((n) => ratio(n, 8));
const role = fc.constantFrom('A', 'B', 'C');
const anySetting: fc.Arbitrary<{ setting: Setting; blocks: SetBlock[] }> = fc
  .record({
    kind: fc.constantFrom('straight', 'on-point', 'alternate', 'rows'),
    across: fc.integer({ min: 1, max: 4 }),
    down: fc.integer({ min: 1, max: 4 }),
    turning: fc.constantFrom('one-way', 'pinwheel', 'alternating', 'fans', 'pairs-facing'),
    sashing: fc.option(fc.record({ finished: length(3), role, outer: fc.boolean() }), { nil: undefined }),
    cornerstone: fc.option(fc.record({ role }), { nil: undefined }),
    frame: fc.option(fc.record({ finished: length(2), role }), { nil: undefined }),
    coping: fc.record({ role }),
    borders: fc.array(
      fc.record({
        finished: length(6),
        role,
        corners: fc.constantFrom('butted', 'mitred'),
        strips: fc.constant('whole'),
      }),
      { maxLength: 3 },
    ),
    plainRounds: fc.array(fc.record({ finished: length(4), role }), { maxLength: 2 }),
    roundOf: fc.boolean(),
    checked: fc.boolean(),
    sizes: fc.array(fc.tuple(length(12), length(12)), { minLength: 1, maxLength: 3 }),
  })
  .map(({ kind, plainRounds, roundOf, checked, sizes, ...rest }) => {
    const square = kind === 'on-point' || kind === 'rows';
    const blocks = sizes.map(([w, h], i) => block(w.toFraction(), (square ? w : h).toFraction(), `m${i}:b`));
    const rounds = kind !== 'rows' ? [] : [...plainRounds, ...(roundOf ? [{ finished: sizes[0]![0] }] : [])];
    const needs = kind === 'alternate' || (kind === 'on-point' && checked);
    const setting = {
      ...{ ...rest, kind: kind as Setting['kind'], rounds, leftOver: 0, places: new Map(), months: new Map() },
      ...(needs && { alternate: { role: 'B' } }),
      triangles: { role: 'C', float: ratio(0) },
    } as Setting;
    return { setting, blocks };
  });

const areaOf = (outline: readonly ExactPoint[]) =>
  outline.reduce((sum, [x, y], i) => {
    const [nx, ny] = outline[(i + 1) % outline.length]!;
    return sum.plus(x.times(ny)).minus(nx.times(y));
  }, Exact.zero);

/** Convex outlines overlap unless some edge of one has all of the other beyond it. */
function overlap(a: readonly ExactPoint[], b: readonly ExactPoint[]): boolean {
  const parted = (p: readonly ExactPoint[], q: readonly ExactPoint[]) => {
    const way = Math.sign(areaOf(p).toNumber());
    return p.some(([x, y], i) => {
      const [nx, ny] = p[(i + 1) % p.length]!;
      const side = ([qx, qy]: ExactPoint) =>
        nx
          .minus(x)
          .times(qy.minus(y))
          .minus(ny.minus(y).times(qx.minus(x)));
      return q.every((point) => side(point).sign() * way <= 0);
    });
  };
  return !parted(a, b) && !parted(b, a);
}

const lengthsOf = (outline: readonly ExactPoint[]) =>
  outline.map(([x, y], i) => {
    const [nx, ny] = outline[(i + 1) % outline.length]!;
    return Math.hypot(nx.minus(x).toNumber(), ny.minus(y).toNumber());
  });

/** What a piece measures when it is cut, worked out from its place on the quilt alone. */
function cutFromPlace({ outline, sub, mitred, group }: LaidPart, s: number): [number, number] {
  const sides = lengthsOf(outline);
  // Borders are cut an inch long, to be trimmed.
  const spare = group === 'borders' ? 1 : 0;
  const leg = (finished: number) => finished + s * (2 + Math.SQRT2);
  if (sub === 'once') return [leg(Math.min(...sides)), leg(Math.min(...sides))];
  // Four triangles out of a square: its side is their long side.
  if (sub === 'twice') return [leg(Math.min(...sides)) * Math.SQRT2, leg(Math.min(...sides)) * Math.SQRT2];
  if (!mitred) return [Math.min(sides[0]!, sides[1]!) + 2 * s, Math.max(sides[0]!, sides[1]!) + 2 * s + spare];
  const long = Math.max(...sides);
  const [xs, ys] = [outline.map((p) => p[0].toNumber()), outline.map((p) => p[1].toNumber())];
  const deep = Math.min(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys));
  return [deep + 2 * s, long + 2 * s + 2 * Math.SQRT2 * s + spare];
}

describe('any setting', () => {
  it('closes: its parts and blocks tile the finished quilt exactly, and are cut as their place asks', () => {
    fc.assert(
      fc.property(anySetting, length(1), ({ setting, blocks }, seam) => {
        const top: Top = quiltTop(setting, blocks);
        const all = [...top.parts.map((p) => p.outline), ...top.places.map((p) => p.outline)];
        const total = all.reduce((sum, o) => {
          const area = areaOf(o);
          return sum.plus(area.sign() < 0 ? area.times(-1) : area);
        }, Exact.zero);
        expect(total.equals(top.w.times(top.h).times(2))).toBe(true);
        for (const [x, y] of all.flat()) {
          expect(x.sign() >= 0 && y.sign() >= 0).toBe(true);
          expect(x.compare(top.w) <= 0 && y.compare(top.h) <= 0).toBe(true);
        }
        if (all.length < 60) all.forEach((a, i) => all.slice(i + 1).forEach((b) => expect(overlap(a, b)).toBe(false)));
        const cut = quiltParts(top.parts, { ...style, seam });
        for (const part of top.parts) {
          const [w, h] = cutFromPlace(part, seam.valueOf());
          const found = cut.find(
            (c) =>
              c.name === part.name &&
              c.role === part.role &&
              Math.abs(c.exact[0].toNumber() - w) < 1e-9 &&
              Math.abs(c.exact[1].toNumber() - h) < 1e-9,
          );
          expect(found, `${part.name} ${w} x ${h}`).toBeDefined();
        }
        for (const c of cut) {
          expect(c.exact[0].compare(c.w) <= 0 && c.exact[1].compare(c.h) <= 0).toBe(true);
          const slack = (exact: Exact, cutAt: Rational) => cutAt.valueOf() - exact.toNumber();
          expect(Math.max(slack(c.exact[0], c.w), slack(c.exact[1], c.h))).toBeLessThan(1 / 8);
        }
      }),
      { numRuns: 150 },
    );
  });

  it('is taken apart into rows from edge to edge, every piece in one of them, each row in its order', () => {
    fc.assert(
      fc.property(anySetting, ({ setting, blocks }) => {
        const top = quiltTop(setting, blocks);
        const { rows: bands, corners } = assembly(top, setting.kind);
        // On point, long sashes round the outside reach past the rows that they end at.
        if (!bands) {
          expect([setting.kind, setting.sashing?.outer, setting.cornerstone]).toEqual(['on-point', true, undefined]);
          return;
        }
        const pieces = bands.flatMap(piecesOf);
        const parts = [...pieces.flatMap((p) => [...(p.part ? [p.part] : []), ...p.around]), ...corners];
        const inside = top.parts.filter((p) => p.group !== 'borders');
        // Coping of a whole round stands by itself.
        expect(parts.length).toBe(inside.length);
        expect(new Set(parts).size).toBe(parts.length);
        expect(pieces.filter((p) => p.place).length).toBe(top.places.length);
        // A line parts each band from the next, and within it each piece of a row from the next.
        bands.forEach((band, i) => {
          const next = bands[i + 1];
          if (!next) return;
          const low = piecesOf(band).reduce((most, p) => (p.v[1].compare(most) > 0 ? p.v[1] : most), piecesOf(band)[0]!.v[1]);
          expect(piecesOf(next).every((p) => p.v[0].compare(low) >= 0)).toBe(true);
        });
      }),
      { numRuns: 100 },
    );
  });
});
