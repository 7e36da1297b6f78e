/** What an evening at the cutting table costs: strokes of the blade through the stack, settings of the ruler, minutes. */
import type { FabricPlan, Strip } from './strips';
import { subCuts, type SubCut } from './steps';

/** Minutes for each thing done. A rule of thumb of our own, until a shop's log takes its place. */
export interface Rates {
  /** To press, fold and square the end of a length of cloth. */
  fabric: number;
  /** To set the ruler to another measure and find its line in the list. */
  setting: number;
  /** One stroke of the blade, with laying the ruler on. */
  pass: number;
  /** To stack one strip on the pile. */
  strip: number;
}

export const usualRates: Rates = { fabric: 4, setting: 0.5, pass: 0.2, strip: 0.15 };

export interface Labour {
  strips: number;
  /** Strokes of the blade: what the evening costs, not the number of pieces. */
  passes: number;
  settings: number;
  minutes: number;
}

/** `layers`: how many strips are stacked open for sub-cutting, the house's limit (docs/craft.md, How fabric is cut). */
export function labourOf(
  { strips, settings }: Pick<FabricPlan, 'strips' | 'settings'>,
  layers: number,
  rates = usualRates,
): Labour {
  const count = strips.reduce((n, s) => n + s.repeat, 0);
  const passes = strips.reduce((n, s) => n + passesOf(s, layers), 0);
  const minutes = count === 0 ? 0 : rates.fabric + settings * rates.setting + passes * rates.pass + count * rates.strip;
  return { strips: count, passes, settings, minutes };
}

/** Strokes for all repeats of a strip: one each to cut it off, then those of its sub-cuts for every stack. */
export function passesOf(strip: Strip, layers: number): number {
  return strip.repeat + Math.ceil(strip.repeat / layers) * subCuts(strip).reduce((n, sub) => n + sub.times * strokesOf(sub), 0);
}

/** Minutes for one step of a list, all repeats of a strip: the settings, the strokes and the stacking, without laying out the cloth. */
export function stepMinutes(strip: Strip, layers: number, rates = usualRates): number {
  const settings = new Set(['length']);
  for (const { width, rows, cutDown } of subCuts(strip)) {
    settings.add(`across ${width.toFraction()}`);
    for (const row of rows) {
      if (cutDown) settings.add(`down ${row.length.toFraction()}`);
      for (const { width: again } of row.pieces) if (again) settings.add(`again ${again.toFraction()}`);
    }
  }
  return settings.size * rates.setting + passesOf(strip, layers) * rates.pass + strip.repeat * rates.strip;
}

function strokesOf({ rows, cutDown }: SubCut): number {
  const down = cutDown ? rows.reduce((n, row) => n + row.times, 0) : 0;
  const again = rows.reduce((n, row) => n + row.times * (row.pieces.reduce((k, p) => k + p.count, 0) - 1), 0);
  return 1 + down + again;
}

/**
 * Shares tasks among so many hands so that all are done about together: the longest task first, each to whoever is free first (at
 * most a third longer than the best sharing; Graham, 1969). Returns the tasks of each, in the order given.
 */
export function shareOut<T>(tasks: readonly T[], minutes: (task: T) => number, hands: number): T[][] {
  const shares = Array.from({ length: hands }, () => ({ tasks: new Set<T>(), minutes: 0 }));
  for (const task of [...tasks].sort((a, b) => minutes(b) - minutes(a))) {
    const free = shares.reduce((a, b) => (b.minutes < a.minutes ? b : a));
    free.tasks.add(task);
    free.minutes += minutes(task);
  }
  return shares.map((share) => tasks.filter((t) => share.tasks.has(t)));
}
