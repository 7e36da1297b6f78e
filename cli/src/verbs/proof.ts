/** proof FILE --block ID TEXTFILE: a cutting list as somebody wrote it, held against the drawing of a block, or of all blocks of a month. */
import { readFileSync } from 'node:fs';
import { constructMonthBlock, PlanError } from '@aggrega/core/programme';
import { knownFabrics, proofContract, proofread } from '@aggrega/core/proof';
import type { Verb } from '../main';
import { pick, readOptions, UsageError } from '../usage';
import { words as said } from '../words';
import { constructed } from './construct';

/** A text of more than this is no cutting list. */
const MOST_BYTES = 2_000_000;

/** What each line of the list is. Throws PlanError for a file that cannot be read. */
export const proofVerb: Verb = ({ programme }, given) => {
  // Every option has a value: what is left over is the list.
  if (given.length % 2 === 0) throw new UsageError(said.proofNeeds);
  const options = readOptions(given.slice(0, -1), ['block', 'month', 'finished', 'colourway', 'blocks']);
  if (options.block === undefined && options.month === undefined) throw new UsageError(said.proofNeeds);
  const { blocks } = options;
  if (blocks !== undefined && !/^[1-9]\d{0,3}$/.test(blocks)) throw new UsageError(said.isNoNumber('blocks', blocks));
  const colourway =
    options.colourway === undefined ? programme.colourways[0]! : pick(programme.colourways, options.colourway, 'colourway');
  // Without a block, all those of the month.
  const drawn =
    options.block === undefined
      ? pick(programme.months, options.month!, 'month').blocks.map((entry) => constructMonthBlock(programme, entry, colourway))
      : [constructed({ programme }, options, colourway)];
  if (drawn.length === 0) throw new UsageError(said.monthSewsNothing(options.month));
  const asked = { fabrics: knownFabrics(drawn, colourway.fabrics), ...(blocks !== undefined && { blocks: Number(blocks) }) };
  const proof = proofread(textOf(given.at(-1)!), drawn, asked);
  return { blocks: drawn.map((c) => c.block.id), ...proofContract(proof, programme.unit) };
};

function textOf(path: string): string {
  try {
    const bytes = readFileSync(path);
    if (bytes.length > MOST_BYTES) throw new Error(said.theListIsTooLong);
    const text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
    if (text.includes('\0') || text.startsWith('%PDF')) throw new Error(said.theListIsNoText);
    return text;
  } catch (error) {
    const message = error instanceof TypeError ? said.theListIsNoText : (error as Error).message;
    throw new PlanError([{ path: '', message: said.theListCannotBeRead(message) }]);
  }
}
