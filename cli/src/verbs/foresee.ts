/** foresee FILE --block ID: how likely a block comes out at its size; --quilt: how well the quilt goes together. */
import type { Construction } from '@aggrega/core/construction';
import {
  cutLarge,
  easedBetween,
  foresee,
  foreseeQuilt,
  intervalOf,
  measuredBy,
  type Calibrated,
  type ForeseenPart,
  type MeasuredBlock,
  type Sized,
} from '@aggrega/core/foresee';
import { formatLength, LengthError, parseLength } from '@aggrega/core/measure';
import { PlanError } from '@aggrega/core/programme';
import { readRecords } from '@aggrega/core/table';
import { readFileSync } from 'node:fs';
import type { Verb } from '../main';
import { UsageError, pick, readOptions } from '../usage';
import { words as said } from '../words';
import { BLOCK_OPTIONS, constructed } from './construct';

export const foreseeVerb: Verb = (loaded, words) => {
  const asked = readOptions(words, [...BLOCK_OPTIONS, 'measured', 'colourway', 'size'], ['quilt']);
  return asked.quilt ? ofQuilt(loaded, asked) : ofBlock(loaded, asked);
};

type Asked = Partial<Record<(typeof BLOCK_OPTIONS)[number] | 'measured' | 'colourway' | 'size', string>>;
type Loaded = Parameters<Verb>[0];

function ofBlock(loaded: Loaded, { measured, colourway, size, ...options }: Asked) {
  if (colourway !== undefined || size !== undefined) throw new UsageError(said.onlyOfQuilts);
  const c = constructed(loaded, options);
  const sized = ({ oversize, ...of }: Sized) => ({ oversize: formatLength(oversize, c.style.unit), ...of });
  const group = measured === undefined ? undefined : measuredBy(c, measuredIn(measured, c));
  const large = cutLarge(c, group?.people);
  const { block, parts, ...foreseen } = foresee(c, group?.people);
  // The forty of the block are told; those of each side of each part would drown them.
  const short = ({ people, sides, ...part }: ForeseenPart) => ({
    ...part,
    sides: sides.map(({ way, expected, mean, sd }) => ({ way, expected, mean, sd })),
    within: [people[0], people.at(-1)],
  });
  const all = {
    ...{ id: c.block.id, unit: c.style.unit, block: short(block), parts: parts.map(short), people: block.people, ...foreseen },
    ...(group && { measured: told(group, c) }),
    cutLarge: large ? { ...large, exact: sized(large.exact), large: sized(large.large) } : null,
  };
  return rounded(all);
}

function ofQuilt({ programme }: Loaded, asked: Asked) {
  if (asked.measured !== undefined || BLOCK_OPTIONS.some((name) => asked[name] !== undefined))
    throw new UsageError(said.onlyOfBlocks);
  const size = asked.size === undefined ? undefined : pick(programme.sizes, asked.size, said.sizeOption);
  const colourway =
    asked.colourway === undefined ? programme.colourways[0]! : pick(programme.colourways, asked.colourway, 'colourway');
  const found = foreseeQuilt(programme, { colourway, size });
  if (!found) throw refuse('/setting', programme.setting ? said.partsInterlock : said.noSettingYet);
  return rounded({ unit: programme.unit, ...found });
}

/** Beyond four decimals a forecast says nothing. */
const rounded = (all: unknown): unknown =>
  JSON.parse(JSON.stringify(all, (_, value: unknown) => (typeof value === 'number' ? Number(value.toFixed(4)) : value)));

const refuse = (path: string, message: string) => new PlanError([{ path, message }]);

/** What a group's measurements say of it: in threads what a seam takes, from person to person, and the share that comes out. */
const told = (group: Calibrated, c: Construction) => ({
  ...{ persons: group.persons, measures: group.measures },
  taken: intervalOf(group.habits, ({ taken }) => taken),
  habit: intervalOf(group.habits, ({ habit }) => habit),
  eased: easedBetween(c, group),
});

/** Sizes of finished blocks before they are set: a table with the columns person, across and down. Throws PlanError for what is none. */
function measuredIn(path: string, { style: { unit }, unfinished }: Construction): MeasuredBlock[] {
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
