/** The words of sheet/join-paper. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/join-paper', {
  openIt: (press: Said) => say`Open it. ${press}`,
});
