/** Forecasts as a page asks for them: plain data, for a worker. */
import {
  foresee,
  foreseeQuilt,
  groupOf,
  type Foreseen,
  type ForeseenQuilt,
  type People,
  type SizeBySeams,
} from '@aggrega/core/foresee';
import { constructSewn, PlanError, readProgramme, type Programme, type ProgrammeFile } from '@aggrega/core/programme';
import { words } from './words';

/** How many people have measured, and how many sizes. */
export interface Group {
  persons: number;
  measures: number;
}

export interface Asked {
  document: ProgrammeFile;
  colourway: string;
  /** What the group has measured. */
  sizes: readonly SizeBySeams[];
}

/** What was found, or why there is nothing. */
export type Forecast<T> = (T & { group?: Group }) | { problem: string };

/** The forecast of a month's block. */
export const blockForecast = ({ month, block, ...asked }: Asked & { month: string; block: string }): Forecast<Foreseen> =>
  forecast(asked, (programme, colourway, people) => {
    const entry = programme.months.find((m) => m.id === month)?.blocks.find((b) => b.key === block);
    return entry && foresee(constructSewn(programme, entry, colourway), people);
  });

/** The forecast of the quilt, of the plain size or of a larger one. */
export const quiltForecast = (
  { size: sizeId, ...asked }: Asked & { size: string },
  report: (share: number) => void,
): Forecast<ForeseenQuilt> =>
  forecast(asked, (programme, colourway, people) => {
    const size = programme.sizes.find((s) => s.id === sizeId);
    return foreseeQuilt(programme, { colourway, size, people, report }) ?? { problem: words.thisQuiltInterlocks };
  });

function forecast<T extends object>(
  { document, colourway: colourwayId, sizes }: Asked,
  find: (programme: Programme, colourway: Programme['colourways'][number], people?: People) => Forecast<T> | undefined,
): Forecast<T> {
  const reading = readProgramme(document);
  const programme = reading.ok ? reading.programme : undefined;
  const colourway = programme?.colourways.find((c) => c.id === colourwayId);
  if (!programme || !colourway) return { problem: words.theForecastFailed };
  const { persons, measures, people } = groupOf(sizes, programme.unit);
  try {
    const found = find(programme, colourway, persons > 0 ? people : undefined) ?? { problem: words.theForecastFailed };
    return persons > 0 && !('problem' in found) ? { ...found, group: { persons, measures } } : found;
  } catch (error) {
    if (error instanceof PlanError) return { problem: error.problems[0]!.message };
    throw error;
  }
}
