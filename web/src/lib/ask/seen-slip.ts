/** Which slip a month's sheet asks for first. */
import type { SeenSlip } from '@aggrega/core/construction';
import type { Month, MonthBlock } from '@aggrega/core/programme';
import { entryPath } from './entry-path';

/** The change that makes a block's sheet ask for a slip, or for none that was seen. */
export const askForSlip = (month: Month, entry: MonthBlock, to: SeenSlip | undefined) => [
  { path: `${entryPath(month, entry)}/slip`, from: entry.style.slip, to },
];
