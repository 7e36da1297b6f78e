/** What one writes, the other reads. */
import fc from 'fast-check';
import { expect, it } from 'vitest';
import {
  isPoolKey,
  laidKey,
  monthOfSetBlock,
  pieceLabel,
  pieceTitle,
  poolKey,
  readLaidKey,
  readPieceLabel,
  setBlockKey,
} from './labels';

const id = fc.stringMatching(/^[a-z][a-z0-9-]{0,11}$/);

it('reads a piece’s label as it was written', () => {
  const label = fc.record(
    {
      month: id,
      of: fc.oneof(
        id,
        id.map((i) => laidKey(i, 3, 'double')),
        id.map(poolKey),
      ),
      cut: id,
      size: fc.constant('2 1/2x60'),
    },
    { requiredKeys: ['of', 'cut'] },
  );
  fc.assert(
    fc.property(label, (written) => {
      expect(readPieceLabel(pieceLabel(written))).toEqual(written);
    }),
  );
});

it('reads the names of blocks as they were written', () => {
  fc.assert(
    fc.property(id, id, fc.integer({ min: 1, max: 40 }), (month, block, number) => {
      expect(monthOfSetBlock(setBlockKey(month, block))).toBe(month);
      expect(readLaidKey(laidKey(block, number))).toEqual({ block, way: String(number) });
      expect(readLaidKey(laidKey(block, number, month))).toEqual({ block, way: `${month}.${number}` });
      expect(readLaidKey(block)).toEqual({ block });
      expect([poolKey(), poolKey(month), block].map(isPoolKey)).toEqual([true, true, false]);
    }),
  );
});

it('calls a piece by its cut, and a part of the quilt by what it is and how large', () => {
  expect(pieceTitle('m1:cold-frame:A1')).toBe('A1');
  expect(pieceTitle('m12:quilt:side border@2 1/2x60')).toBe('side border 2 1/2 × 60');
  expect(pieceTitle('quilt:binding')).toBe('binding');
});
