/** How fast this house sews, by its own log: what samples took against the rule of thumb. */
import type { StepMinutes } from '../construction';
import { progressSteps } from './progress';

/** Minutes that the rule of thumb counts as if they had been logged: one odd sample does not make every estimate jump. */
const THUMB = 60;

/** What minutes by the rule of thumb are multiplied with; 1 while nothing is logged. Steps that were not timed count for nothing. */
export function sewingPace(log: readonly { estimated: StepMinutes; took: Partial<StepMinutes> }[]): number {
  let [estimated, took] = [THUMB, THUMB];
  for (const one of log)
    for (const step of progressSteps) {
      if (one.took[step] === undefined || !(one.estimated[step] > 0)) continue;
      estimated += one.estimated[step];
      took += one.took[step];
    }
  return took / estimated;
}
