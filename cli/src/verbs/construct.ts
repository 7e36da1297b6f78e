/** construct FILE --block ID: how one block is cut and sewn; foresee FILE --block ID: how likely it comes out at its size. */
import { constructionContract, type Construction } from '@aggrega/core/construction';
import {
  cutLarge,
  easedBetween,
  foresee,
  intervalOf,
  measuredBy,
  type Calibrated,
  type MeasuredBlock,
  type Sized,
} from '@aggrega/core/foresee';
import { Exact, formatLength, LengthError, parseLength, type LengthUnit } from '@aggrega/core/measure';
import { constructMonthBlock, PlanError, type Colourway, type MonthBlock } from '@aggrega/core/programme';
import { readRecords } from '@aggrega/core/table';
import { readFileSync } from 'node:fs';
import type { Verb } from '../main';
import { UsageError, pick, readOptions } from '../usage';
import { words as said } from '../words';

const NAMES = ['block', 'month', 'finished'] as const;

export const constructVerb: Verb = (loaded, words) => constructionContract(constructed(loaded, readOptions(words, NAMES)));

export const foreseeVerb: Verb = (loaded, words) => {
  const { measured, ...options } = readOptions(words, [...NAMES, 'measured']);
  const c = constructed(loaded, options);
  const sized = ({ oversize, ...of }: Sized) => ({ oversize: formatLength(oversize, c.style.unit), ...of });
  const group = measured === undefined ? undefined : measuredBy(c, measuredIn(measured, c));
  const large = cutLarge(c, group?.people);
  const { block, ...foreseen } = foresee(c, group?.people);
  const all = {
    ...{ id: c.block.id, unit: c.style.unit, block, ...foreseen },
    ...(group && { measured: told(group, c) }),
    cutLarge: large ? { ...large, exact: sized(large.exact), large: sized(large.large) } : null,
  };
  // Beyond four decimals a forecast says nothing.
  return JSON.parse(JSON.stringify(all, (_, value: unknown) => (typeof value === 'number' ? Number(value.toFixed(4)) : value)));
};

/** What a group's measurements say of it: in threads what a seam takes, from person to person, and the share that comes out. */
const told = (group: Calibrated, c: Construction) => ({
  ...{ persons: group.persons, measures: group.measures },
  taken: intervalOf(group.habits, ({ taken }) => taken),
  habit: intervalOf(group.habits, ({ habit }) => habit),
  eased: easedBetween(c, group),
});

/** Sizes of finished blocks before they are set: a table with the columns person, across and down. Throws PlanError for what is none. */
function measuredIn(path: string, { style: { unit }, unfinished }: Construction): MeasuredBlock[] {
  const refuse = (place: string, message: string) => new PlanError([{ path: place, message }]);
  let rows: Record<string, string>[];
  try {
    rows = readRecords(readFileSync(path, 'utf8'));
  } catch (error) {
    throw refuse('', said.theTableCannotBeRead((error as Error).message));
  }
  if (rows.length === 0) throw refuse('', said.nobodyHasMeasured);
  return rows.map((row, i) => {
    const place = `/${i + 1}`;
    const person = row.person?.trim();
    if (!person) throw refuse(place, said.aMeasureHasAPerson);
    const sides = (['across', 'down'] as const).map((side, at) => {
      const written = row[side]?.trim();
      if (!written) return undefined;
      try {
        const size = parseLength(written, unit).valueOf();
        // What is half as large or twice as large is a slip of the pen, or another block.
        const off = size / unfinished[at]!.toNumber();
        if (off < 0.5 || off > 2) throw new LengthError(said.isNoSizeOfThisBlock(written));
        return size;
      } catch (error) {
        if (error instanceof LengthError) throw refuse(`${place}/${side}`, error.message);
        throw error;
      }
    });
    return { person, sides };
  });
}

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
