import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  blockFile,
  library,
  patchAt,
  plainBlock,
  readBlock,
  recast,
  rolesOf,
  tilingFaults,
  touching,
  type Block,
} from '../../block';
import { applyChanges, inverse, type Change, type ProgrammeFile } from '../index';

const blocks = library.map((file) => readBlock(file, '').block).filter((b) => b.patches.length > 4);
const path = '/blocks/b/patches';
const turned = (block: Block) => blockFile(block).patches.map((p) => ({ ...p, points: [...p.points.slice(1), p.points[0]!] }));
/** Outlines written from another corner on, as another program might have. */
const fileOf = (block: Block): ProgrammeFile => ({
  format: 'aggrega-programme',
  version: 1,
  blocks: [{ ...blockFile(block), id: 'b', patches: turned(block) }],
  months: [],
});
const changeOf = (from: Block, to: Block): Change => ({ path, from: turned(from), to: blockFile(to).patches });
const middle = (block: Block, patch: number) => {
  const p = block.patches[patch]!.points;
  return [(2 * p[0]![0] + p[1]![0] + p[2]![0]) / 4, (2 * p[0]![1] + p[1]![1] + p[2]![1]) / 4] as const;
};
const recoloured = (block: Block, patch: number) => recast(block, [middle(block, patch)], 'Z');
const drawingIn = (file: ProgrammeFile) => readBlock(file.blocks[0]!, '').block;
const letters = (block: Block) => block.patches.map((p) => `${p.role} ${p.points.join(' ')}`).sort();

describe('two people on one drawing', () => {
  it('join what does not touch, whoever is first; each takes back their own alone', () => {
    let joined = 0;
    fc.assert(
      fc.property(fc.constantFrom(...blocks), fc.nat(), fc.nat(), (block, one, other) => {
        const [a, b] = [one % block.patches.length, other % block.patches.length];
        fc.pre(patchAt(block, middle(block, a)) === a && patchAt(block, middle(block, b)) === b);
        const [theirs, mine] = [changeOf(block, recoloured(block, a)), changeOf(block, recoloured(block, b))];
        const meet = (first: Change, second: Change) => {
          const before = applyChanges(fileOf(block), [first]);
          return 'file' in before ? { before: before.file, after: applyChanges(before.file, [second]) } : undefined;
        };
        const { before, after } = meet(theirs, mine)!;
        const beside = touching(block.patches.map((p) => p.points)).some(
          (t) => (t.a === a && t.b === b) || (t.a === b && t.b === a),
        );
        if (a === b) {
          // The same change twice is one.
          expect('file' in after && after.file).toEqual(before);
          return;
        }
        if (beside) {
          expect('conflicts' in after && after.conflicts[0]).toMatchObject({ ...mine, now: theirs.to });
          return;
        }
        joined += 1;
        const file = 'file' in after ? after.file : fileOf(block);
        expect(letters(drawingIn(file))).toEqual(letters(recoloured(recoloured(block, a), b)));
        expect(tilingFaults(drawingIn(file))).toEqual([]);
        const otherWay = meet(mine, theirs)!.after;
        expect('file' in otherWay && letters(drawingIn(otherWay.file))).toEqual(letters(drawingIn(file)));
        const undone = applyChanges(file, inverse([theirs]));
        expect('file' in undone && letters(drawingIn(undone.file))).toEqual(letters(recoloured(block, b)));
      }),
      { numRuns: 80 },
    );
    expect(joined).toBeGreaterThan(10);
  });

  it('is a conflict, with both drawings in it, where the two together would not tile, or one is no drawing', () => {
    const block = plainBlock('b', 'B', [2, 2]);
    const larger = plainBlock('b', 'B', [3, 2]);
    const file = fileOf(block);
    const theirs = applyChanges(file, [changeOf(block, recoloured(block, 0))]);
    const mine = applyChanges('file' in theirs ? theirs.file : file, [changeOf(block, larger)]);
    expect(mine).toHaveProperty('conflicts');
    const none = applyChanges(file, [{ path, from: [], to: [{ role: 'A' }] }]);
    expect(none).toHaveProperty('conflicts');
    expect(rolesOf(block)).toEqual(['A']);
  });
});
