import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { library, readBlock, type BlockFile } from '../block';
import { Exact } from '../measure';
import { branchesOf, construct, extent, inchStyle, leaves, outermost, type Construction } from './index';

const demo = JSON.parse(readFileSync(new URL('../../../demo/allotment-year.aggrega.json', import.meta.url), 'utf8')) as {
  blocks: BlockFile[];
};
const make = (file: BlockFile): Construction => {
  const b = readBlock(file, '').block;
  return construct(b, { finished: [Exact.of(2 * b.grid[0]), Exact.of(2 * b.grid[1])], make: 1, style: inchStyle });
};
const blocks: BlockFile[] = demo.blocks.concat(library);
const named = blocks.map((file) => [file.name ?? file.id, file] as const);

describe.each(named)('units of %s that are sewn from others', (_, file) => {
  const c = make(file);
  const sewn = c.units.filter((u) => u.places[0]!.inside);

  it('are sewn by the same seams at all their places', () => {
    for (const unit of sewn) {
      const ways = unit.places.map(({ inside }) =>
        branchesOf(inside!).map(([path, branch]) => `${path} ${branch.seam} ${branch.parts.length}`),
      );
      for (const way of ways) expect(way, unit.label).toEqual(ways[0]);
    }
  });

  it('are drawn and sewn as they lie, turned and never in a mirror', () => {
    for (const unit of sewn)
      for (const { seen, laid } of unit.places) {
        expect(seen.mirrored, unit.label).toBe(false);
        if (seen.eighths % 2 === 1) continue;
        const turned = seen.picture.patches.map(({ role, points }) => ({
          role,
          points: points.map(([x, y]) => {
            let at: readonly [number, number] = [x, y];
            for (let i = 0; i < seen.eighths / 2; i += 1) at = [-at[1], at[0]];
            return at;
          }),
        }));
        const [[tx, ty], [lx, ly]] = [extent(turned), extent(laid)];
        // On one scale: a straightened picture may have finer ticks than the block.
        const scale = extent(laid)[2] / extent(turned)[2];
        const text = (
          all: readonly { role: string; points: readonly (readonly [number, number])[] }[],
          x: number,
          y: number,
          by: number,
        ) =>
          all
            .map(
              (p) =>
                `${p.role} ${p.points
                  .map(([px, py]) => `${(px - x) * by},${(py - y) * by}`)
                  .sort()
                  .join(' ')}`,
            )
            .sort();
        expect(text(turned, tx, ty, scale), unit.label).toEqual(text(laid, lx, ly, 1));
      }
  });

  it('are pressed, place by place, as one of the ways that are told', () => {
    for (const unit of sewn) {
      const told = c.pressing.variants.get(unit)!;
      for (const [path, variants] of told) {
        // Every place is told once.
        const places = variants.flatMap((v) => v.places);
        expect(new Set(places).size).toBe(places.length);
        expect(places.length).toBe(leaves(c.tree).filter((leaf) => c.unitOf.get(leaf) === unit).length);
        // Different ones are different.
        expect(new Set(variants.map((v) => v.ways.join())).size, path).toBe(variants.length);
      }
    }
  });

  it('differ from each other by more than a turn, and add up to the block', () => {
    const made = c.units.filter((u) => u.seen.picture.patches.length > 1);
    /** A picture turned by so many quarters, as text. */
    const looks = ({ seen: { picture } }: (typeof made)[number], quarters: number) => {
      const turned = picture.patches.map(({ role, points }) => {
        const spun = points.map(([x, y]) => {
          let [px, py, w, h] = [x, y, picture.w, picture.h];
          for (let i = 0; i < quarters; i += 1) [px, py, w, h] = [h - py, px, h, w];
          return `${px},${py}`;
        });
        return `${role} ${spun.sort().join(' ')}`;
      });
      return turned.sort().join('|');
    };
    for (const [i, unit] of made.entries())
      for (const other of made.slice(i + 1)) {
        const same = [0, 1, 2, 3].some(
          (quarters) => looks(unit, quarters) === looks(other, 0) && unit.seen.tick.equals(other.seen.tick),
        );
        expect(same && !other.mirrored && !unit.mirrored, `${unit.label} and ${other.label}`).toBe(false);
      }
    const area = (laid: readonly { points: readonly (readonly [number, number])[] }[]) =>
      laid.reduce(
        (sum, { points }) =>
          sum +
          points.reduce(
            (a, [x, y], i) => a + x * points[(i + 1) % points.length]![1] - y * points[(i + 1) % points.length]![0],
            0,
          ) /
            2,
        0,
      );
    const [, , w, h] = extent(c.tree.laid);
    expect(Math.abs(outermost(c.tree).reduce((sum, leaf) => sum + Math.abs(area(leaf.laid)), 0))).toBeCloseTo(w * h);
  });
});
