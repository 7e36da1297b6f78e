/** The words of units/reading. */
import { type Said, say, spoken } from '../../../words';

export const words = spoken('units/reading', {
  seamAllowance: 'seam allowance',
  andMoreToTrimAway: (meaning: Said, f: Said, trim: Said) => say`${meaning} ${f}, and ${trim} more to trim away`,
  finishedSide: 'finished side',
  w2SByH2: 'w + 2 × s by h + 2 × s',
  finishedWidth: 'finished width',
  finishedHeight: 'finished height',
});
