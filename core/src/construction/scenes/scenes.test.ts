/** What the pictures of the steps show is what an exact sewing has there: it opens to the unit, out of the pieces that are cut. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PICTURES, lay } from '../../../tests/unit-pictures';
import { boxOf, clipped, doubleArea, type Ply, type Scene, type Spot } from '../../hands';
import { Exact, ratio } from '../../measure';
import { construct, inchStyle, stepsInOrder, unitKinds, type Hand, type SewingStyle, type UnitPlan } from '../index';

const within = (outline: readonly Spot[], [x, y]: Spot) => {
  const sides = outline.map(([ax, ay], i) => {
    const [bx, by] = outline[(i + 1) % outline.length]!;
    return ((bx - ax) * (y - ay) - (by - ay) * (x - ax)) / Math.hypot(bx - ax, by - ay);
  });
  return sides.every((d) => d > -1e-6) || sides.every((d) => d < 1e-6);
};
const inOrder = (sides: readonly number[]) => [...sides].sort((a, b) => a - b);
/** The uppermost layer at a point. */
const seenAt = (plies: readonly Ply[], at: Spot) => plies.findLast((ply) => within(ply.outline, at));

const makings = unitKinds.flatMap((kind) =>
  PICTURES[kind.kind] ? kind.methods.map((method) => ({ kind: kind.kind, method: method.name })) : [],
);

const cases = fc.record({
  making: fc.constantFrom(...makings),
  roles: fc.array(fc.constantFrom(...'ABCD'), { minLength: 9, maxLength: 9 }),
  size: fc.integer({ min: 10, max: 40 }),
  sizing: fc.constantFrom('exact' as const, 'trim-down' as const),
  trimming: fc.constantFrom('opened' as const, 'folded' as const),
  corners: fc.constantFrom('trimmed-first' as const, 'pressed-first' as const),
  darkest: fc.constantFrom(...'ABCD'),
  open: fc.boolean(),
});

type Case = typeof cases extends fc.Arbitrary<infer T> ? T : never;

/** The unit of a case, and a hand that sews it; undefined where the method cannot make it. */
function sewn({
  making,
  roles,
  size,
  sizing,
  trimming,
  corners,
  darkest,
  open,
}: Case): { unit: UnitPlan; hand: Hand } | undefined {
  const { kind, method } = making;
  const finished = Exact.of(size).over(8);
  const style: SewingStyle = {
    ...inchStyle,
    ...{ sizing, trimming, corners, methods: { [kind]: method } },
    oversize: { ...inchStyle.oversize, 'square-in-square': ratio(1, 4), economy: ratio(1, 4) },
    dies: [{ kind: 'hst', finished: ratio(size, 8), width: ratio(6), length: ratio(12), units: 4 }],
  };
  const b = lay(kind, roles, 0, false, 1);
  const [unit] = construct(b, {
    ...{ make: 4, style },
    finished: [finished.times(b.grid[0]), finished.times(b.grid[1])],
  }).units;
  if (!unit || unit.kind.kind !== kind || unit.method.name !== method || unit.method.unable?.(unit.seen, style))
    return undefined;
  const hand: Hand = {
    left: false,
    lighter: (x, y) => y === darkest && x !== darkest,
    towards: () => (open ? 'open' : darkest),
  };
  return { unit, hand };
}

const drawn = ({ unit, hand }: { unit: UnitPlan; hand: Hand }): Scene[] =>
  stepsInOrder(unit.recipe.steps, () => 'Press as planned.').flatMap((step) => step.scene?.(hand) ?? []);

/** Where the finished picture's corner lies in a unit's last scene. */
function corner({ unit }: { unit: UnitPlan }): Spot {
  const seam = 0.25;
  const based = unit.kind.kind === 'folded-corner' || unit.method.name === 'folded-corner';
  if (unit.kind.kind === 'folded-corner' && unit.method.name === 'cut-triangles') return [0, 0];
  return based ? [seam, seam] : [-unit.w.toNumber() / 2, -unit.h.toNumber() / 2];
}

