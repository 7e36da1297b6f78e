/** A way to catch up: what is not done yet, oldest month first, in weeks of as many hours as she has. */
import type { StepMinutes } from '../construction';
import { dayAfter } from '../programme';
import { progressSteps, type ProgressStep } from './progress';

export interface MonthToDo {
  id: string;
  name: string;
  minutes: StepMinutes;
  done: ReadonlySet<ProgressStep>;
}

export interface CatchUpWeek {
  /** Its first day: today, and so on by weeks. */
  from: string;
  parts: { month: string; step: ProgressStep; minutes: number }[];
}

/**
 * The weeks it takes, and what to do in each. A step that does not fit into what is left of a week goes on in the next. Somebody with no time at all
 * gets no weeks.
 */
export function catchUp(months: readonly MonthToDo[], { hours, today }: { hours: number; today: string }): CatchUpWeek[] {
  const budget = hours * 60;
  const weeks: CatchUpWeek[] = [];
  if (!(budget > 0)) return weeks;
  let left = 0;
  for (const { name, minutes, done } of months)
    for (const step of progressSteps) {
      if (done.has(step)) continue;
      for (let rest = minutes[step]; rest > EPSILON;) {
        if (left <= EPSILON) {
          weeks.push({ from: dayAfter(today, weeks.length * 7), parts: [] });
          left = budget;
        }
        const part = Math.min(rest, left);
        weeks.at(-1)!.parts.push({ month: name, step, minutes: part });
        rest -= part;
        left -= part;
      }
    }
  return weeks;
}

/** Minutes that are none but rounding. */
const EPSILON = 0.01;
