/** How long a month takes her at the table and the machine. */
import { stepMinutes, type StepMinutes } from '../construction';
import {
  constructMonthBlock,
  homeworkOf,
  making,
  poolMaking,
  type Colourway,
  type Month,
  type PoolOfUnits,
  type Programme,
  type SizeOption,
} from '../programme';
import { progressSteps } from './progress';

/** Minutes that a month's blocks take her, step by step, by the rule of thumb; for a larger size, all that she makes. */
export function monthMinutes(programme: Programme, month: Month, colourway: Colourway, size?: SizeOption): StepMinutes {
  const sum: StepMinutes = { cut: 0, units: 0, block: 0 };
  for (const entry of month.blocks) {
    const own = stepMinutes(constructMonthBlock(programme, making(entry, entry.make * (size?.make ?? 1)), colourway));
    for (const step of progressSteps) sum[step] += own[step];
  }
  // A pool is cut with the month that begins it; its units are sewn month by month.
  for (const { month: begun, pools, units, cuts } of makingsUpTo(programme, month, colourway, size)) {
    const { cut, units: sewing } = stepMinutes({ units, cuts });
    if (begun === month) sum.cut += cut;
    const made = pools.reduce((n, p) => n + p.made, 0);
    sum.units += made > 0 ? (sewing * pools.reduce((n, p) => n + sewnIn(p, month), 0)) / made : 0;
  }
  return sum;
}

/** What months up to this one make for pools. */
const makingsUpTo = (programme: Programme, month: Month, colourway: Colourway, size?: SizeOption) =>
  programme.months
    .slice(0, programme.months.indexOf(month) + 1)
    .flatMap((m) => ({ month: m, ...(poolMaking(programme, colourway, m, size) ?? { pools: [], units: [], cuts: [] }) }));

/** How many units of a pool are sewn with a month. */
function sewnIn(pool: PoolOfUnits, month: Month): number {
  const upTo = homeworkOf(pool);
  const before = pool.months[pool.months.indexOf(month) - 1];
  return (upTo.get(month) ?? 0) - (upTo.has(month) && before ? upTo.get(before)! : 0);
}
