/** The words of sheet/handed-amounts. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/handed-amounts', {
  each: (length: Said, length2: Said) => say`${length} × ${length2} each`,
  yourBundle: 'your bundle',
  onePackedAsIsLargeEnough: (name: Said) => say`; one packed as ‘${name}’ is large enough`,
  waddingOfYourOwn: (covers: Said) => say`Wadding of your own${covers}`,
  backing: 'backing',
  wadding: 'wadding',
});
