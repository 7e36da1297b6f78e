import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { doubleArea, hull, type Point } from '../block';
import { Exact } from '../measure';
import { randomTiling } from '../../tests/random-block';
import {
  balance,
  clothOf,
  extent,
  isConvex,
  laidDirection,
  pictureOf,
  pictureText,
  pictureTick,
  straightened,
} from './picture';

const cell = [Exact.of(2), Exact.of(2)] as const;
const lie = fc.record({ eighths: fc.integer({ min: 0, max: 7 }), mirrored: fc.boolean() });

describe('pictures', () => {
  it('laid straight and laid back are what they were, in every lie', () => {
    fc.assert(
      fc.property(randomTiling, lie, (b, { eighths, mirrored }) => {
        const { patches } = clothOf(b, cell);
        const onPoint = eighths % 2 === 1;
        const straight = straightened(pictureOf(patches, onPoint), Math.floor(eighths / 2), mirrored);
        const back = straight.patches.map((p) => p.points.map((q) => laidDirection(q, { eighths, mirrored })));
        const [x, y] = extent(back.map((points) => ({ points })));
        const shrink = onPoint ? 2 : 1;
        const corners = (points: readonly Point[]) =>
          points
            .map(([px, py]) => `${(px - x) / shrink},${(py - y) / shrink}`)
            .sort()
            .join(' ');
        const [ox, oy] = extent(patches);
        const drawn = patches.map((p) =>
          p.points
            .map(([px, py]) => `${px - ox},${py - oy}`)
            .sort()
            .join(' '),
        );
        expect(back.map(corners)).toEqual(drawn);
      }),
    );
  });

  it('keep their area; on point their tick makes up for the stretching', () => {
    fc.assert(
      fc.property(randomTiling, (b) => {
        const { patches, tick } = clothOf(b, cell);
        for (const onPoint of [false, true]) {
          const picture = pictureOf(patches, onPoint);
          const one = pictureTick(tick, onPoint);
          const area = picture.patches.reduce((sum, p) => sum + doubleArea(p.points), 0);
          const real = one.times(one).times(area).over(2);
          expect(real.equals(Exact.of(4 * b.grid[0] * b.grid[1]))).toBe(true);
        }
      }),
    );
  });

  it('read the same at any size, and otherwise when a role or an outline differs', () => {
    fc.assert(
      fc.property(randomTiling, fc.integer({ min: 2, max: 5 }), (b, times) => {
        const picture = pictureOf(clothOf(b, cell).patches);
        const larger = {
          ...picture,
          w: picture.w * times,
          h: picture.h * times,
          patches: picture.patches.map((p) => ({ ...p, points: p.points.map(([x, y]): Point => [x * times, y * times]) })),
        };
        expect(pictureText(larger)).toBe(pictureText(picture));
        const recast = { ...picture, patches: picture.patches.map((p, i) => (i === 0 ? { ...p, role: 'Z' } : p)) };
        expect(pictureText(recast)).not.toBe(pictureText(picture));
      }),
    );
  });

  it('of cells that are not square are drawn in true proportion', () => {
    fc.assert(
      fc.property(randomTiling, fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 9 }), (b, w, h) => {
        const { patches, tick } = clothOf(b, [Exact.of(w), Exact.of(h)]);
        const [, , wide, tall] = extent(patches);
        expect(tick.times(wide).equals(Exact.of(w * b.grid[0]))).toBe(true);
        expect(tick.times(tall).equals(Exact.of(h * b.grid[1]))).toBe(true);
      }),
    );
  });
});

describe('parts', () => {
  const inside = (outline: readonly Point[], [x, y]: Point) =>
    outline.every((p, i) => {
      const q = outline[(i + 1) % outline.length]!;
      return (q[0] - p[0]) * (y - p[1]) - (q[1] - p[1]) * (x - p[0]) > 0;
    });

  it('balance on a point inside them, and lie within their hull', () => {
    fc.assert(
      fc.property(randomTiling, (b) => {
        const { patches } = clothOf(b, cell);
        for (const patch of patches) expect(inside(patch.points, balance([patch]))).toBe(true);
        const whole = hull(patches.flatMap((p) => [...p.points]));
        expect(whole).toHaveLength(4);
        expect(doubleArea(whole)).toBe(2 * 144 * b.grid[0] * b.grid[1]);
        expect(isConvex(patches)).toBe(true);
      }),
    );
  });

  it('are convex only when they fill their hull', () => {
    fc.assert(
      fc.property(randomTiling, fc.nat(), (b, n) => {
        const { patches } = clothOf(b, cell);
        fc.pre(patches.length > 1);
        const without = patches.filter((_, i) => i !== n % patches.length);
        const outline = hull(without.flatMap((p) => [...p.points]));
        const covered = without.reduce((sum, p) => sum + doubleArea(p.points), 0);
        expect(isConvex(without)).toBe(covered === doubleArea(outline));
      }),
    );
  });
});
