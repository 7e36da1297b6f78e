/** The words of table. */
import { type Said, say, spoken } from '../words';

export const words = spoken('core/table', {
  thisIsntACsvFile: (message: Said) => say`this isn’t a CSV file: ${message}`,
});
