/** The words of units/unit-kind. */
import { spoken } from '../../../words';

export const words = spoken('units/unit-kind', {
  starch: 'starch',
  marker: 'a pencil or chalk that shows on both fabrics',
});
