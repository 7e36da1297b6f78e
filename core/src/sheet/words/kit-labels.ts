/** The words of sheet/kit-labels. */
import { plural, say, spoken } from '../../words';

export const words = spoken('sheet/kit-labels', {
  pieces: (count: number) => say`${plural(count, { one: 'piece', other: 'pieces' })}`,
});
