/** The words of units/step. */
import { type Said, say, spoken } from '../../../words';

export const words = spoken('units/step', {
  cutOnTheLine: 'Cut on the line.',
  sewFromTheLineOnBoth: (seam: Said) => say`Sew ${seam} from the line, on both sides of it. Set the seams.`,
});
