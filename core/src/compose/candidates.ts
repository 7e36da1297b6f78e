/** Blocks that a year can be composed of, each with what has to be known of it: what it teaches, what it asks, how long it takes. */
import { PER_CELL, library, readBlock, roleShares, rolesOf, type Block } from '../block';
import { gridRemedies, type SewingStyle, type Skill, type Technique } from '../construction';
import { roleSeams, type RoleSeam } from '../fabric';
import type { Exact } from '../measure';
import known from './generated/known-blocks.json';
import type { KnownBlock } from './known-blocks';
import { isEven, varied } from './variations';

export interface Candidate {
  /** Of the drawing in the library that it is, or is made of. */
  from: string;
  varied: boolean;
  /** It stands in the year already, in the programme's letters. */
  kept?: true;
  block: Block;
  techniques: readonly Technique[];
  skill: Skill;
  /** For one block, by hand at a steady pace. */
  minutes: number;
  /** The letter that lies behind the others: most of the block's edge is of it. */
  ground: string;
  seams: readonly RoleSeam[];
  shares: readonly { role: string; share: number }[];
  /** Whether it looks the same in a mirror. */
  even: boolean;
}

/** Finished, in inches or centimetres: what is smaller is no pleasure to sew. */
const SMALLEST = { in: 0.75, cm: 2 };

/**
 * Every block of the library, and every variation of one, that serves at that finished size: its grid suits the ruler, and no unit is too small. What
 * they teach and ask is worked out beforehand (core/scripts/generate-known-blocks.mjs): to construct them all takes seconds.
 */
export function candidates({ finished, style }: { finished: Exact; style: SewingStyle }): Candidate[] {
  const drawings = new Map(library.map((file) => [file.id, readBlock(file, '').block]));
  return (known as readonly KnownBlock[]).flatMap(({ from, turns, smallest, ...facts }) => {
    const drawn = drawings.get(from)!;
    if (smallest * finished.toNumber() < SMALLEST[style.unit]) return [];
    if (gridRemedies(drawn, [finished, finished], style).length > 0) return [];
    const block = turns ? varied(drawn, turns) : drawn;
    return {
      ...{ from, block, ...facts, varied: turns !== undefined },
      ...{ ground: groundOf(block), seams: roleSeams(block), shares: roleShares(block), even: isEven(block) },
    };
  });
}

/** The letter with the most of the block's edge; of two alike the one that covers more. */
function groundOf(block: Block): string {
  const [w, h] = [block.grid[0] * PER_CELL, block.grid[1] * PER_CELL];
  const along = new Map<string, number>(rolesOf(block).map((role) => [role, 0]));
  for (const { role, points } of block.patches)
    points.forEach(([x, y], i) => {
      const [nx, ny] = points[(i + 1) % points.length]!;
      const onEdge = (x === nx && (x === 0 || x === w)) || (y === ny && (y === 0 || y === h));
      if (onEdge) along.set(role, along.get(role)! + Math.abs(nx - x) + Math.abs(ny - y));
    });
  const shares = new Map(roleShares(block).map(({ role, share }) => [role, share]));
  return [...along].sort((a, b) => b[1] - a[1] || shares.get(b[0])! - shares.get(a[0])!)[0]![0];
}
