/** How much a programme may hold: what is drawn, planned and printed takes time by it, and everybody else waits for that time. */
import type { Problem } from '../../block';
import type { ProgrammeFile } from '../document/document';
import { words } from './words';

/** Blocks in all months together: fifty a month for a year. */
export const MOST_BLOCKS_IN_MONTHS = 600;
/** Patches of these blocks together, each counted as often as it stands in a month: a hundred in each. */
export const MOST_PATCHES_IN_MONTHS = 60_000;

/** What is too much in a document of sound shape; nothing where it may be read. */
export function boundProblems({ blocks = [], months = [] }: Pick<ProgrammeFile, 'blocks' | 'months'>): Problem[] {
  const entries = months.flatMap((month) => month.blocks ?? []);
  if (entries.length > MOST_BLOCKS_IN_MONTHS)
    return [{ path: '/months', message: words.tooManyBlocks(entries.length, MOST_BLOCKS_IN_MONTHS) }];
  const patches = new Map(blocks.map((b) => [b.id, b.patches?.length ?? 0]));
  const drawn = entries.reduce((sum, entry) => sum + (patches.get(entry.block) ?? 0), 0);
  return drawn > MOST_PATCHES_IN_MONTHS
    ? [{ path: '/months', message: words.tooManyPatches(drawn, MOST_PATCHES_IN_MONTHS) }]
    : [];
}
