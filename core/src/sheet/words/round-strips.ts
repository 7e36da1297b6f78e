/** The words of sheet/round-strips. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/round-strips', {
  square: (size: Said, unit: Said) => say`${size} ${unit} square`,
});
