import fc from 'fast-check';
import { expect, it } from 'vitest';
import { library, mirrorBlock, readBlock, tilingProblems, turnBlock, type Block } from '../block';
import { Exact, ratio } from '../measure';
import { inchStyle } from '../construction';
import { candidates } from './candidates';
import generated from './generated/known-blocks.json';
import { knownBlocks } from './known-blocks';
import { layouts } from './layouts';
import { isEven, lookOf, varied, variationsOf } from './variations';

const blocks = library.map((file) => readBlock(file, '').block).filter((b) => b.grid[0] === b.grid[1]);
const block = fc.constantFrom(...blocks);
const exchanged = (b: Block): Block => {
  const roles = [...new Set(b.patches.map((p) => p.role))];
  return { ...b, patches: b.patches.map((p) => ({ ...p, role: `x${roles.length - roles.indexOf(p.role)}` })) };
};

it('a variation tiles like its drawing, of the same fabrics in the same amounts', () => {
  const area = (b: Block) => b.patches.map((p) => `${p.role} ${p.points.length}`).sort();
  fc.assert(
    fc.property(block, fc.nat(), (drawn, n) => {
      const ways = variationsOf(drawn);
      if (ways.length === 0) return;
      const other = varied(drawn, ways[n % ways.length]!);
      expect(tilingProblems(other, '')).toEqual([]);
      expect(area(other)).toEqual(area(drawn));
    }),
  );
});

it('no two variations of a drawing look alike, however they are turned', () => {
  for (const drawn of blocks) {
    const looks = [drawn, ...variationsOf(drawn).map((turns) => varied(drawn, turns))].map(lookOf);
    expect(new Set(looks).size).toBe(looks.length);
  }
});

it('a look does not change with a turn, a mirror or other letters', () => {
  fc.assert(
    fc.property(block, fc.integer({ min: 0, max: 3 }), fc.boolean(), (drawn, quarters, mirrored) => {
      const turned = turnBlock(drawn, quarters);
      expect(lookOf(exchanged(mirrored ? mirrorBlock(turned) : turned))).toBe(lookOf(drawn));
      expect(isEven(turned)).toBe(isEven(drawn));
    }),
  );
});

it('what is known of the blocks is what the code works out (npm run generate)', () => {
  expect(JSON.parse(JSON.stringify(knownBlocks()))).toEqual(generated);
});

it('at a size only blocks whose grid the ruler shows', () => {
  const at = (inches: number) => candidates({ finished: Exact.of(ratio(inches)), style: inchStyle });
  expect(at(12).length).toBeGreaterThan(60);
  expect(at(10).every((c) => ![3, 6].includes(c.block.grid[0]))).toBe(true);
  for (const c of at(12)) expect(tilingProblems(c.block, '')).toEqual([]);
});

it('layouts come near what is asked, nearest first, with a block for every month', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 3, max: 20 }),
      fc.constantFrom(6, 9, 12),
      fc.integer({ min: 30, max: 100 }),
      (months, side, width) => {
        const found = layouts({ block: side, quilt: { width, height: width * 1.25 }, months, unit: 'in' });
        for (const { blocks: n, off } of found) {
          expect(n).toBeGreaterThanOrEqual(months);
          expect(off).toBeLessThanOrEqual(0.25);
        }
        expect(found.map((l) => l.off)).toEqual(found.map((l) => l.off).sort((a, b) => a - b));
      },
    ),
  );
});
