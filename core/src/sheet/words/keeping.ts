/** The words of sheet/keeping. */
import { plural, type Said, say, spoken } from '../../words';

export const words = spoken('sheet/keeping', {
  square: (formatLength: Said, unit: Said) => say`${formatLength} ${unit} square`,
  atLeastWof: (formatLength: Said, unit: Said) => say`at least ${formatLength} ${unit} × WOF`,
  onePiece: 'one piece',
  pieces: (inWords: Said) => say`${inWords} pieces`,
  atLeastTheEndOf: (onePiece: Said, size: Said, qty: number) =>
    say`${onePiece} at least ${size}, the end of ${plural(qty, { one: 'a strip', other: 'strips' })}`,
  piece: 'piece',
  atLeastOf: (size: Said, piece: Said, sheet: Said) => say`at least ${size} of ${piece} ${sheet}`,
  cutNowAndBagFor: (name: Said, listed: Said, name2: Said) => say`${name}: cut now and bag ${listed} for ${name2}.`,
  keepWholeFor: (name: Said, wholeText: Said, name2: Said) => say`${name}: keep whole ${wholeText}, for ${name2}.`,
});
