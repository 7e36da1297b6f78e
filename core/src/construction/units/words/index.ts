/** The words of units/index. */
import { type Said, say, spoken } from '../../../words';

export const words = spoken('units/index', {
  thereIsNoSuchMethodFor: (what: Said) => say`there is no such method for ${what}`,
});
