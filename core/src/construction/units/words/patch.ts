/** The words of units/patch. */
import { spoken } from '../../../words';

export const words = spoken('units/patch', {
  plainPatch: 'plain patch',
  plainPatches: 'plain patches',
  cutToSize: 'cut to size',
});
