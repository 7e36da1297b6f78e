/** A reading as a block: letters for its fabrics, and what is in doubt. */
import { formatHex } from '../ink/colour-spaces';
import type { Block } from '../block';
import type { Doubt, Reading } from './reading';

const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';

export interface PictureBlock {
  block: Block;
  /** The fabrics as the picture shows them, by letter: what covers most is A. */
  fabrics: { letter: string; colour: string }[];
  /** Patches, by their place in the block, of which another fabric is nearly as likely. */
  doubtfulPatches: number[];
  doubtfulSeams: readonly Doubt[];
}

/** The block of a reading. Fabrics beyond the alphabet share its last letter. */
export function blockOf({ grid, patches, fabrics, doubts }: Reading): PictureBlock {
  const letter = (fabric: number) => LETTERS[Math.min(fabric, LETTERS.length - 1)]!;
  return {
    block: {
      ...{ id: 'block', name: 'block', grid },
      patches: patches.map(({ fabric, points }) => ({ role: letter(fabric), points })),
    },
    fabrics: fabrics.slice(0, LETTERS.length).map(([l, a, b], i) => ({
      letter: letter(i),
      colour: formatHex({ mode: 'lab65', l, a, b }),
    })),
    doubtfulPatches: patches.flatMap(({ doubtful }, i) => (doubtful ? [i] : [])),
    doubtfulSeams: doubts,
  };
}
