import { describe, expect, it } from 'vitest';
import { blockDrawing, library, mirrorBlock, readBlock, tilingFaults, turnBlock, type Block } from '../block';
import { faultsOf } from '../../tests/sewing-room';
import { Exact } from '../measure';
import {
  construct,
  constructionContract,
  inchStyle,
  isLeaf,
  isSeen,
  otherReadings,
  slipsOf,
  type Construction,
  type Tree,
} from './index';
import { pictureOf, pictureText, straightened } from './picture';
import { fillsItsBox } from './recognise';

const blocks = library.map((file): [string, Block] => [file.name, readBlock(file, '').block]);
const make = (b: Block, more = {}) =>
  construct(b, { finished: [Exact.of(2 * b.grid[0]), Exact.of(2 * b.grid[1])], make: 1, style: { ...inchStyle, ...more } });

const summary = (c: Construction) => ({
  units: c.units.map((u) => `${u.kind.kind} ${[...u.roles].sort()} ${u.w} ${u.h} ×${u.make}`).sort(),
  cuts: c.cuts.map((cut) => `${cut.role} ${cut.w} ${cut.h} ${cut.sub} ×${cut.qty}`).sort(),
});

describe.each(blocks)('%s', (_, b) => {
  it('tiles, can be sewn, and is cut the same however it lies', () => {
    expect(tilingFaults(b)).toEqual([]);
    const c = make(b);
    expect(faultsOf(c)).toEqual([]);
    expect(c.pressing.nested).toBe(c.pressing.crossings);
    for (const lie of [turnBlock(b, 1), turnBlock(b, 2), turnBlock(b, 3), mirrorBlock(b)])
      expect(summary(make(lie))).toEqual(summary(c));
  });

  it('has no rectangle that is told twice: what comes again, turned or in a mirror, is one thing to make', () => {
    const c = make(b);
    const told = new Map<string, number>();
    const look = (laid: Parameters<typeof pictureOf>[0]) => {
      const picture = pictureOf(laid);
      const all = [false, true].flatMap((m) => [0, 1, 2, 3].map((q) => pictureText(straightened(picture, q, m))));
      return `${c.cloth.tick} ${all.sort()[0]!}`;
    };
    const visit = (node: Tree, root: boolean): void => {
      if (isLeaf(node)) return;
      // Rows of one unit are sewn together at the end, each pressed as it nests.
      const one = new Set(node.parts.map((part) => (isLeaf(part) ? c.unitOf.get(part) : part))).size === 1;
      if (!root && !one && fillsItsBox(pictureOf(node.laid))) told.set(look(node.laid), (told.get(look(node.laid)) ?? 0) + 1);
      node.parts.forEach((part) => visit(part, false));
    };
    visit(c.tree, true);
    for (const unit of c.units) if (unit.places[0]!.inside) visit(unit.places[0]!.inside, true);
    expect([...told].filter(([, n]) => n > 1)).toEqual([]);
  });

  it('can be sewn in every other reading that is offered, and back again', () => {
    const c = make(b);
    for (const { name, other, otherEffort } of otherReadings(c)) {
      const changed = make(b, { readings: { [name]: other } });
      expect(faultsOf(changed)).toEqual([]);
      expect(summary(changed)).not.toEqual(summary(c));
      expect(otherEffort.minutes).toBeGreaterThan(0);
      expect(otherReadings(changed).every((o) => o.name !== name || o.now === other)).toBe(true);
    }
  });

  it('warns only of slips that hands can make from the pieces that are cut', () => {
    const c = make(b);
    /** How much of each fabric is seen, from the least. */
    const shown = (shapes: readonly { role: string; points: readonly (readonly [number, number])[] }[]) => {
      const areas = new Map<string, number>();
      for (const { role, points } of shapes) {
        const twice = points.reduce((sum, [x, y], i) => {
          const [nx, ny] = points[(i + 1) % points.length]!;
          return sum + x * ny - y * nx;
        }, 0);
        areas.set(role, (areas.get(role) ?? 0) + Math.abs(twice) / 2);
      }
      return [...areas.values()].map((a) => Math.round(a * 1000)).sort((x, y) => x - y);
    };
    const right = shown(blockDrawing(b, c.finished).shapes);
    for (const slip of slipsOf(c, 50)) expect(shown(slip.drawing.shapes), slip.text).toEqual(right);
  });

  it('warns first of the slip that was seen', () => {
    for (const { kind, unit } of slipsOf(make(b), 50)) {
      const slip = { kind, ...(unit && { unit: unit.name }) };
      expect(isSeen(slipsOf(make(b, { slip }), 1)[0]!, slip)).toBe(true);
    }
  });

  it('warns only of slips that change the picture', () => {
    const slips = slipsOf(make(b), 50);
    expect(new Set(slips.map((s) => s.text)).size).toBe(slips.length);
    for (const slip of slips) {
      expect(slip.plausible).toBeGreaterThanOrEqual(0);
      expect(slip.plausible).toBeLessThanOrEqual(1);
      expect(slip.drawing.shapes).toHaveLength(b.patches.length);
      expect(slip.at.length).toBeGreaterThan(0);
    }
  });
});

describe('the library', () => {
  const printed = blocks.map(([, b]) => constructionContract(make(b)));
  const seams = printed.map((p) => JSON.stringify(p.assembly));

  it('has at least 36 blocks and every kind of unit', () => {
    expect(new Set(library.map((f) => f.id)).size).toBeGreaterThanOrEqual(36);
    const kinds = new Set(printed.flatMap((p) => p.units.map((u) => u.kind)));
    const all = ['patch', 'hst', 'qst', 'geese', 'square-in-square', 'economy', 'folded-corner', 'four-patch', 'nine-patch'];
    for (const kind of [...all, 'checkerboard', 'rails', 'pieced-triangle', 'pieced', 'template'])
      expect(kinds).toContain(kind);
  });

  it('knows two units in each other’s place where that was seen, each time with both outlined', () => {
    const told = blocks.flatMap(([name, b]) =>
      make(b).units.flatMap((unit) => {
        const [slip] = slipsOf(make(b, { slip: { unit: unit.name, kind: 'exchanged' } }), 1);
        return slip?.kind === 'exchanged' ? [{ name, slip }] : [];
      }),
    );
    expect(new Set(told.map(({ name }) => name)).size).toBeGreaterThan(8);
    for (const { slip } of told) {
      expect(slip.text).toMatch(/^U\d+ and U\d+ in each other’s place$/);
      expect(slip.at).toHaveLength(2);
      const [[, , w, h], [, , w2, h2]] = slip.at as unknown as [number[], number[]];
      expect([w2, h2]).toEqual([w, h]);
    }
  });

  it('has partial and set-in seams, and slants that are not 45°', () => {
    expect(seams.filter((s) => s.includes('"partial"')).length).toBeGreaterThanOrEqual(2);
    expect(seams.filter((s) => s.includes('"set-in"')).length).toBeGreaterThanOrEqual(1);
    const slants = blocks.filter(([, b]) =>
      b.patches.some(({ points }) =>
        points.some((p, i) => {
          const q = points[(i + 1) % points.length]!;
          const [dx, dy] = [Math.abs(q[0] - p[0]), Math.abs(q[1] - p[1])];
          return dx * dy > 0 && dx !== dy;
        }),
      ),
    );
    expect(slants.length).toBeGreaterThanOrEqual(3);
  });
});
