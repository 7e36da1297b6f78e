/** Ways of turning the blocks of a quilt, which make the secondary patterns (docs/craft.md, Setting a quilt). */

/** Quarter turns clockwise by row and column of a repeat of two by two. */
const REPEATS = {
  'one-way': [
    [0, 0],
    [0, 0],
  ],
  'pairs-facing': [
    [0, 2],
    [0, 2],
  ],
  fans: [
    [0, 1],
    [0, 1],
  ],
  pinwheel: [
    [0, 1],
    [3, 2],
  ],
  alternating: [
    [0, 1],
    [1, 0],
  ],
} as const;

export type Turning = keyof typeof REPEATS;
export const turnings = Object.keys(REPEATS) as Turning[];

/**
 * Quarter turns of the block in that column and row, counted from 0 along its own edges. A block that is not square can only be turned
 * half round: what would turn it a quarter turns it by two.
 */
export function turnAt(turning: Turning, column: number, row: number, square: boolean): number {
  const turn = REPEATS[turning][mod2(row)]![mod2(column)]!;
  return square || turn % 2 === 0 ? turn : 2;
}

const mod2 = (n: number) => ((n % 2) + 2) % 2;
