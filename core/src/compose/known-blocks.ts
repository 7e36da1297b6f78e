/** What is known of the blocks of the library and of their variations before a year is composed; written to generated/known-blocks.json. */
import { library, readBlock, type Block } from '../block';
import { construct, effortOf, inchStyle, skillOf, techniquesOf, type Skill, type Technique } from '../construction';
import { Exact, ratio } from '../measure';
import { isEven, lookOf, varied, variationsOf, type Turns } from './variations';

export interface KnownBlock {
  /** Of the drawing in the library. */
  from: string;
  /** How it is varied; left out for the drawing itself. */
  turns?: Turns;
  techniques: readonly Technique[];
  skill: Skill;
  /** For one block, by hand at a steady pace. */
  minutes: number;
  /** The shortest side of a unit, as a share of the block's side. */
  smallest: number;
}

/** Minutes for one block at most: a longer one is a quilt's middle, not a month's. */
const LONGEST = 120;
/** Of one drawing: those that look the same in a mirror first, then those that are quickest to sew. */
const VARIATIONS = 10;

/** All that serve: square, sewn without a warning, and no two that look alike. A variation is never harder to sew than its drawing, nor much longer. */
export function knownBlocks(): KnownBlock[] {
  const looks = new Set<string>();
  const isNew = (block: Block) => looks.size < looks.add(lookOf(block)).size;
  const drawings = library
    .map((file) => readBlock(file, '').block)
    .filter((block) => block.grid[0] === block.grid[1] && isNew(block));
  return drawings.flatMap((block) => {
    const own = factsOf(block);
    if (!own) return [];
    const others = variationsOf(block).flatMap((turns): KnownBlock[] => {
      const drawn = varied(block, turns);
      const facts = isNew(drawn) && factsOf(drawn);
      // Parts that do not meet as they did may ask for seams that nobody drew on purpose.
      const harder = !facts || facts.skill > own.skill || facts.techniques.some((t) => !own.techniques.includes(t));
      return harder || facts.minutes > own.minutes * 1.25 ? [] : [{ from: block.id, turns, ...facts }];
    });
    const uneven = (b: KnownBlock) => Number(!isEven(varied(block, b.turns!)));
    const best = others.sort((a, b) => uneven(a) - uneven(b) || a.minutes - b.minutes).slice(0, VARIATIONS);
    return [{ from: block.id, ...own }, ...best];
  });
}

function factsOf(block: Block): Omit<KnownBlock, 'from' | 'turns'> | undefined {
  // A size at which its grid is no trouble: two inches a cell.
  const side = ratio(block.grid[0]).mul(2);
  const finished = Exact.of(side);
  const c = construct(block, { finished: [finished, finished], make: 1, style: inchStyle });
  const minutes = Math.round(effortOf(c).minutes * 10) / 10;
  if (c.warnings.length > 0 || minutes > LONGEST) return undefined;
  const shortest = Math.min(...c.units.flatMap((u) => [u.w.toNumber(), u.h.toNumber()]));
  return { techniques: techniquesOf(c), skill: skillOf(c), minutes, smallest: round(shortest / side.valueOf()) };
}

const round = (n: number) => Math.round(n * 1e6) / 1e6;
