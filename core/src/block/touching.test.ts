import { describe, expect, it } from 'vitest';
import { library, readBlock, touching, type Polygon } from './index';

const square = (x: number, y: number, side = 1): Polygon => [
  [x, y],
  [x + side, y],
  [x + side, y + side],
  [x, y + side],
];

describe('outlines that meet', () => {
  it('share an edge or a part of one; a corner is not enough', () => {
    expect(touching([square(0, 0), square(1, 0), square(1, 1), square(2, 0.5)])).toEqual([
      { a: 0, b: 1, length: 1 },
      { a: 1, b: 2, length: 1 },
      { a: 1, b: 3, length: 0.5 },
      { a: 2, b: 3, length: 0.5 },
    ]);
  });

  it('are the same however the sheet is turned and moved', () => {
    for (const entry of library) {
      const outlines = readBlock(entry, '').block.patches.map((p) => p.points);
      const plain = touching(outlines);
      for (const angle of [0.3, Math.PI / 4, Math.PI / 2, 2]) {
        const [c, s] = [Math.cos(angle), Math.sin(angle)];
        const turned = touching(outlines.map((o) => o.map(([x, y]) => [c * x - s * y + 7.1, s * x + c * y - 3.3] as const)));
        expect(turned.map(({ a, b }) => [a, b])).toEqual(plain.map(({ a, b }) => [a, b]));
        turned.forEach(({ length }, i) => expect(length).toBeCloseTo(plain[i]!.length, 6));
      }
      // Patches tile, so an outline's edges are the block's own or meet others: what is shared counts twice.
      const round = outlines.reduce((sum, o) => sum + o.reduce((n, p, i) => n + far(p, o[(i + 1) % o.length]!), 0), 0);
      const [w, h] = entry.grid;
      expect(2 * plain.reduce((n, t) => n + t.length, 0)).toBeCloseTo(round - 24 * (w + h), 6);
    }
  });
});

const far = (p: readonly [number, number], q: readonly [number, number]) => Math.hypot(q[0] - p[0], q[1] - p[1]);
