/**
 * Where blocks of one quilt meet without sashing, their outermost seams should nest too; turning every second block is the usual
 * remedy (docs/craft.md, Pressing).
 */
import type { Construction } from '../construct';
import { extent } from '../picture';

/** Seams that meet around one block, on its four sides. */
export interface EdgeNests {
  crossings: number;
  nested: number;
}

export interface Neighbours {
  /** Copies of the block side by side and one below the other, all lying as drawn. */
  asDrawn: EdgeNests;
  /** Every second one turned: by how many quarters it works best, where that is better. */
  turned?: EdgeNests & { quarters: number };
}

/** A seam end on the block's edge: how far along, and which way the allowance goes (1: on along the edge clockwise). */
type Ends = Map<number, 1 | -1>;

/** Seam ends on the top, right, bottom and left edge, measured clockwise along each. */
function edges(c: Construction): Ends[] {
  const [x, y, w, h] = extent(c.cloth.patches);
  const ends: Ends[] = [new Map(), new Map(), new Map(), new Map()];
  for (const { from, to, towards } of c.pressing.seams) {
    if (!towards) continue;
    for (const [px, py] of [from, to]) {
      const note = (edge: number, along: number, way: number) => {
        if (along > 0 && way !== 0) ends[edge]!.set(along, way > 0 ? 1 : -1);
      };
      if (py === y && px < x + w) note(0, px - x, towards[0]);
      else if (px === x + w && py < y + h) note(1, py - y, towards[1]);
      else if (py === y + h && px > x) note(2, x + w - px, -towards[0]);
      else if (px === x && py > y) note(3, y + h - py, -towards[1]);
    }
  }
  return ends;
}

/** Two edges laid against each other, one running clockwise, the other back. */
function meet(a: Ends, b: Ends, length: number): EdgeNests {
  let [crossings, nested] = [0, 0];
  for (const [along, way] of a) {
    const other = b.get(length - along);
    if (other === undefined) continue;
    crossings += 1;
    // Both count clockwise around their own block, so ways that agree lie against each other.
    if (other === way) nested += 1;
  }
  return { crossings, nested };
}

/** How the block meets its own copies in a plain grid, as drawn and with every second one turned. */
export function neighbourPressing(c: Construction): Neighbours {
  const own = edges(c);
  const [, , w, h] = extent(c.cloth.patches);
  const beside = (quarters: number): EdgeNests => {
    const turned = (edge: number) => own[(edge + 4 - quarters) % 4]!;
    // The drawn block's right edge meets the other's left, and so on around.
    const all = [0, 1, 2, 3].map((edge) => meet(own[edge]!, turned((edge + 2) % 4), edge % 2 === 0 ? w : h));
    return {
      crossings: all.reduce((n, m) => n + m.crossings, 0),
      nested: all.reduce((n, m) => n + m.nested, 0),
    };
  };
  const asDrawn = beside(0);
  const turns = (w === h ? [1, 2, 3] : [2]).map((quarters) => ({ quarters, ...beside(quarters) }));
  const better = turns.filter((t) => lost(t) < lost(asDrawn)).sort((a, b) => lost(a) - lost(b) || a.quarters - b.quarters)[0];
  return { asDrawn, ...(better && { turned: better }) };
}

const lost = ({ crossings, nested }: EdgeNests) => crossings - nested;
