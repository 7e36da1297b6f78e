/** construct FILE --block ID: how one block is cut and sewn. */
import { constructionContract } from '@aggrega/core/construction';
import { Exact, LengthError, parseLength, type LengthUnit } from '@aggrega/core/measure';
import { constructMonthBlock, type MonthBlock } from '@aggrega/core/programme';
import type { Verb } from '../main';
import { UsageError, pick, readOptions } from '../usage';

export const constructVerb: Verb = ({ programme }, words) => {
  const options = readOptions(words, ['block', 'month', 'finished']);
  if (options.block === undefined) throw new UsageError('construct needs --block ID');
  const block = pick(programme.blocks, options.block, 'block');
  const finished = options.finished === undefined ? undefined : readFinished(options.finished, block.grid, programme.unit);
  return constructionContract(constructMonthBlock(programme, entryOf()));

  function entryOf(): MonthBlock {
    if (options.month !== undefined) {
      const month = pick(programme.months, options.month, 'month');
      const entries = month.blocks.filter((e) => e.block === block);
      const entry = finished ? entries.find((e) => sameSize(e.finished, finished)) : entries[0];
      if (!entry)
        throw new UsageError(
          `month '${month.id}' does not hold block '${block.id}'${finished ? ` at ${options.finished}` : ''}`,
        );
      if (!finished && entries.length > 1)
        throw new UsageError(`month '${month.id}' holds '${block.id}' at several sizes; choose with --finished`);
      return entry;
    }
    const first = programme.months.flatMap((m) => m.blocks).find((e) => e.block === block);
    if (!first && !finished) throw new UsageError(`no month uses block '${block.id}'; give its size with --finished`);
    const style = first?.style ?? programme.house;
    return { block, finished: finished ?? first!.finished, make: 1, style, key: block.id, path: '' };
  }
};

type Size = readonly [Exact, Exact];

function sameSize(a: Size, b: Size): boolean {
  return a[0].equals(b[0]) && a[1].equals(b[1]);
}

/** '12', or '12x8' where cells are not square. */
function readFinished(written: string, grid: readonly [number, number], unit: LengthUnit): Size {
  try {
    const [w, h, ...more] = written.split(/[x×]/i).map((side) => parseLength(side, unit));
    const height = h ?? w!.div(grid[0]).mul(grid[1]);
    if (more.length > 0 || w!.equals(0) || height.equals(0)) throw new LengthError(`'${written}' is no size; write 12 or 12x8`);
    return [Exact.of(w!), Exact.of(height)];
  } catch (error) {
    if (error instanceof LengthError) throw new UsageError(`--finished: ${error.message}`);
    throw error;
  }
}
