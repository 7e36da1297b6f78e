/** construct FILE --block ID: how one block is cut and sewn. */
import { constructionContract, type Construction } from '@aggrega/core/construction';
import { Exact, LengthError, parseLength, type LengthUnit } from '@aggrega/core/measure';
import { constructMonthBlock, type Colourway, type MonthBlock } from '@aggrega/core/programme';
import type { Verb } from '../main';
import { UsageError, pick, readOptions } from '../usage';
import { words as said } from '../words';

/** What names a block. */
export const BLOCK_OPTIONS = ['block', 'month', 'finished'] as const;

export const constructVerb: Verb = (loaded, words) =>
  constructionContract(constructed(loaded, readOptions(words, BLOCK_OPTIONS)));

/** The block that is asked for, as its month makes it; in a colourway where one is named. */
export function constructed(
  { programme }: Pick<Parameters<Verb>[0], 'programme'>,
  options: { block?: string; month?: string; finished?: string },
  colourway?: Colourway,
): Construction {
  if (options.block === undefined) throw new UsageError(said.constructNeedsBlockId);
  const block = pick(programme.blocks, options.block, 'block');
  const finished = options.finished === undefined ? undefined : readFinished(options.finished, block.grid, programme.unit);
  return constructMonthBlock(programme, entryOf(), colourway);

  function entryOf(): MonthBlock {
    if (options.month !== undefined) {
      const month = pick(programme.months, options.month, 'month');
      const entries = month.blocks.filter((e) => e.block === block);
      const entry = finished ? entries.find((e) => sameSize(e.finished, finished)) : entries[0];
      if (!entry)
        throw new UsageError(said.monthDoesNotHoldBlock(month.id, block.id, finished ? said.atWords(options.finished) : ''));
      if (!finished && entries.length > 1) throw new UsageError(said.monthHoldsAtSeveralSizesChoose(month.id, block.id));
      return entry;
    }
    const first = programme.months.flatMap((m) => m.blocks).find((e) => e.block === block);
    if (!first && !finished) throw new UsageError(said.noMonthUsesBlockGiveIts(block.id));
    const style = first?.style ?? programme.house;
    return { block, finished: finished ?? first!.finished, make: 1, style, key: block.id, path: '' };
  }
}

type Size = readonly [Exact, Exact];

function sameSize(a: Size, b: Size): boolean {
  return a[0].equals(b[0]) && a[1].equals(b[1]);
}

/** '12', or '12x8' where cells are not square. */
function readFinished(written: string, grid: readonly [number, number], unit: LengthUnit): Size {
  try {
    const [w, h, ...more] = written.split(/[x×]/i).map((side) => parseLength(side, unit));
    const height = h ?? w!.div(grid[0]).mul(grid[1]);
    if (more.length > 0 || w!.equals(0) || height.equals(0)) throw new LengthError(said.isNoSizeWrite12Or(written));
    return [Exact.of(w!), Exact.of(height)];
  } catch (error) {
    if (error instanceof LengthError) throw new UsageError(said.finished(error.message));
    throw error;
  }
}
