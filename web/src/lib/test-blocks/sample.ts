/** What can be measured of a test block, and what its measurements have to say on the sheet. */
import { seamsAcross, unitMeasure } from '@aggrega/core/construction';
import { formatLength, type Exact, type LengthUnit } from '@aggrega/core/measure';
import { constructMonthBlock, type Colourway, type MonthBlock, type Note, type Programme } from '@aggrega/core/programme';
import { missedSizes, readSizes, writtenLength, type WrittenSize } from '@aggrega/core/running';
import type { Foreseen, ForeseenPart } from '@aggrega/core/foresee';
import { words } from './words';

export interface Checkpoint extends Pick<WrittenSize, 'what' | 'expected' | 'seams'> {
  /** The unit's label; undefined for the block itself. */
  unit?: string;
}

/** The units of a block and the block itself, with the size that each should measure. */
export function checkpointsOf(programme: Programme, entry: MonthBlock, colourway: Colourway): Checkpoint[] {
  const c = constructMonthBlock(programme, entry, colourway);
  // As exact as a ruler could be: a size between two marks stands as a decimal.
  const written = (x: Exact) => (x.isRational ? formatLength(x, programme.unit) : x.toNumber().toFixed(3));
  const units = c.units.map((u) => ({
    unit: u.label,
    what: `${u.label}, ${u.kind.title}`,
    expected: written(unitMeasure(u, c.style).w),
    seams: seamsAcross(u.seen.picture.patches),
  }));
  return [...units, { what: entry.block.name, expected: written(c.unfinished[0]), seams: seamsAcross(c.cloth.patches) }];
}

export interface ExpectedRow {
  name: string;
  unit?: string;
  part: ForeseenPart;
  measured: { written: string; off: number }[];
}

/** The forecast of each checkpoint, with what was measured of it. */
export function expectedRows(
  { parts, block }: Foreseen,
  points: readonly Checkpoint[],
  sizes: readonly WrittenSize[],
  unit: LengthUnit,
): ExpectedRow[] {
  const row = (part: ForeseenPart, point: Checkpoint | undefined, name: string): ExpectedRow => ({
    ...{ name, unit: part.unit, part },
    measured: sizes.flatMap((size) => {
      const [is, should] = [writtenLength(size.measured, unit), writtenLength(size.expected, unit)];
      if (size.what !== point?.what || is === undefined || should === undefined) return [];
      return [{ written: size.measured, off: is - should }];
    }),
  });
  return [
    ...parts.map((part) => {
      const point = part.unit === undefined ? undefined : points.find((p) => p.unit === part.unit);
      return row(part, point, point?.what ?? part.unit ?? words.partN((part.part ?? 0) + 1));
    }),
    row(block, points.at(-1), points.at(-1)!.what),
  ];
}

/** Lines for the checkpoints of a sheet that do not stand there yet. */
export function unsaidOf(notes: readonly Note[], sizes: readonly WrittenSize[], { unit }: Programme): string[] {
  const said = notes.flatMap((note) => note.text.split('\n'));
  return missedSizes(readSizes(sizes, unit), unit).filter((line) => !said.includes(line));
}

/** What was filled in of a form: minutes above nothing, sizes with both numbers. */
export const filledIn = <Step extends string>(minutes: Partial<Record<Step, number>>, sizes: readonly WrittenSize[]) => ({
  minutes: Object.fromEntries(Object.entries(minutes).filter(([, n]) => typeof n === 'number' && n > 0)),
  measured: sizes.filter((s) => s.expected.trim() && s.measured.trim()),
});
