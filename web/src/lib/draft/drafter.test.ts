import { plainBlock, tilingFaults, type Block, type Point, type Symmetry } from '@aggrega/core/block';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Drafter, TOOLS, type Tool } from './drafter.svelte';

const nobody = () => new Set<number>();
const table = (tool: Tool, more: Partial<Drafter> = {}) => {
  const drafter = new Drafter();
  drafter.take(tool);
  return Object.assign(drafter, more);
};
const four = () => plainBlock('b', 'B', [4, 4]);

describe('the drafting tools', () => {
  it('have keys of their own, and none that the stations use', () => {
    const keys = TOOLS.map((t) => t.key);
    expect(new Set(keys).size).toBe(keys.length);
    for (const taken of ['1', '2', '3', '4', '[', ']', 'c', 'p', 'b', 'x', '?', '+', '-']) expect(keys).not.toContain(taken);
  });

  it('looking changes nothing; a recast touches the patch and its repetitions', () => {
    expect(table('look').use(four(), [6, 6], false, nobody)).toBeUndefined();
    const once = table('fabric', { role: 'C' }).use(four(), [6, 6], false, nobody)!;
    expect(once.block.patches.filter((p) => p.role === 'C')).toHaveLength(1);
    const turned = table('fabric', { role: 'C', symmetry: 'four-fold' }).use(four(), [6, 18], false, nobody)!;
    expect(turned.block.patches.filter((p) => p.role === 'C')).toHaveLength(4);
  });

  it('a seam has two ends, snapped to the points; taking another tool lets go of the first', () => {
    const drafter = table('seam', { step: 12 });
    expect(drafter.use(four(), [1, 13], false, nobody)).toBeUndefined();
    expect(drafter.begun).toEqual([0, 12]);
    expect(drafter.use(four(), [11, 1], false, nobody)!.block.patches).toHaveLength(17);
    expect(drafter.begun).toBeUndefined();
    drafter.use(four(), [1, 13], false, nobody);
    drafter.take('fabric');
    expect(drafter.begun).toBeUndefined();
  });

  it('what cannot be had is said in a sentence, and the drawing stays', () => {
    const drafter = table('unit', { stampId: 'goose', size: 3 });
    expect(drafter.use(four(), [30, 30], false, nobody)).toBeUndefined();
    expect(drafter.trouble).toBe('There is no room for it here.');
    drafter.take('seam');
    expect(drafter.trouble).toBe('');
  });

  it('the letter in hand before becomes the second one', () => {
    const drafter = table('unit', { role: 'A', second: 'B' });
    drafter.cast('D');
    expect([drafter.role, drafter.second]).toEqual(['D', 'A']);
    drafter.cast('D');
    expect([drafter.role, drafter.second]).toEqual(['D', 'A']);
  });

  it('turning takes the unit under the hand', () => {
    const drafter = table('unit', { stampId: 'hst', role: 'B', second: 'C' });
    const laid = drafter.use(four(), [14, 14], false, nobody)!.block;
    const own = new Set(laid.patches.flatMap((p, i) => (p.role === 'A' ? [] : [i])));
    drafter.take('turn');
    const once = drafter.use(laid, [14, 14], false, () => own)!;
    expect(once.said).toBe('a unit turned');
    const corner = (b: Block) => b.patches.find((p) => p.role === 'B')!.points.map(String);
    expect(corner(once.block)).not.toEqual(corner(laid));
    let back = laid;
    for (let i = 0; i < 4; i += 1) back = drafter.use(back, [14, 14], false, () => own)!.block;
    expect(corner(back)).toEqual(corner(laid));
    expect(drafter.use(laid, [14, 14], true, () => own)!.said).toBe('a unit mirrored');
    expect(drafter.use(laid, [14, 14], false, nobody)).toBeUndefined();
  });

  it('a drawing made by any run of them tiles, in every symmetry', () => {
    const symmetry = fc.constantFrom<Symmetry>('none', 'left-right', 'top-bottom', 'both', 'four-fold');
    const deed = fc.record({
      tool: fc.constantFrom<Tool>('fabric', 'seam', 'join', 'unit'),
      symmetry,
      stampId: fc.constantFrom('hst', 'qst', 'goose', 'four-patch', 'nine-patch', 'pieced-triangle', 'parallelogram'),
      size: fc.constantFrom(1, 2),
      quarters: fc.integer({ min: 0, max: 3 }),
      from: fc.tuple(fc.integer({ min: 0, max: 47 }), fc.integer({ min: 0, max: 47 })),
      to: fc.tuple(fc.integer({ min: 0, max: 48 }), fc.integer({ min: 0, max: 48 })),
    });
    fc.assert(
      fc.property(fc.array(deed, { maxLength: 12 }), (deeds) => {
        let block = four();
        for (const { tool, from, to, ...more } of deeds) {
          const drafter = table(tool, { ...more, role: 'B' });
          const places: Point[] = tool === 'seam' || tool === 'join' ? [from, to] : [from];
          for (const at of places) block = drafter.use(block, at, false, nobody)?.block ?? block;
          expect(tilingFaults(block)).toEqual([]);
        }
      }),
      { numRuns: 150 },
    );
  });
});
