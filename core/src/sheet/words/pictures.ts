/** The words of sheet/pictures. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/pictures', {
  sewnAndPressed: (name: Said) => say`${name}, sewn and pressed`,
  aSquareOfToCheckThe: (side: Said, unit: Said) => say`A square of ${side} ${unit} to check the printer by`,
});
