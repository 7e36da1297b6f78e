/** The words of programme/changes. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('core/programme/changes', {
  thereIsNoPlaceInThe: (path: Said) => say`there is no place '${path}' in the programme`,
  removed: (place: Said) => say`${place}: removed`,
  newWords: (place: Said) => say`${place}: new`,
  inAnotherOrder: (place: Said) => say`${place}: in another order`,
  changed: (place: Said) => say`${place}: changed`,
  was: (place: Said, after: Said, before: Said) => say`${place}: ${after}, was ${before}`,
  empty: 'empty',
  yes: 'yes',
  no: 'no',
});