describe('the pictures of the steps', () => {
  it('end in the unit as it is drawn, every fabric in its place and its right side up', () => {
    const tried = new Set<string>();
    fc.assert(
      fc.property(cases, (one) => {
        const found = sewn(one);
        // Grids end in the unit's own drawing; of two large squares two geese lie in one piece.
        if (!found || /patch|rails/.test(one.making.kind) || one.making.method === 'two-squares') return;
        tried.add(`${one.making.kind} ${one.making.method}`);
        const { unit } = found;
        const last = drawn(found).at(-1)!;
        const [x, y] = corner(found);
        const tick = unit.seen.tick.toNumber();
        for (const patch of unit.seen.picture.patches) {
          const outline = patch.points.map(([px, py]): Spot => [x + px * tick, y + py * tick]);
          // Points inside the patch, well off its seams.
          const middle = [0, 1].map((axis) => outline.reduce((sum, p) => sum + p[axis]!, 0) / outline.length) as [
            number,
            number,
          ];
          for (const p of [...outline, middle]) {
            const inside: Spot = [middle[0] + (p[0] - middle[0]) * 0.8, middle[1] + (p[1] - middle[1]) * 0.8];
            const top = seenAt(last.plies, inside);
            expect([one.making, top?.role, top?.right]).toEqual([one.making, patch.role, true]);
          }
        }
      }),
      { numRuns: 400 },
    );
    expect(tried.size).toBe(makings.filter((m) => !/patch|rails/.test(m.kind) && m.method !== 'two-squares').length);
  });

  it('begin with the pieces that are cut: no other piece is ever shown whole', () => {
    fc.assert(
      fc.property(cases, (one) => {
        const found = sewn(one);
        if (!found || one.making.method === 'strip-ruler') return;
        const cut = found.unit.recipe.pieces.map(({ role, w, h }) => ({ role, sides: [w.toNumber(), h.toNumber()] }));
        const [first] = drawn(found);
        for (const { role, outline } of first!.plies) {
          if (role === '') continue;
          const [, , w, h] = boxOf([{ outline }]);
          const whole = Math.abs(doubleArea(outline) - 2 * w * h) < 1e-6;
          const fits = cut.some(
            (piece) =>
              piece.role === role &&
              (whole
                ? inOrder([w, h]).every((side, i) => side < inOrder(piece.sides)[i]! + 1e-6)
                : doubleArea(outline) < 2 * piece.sides[0]! * piece.sides[1]! + 1e-6),
          );
          expect([one.making, role, w, h, fits]).toEqual([one.making, role, w, h, true]);
        }
      }),
      { numRuns: 300 },
    );
  });

  it('keep every seam on fabric, and every stitch within the pieces it joins', () => {
    fc.assert(
      fc.property(cases, (one) => {
        const found = sewn(one);
        if (!found) return;
        for (const { plies, marks } of drawn(found))
          for (const { kind, from, to } of marks) {
            if (kind !== 'sewn') continue;
            const middle: Spot = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
            // Stitches hold two layers.
            expect(plies.filter((ply) => within(ply.outline, middle)).length).toBeGreaterThan(1);
          }
      }),
      { numRuns: 300 },
    );
  });

  it('give two geese out of a piece of two large squares, each with its point s below the edge', () => {
    fc.assert(
      fc.property(fc.integer({ min: 8, max: 24 }), (size) => {
        const found = sewn({
          ...{ making: { kind: 'geese', method: 'two-squares' }, roles: [...'ABBABBABB'], size },
          ...{ sizing: 'exact', trimming: 'opened', corners: 'trimmed-first', darkest: 'B', open: false },
        })!;
        const { plies, marks } = drawn(found).at(-1)!;
        const cuts = marks.filter((m) => m.kind === 'cut');
        expect(cuts).toHaveLength(8);
        for (const box of [cuts.slice(0, 4), cuts.slice(4)]) {
          const outline = box.map((m) => m.from);
          const [, , w, h] = boxOf([{ outline }]);
          const [long, short] = [found.unit.w.toNumber() + 0.5, found.unit.h.toNumber() + 0.5];
          expect([w, h].map((x) => Math.round(x * 1e6))).toEqual([short, long].map((x) => Math.round(x * 1e6)));
          // On fabric everywhere, and half of the finished area is goose.
          for (const corner of outline) expect(seenAt(plies, corner)).toBeDefined();
        }
      }),
      { numRuns: 20 },
    );
  });

  it('lay the ruler for a left hand on the other side', () => {
    for (const sizing of ['trim-down'] as const) {
      const found = sewn({
        ...{ making: { kind: 'hst', method: 'two-at-a-time' }, roles: [...'ABABABABA'], size: 24, sizing },
        ...{ trimming: 'opened', corners: 'trimmed-first', darkest: 'B', open: false },
      })!;
      const [right, left] = [false, true].map((side) => drawn({ ...found, hand: { ...found.hand, left: side } }).at(-1)!);
      const upright = ({ marks }: Scene) => marks.find((m) => m.kind === 'cut' && m.from[0] === m.to[0])!.from[0];
      expect(upright(left!)).toBe(-upright(right!));
      // The ruler's line lies on the seam either way: above it one fabric, below it the other.
      for (const { plies, marks } of [right!, left!]) {
        const { from, to } = marks.find((m) => m.kind === 'over')!;
        const line = { from, to };
        const sides = ([1, -1] as const).map((side) =>
          plies.filter((ply) => ply.right && doubleArea(clipped(ply.outline, line, side)) > 12).map((ply) => ply.role),
        );
        expect(new Set(sides.flat()).size).toBe(2);
      }
    }
  });
});
