/** The words of sheet/keeping. */
import { plural, type Said, say, spoken } from '../../words';

export const words = spoken('sheet/keeping', {
  square: (length: Said, unit: Said) => say`${length} ${unit} square`,
  atLeastWof: (length: Said, unit: Said) => say`at least ${length} ${unit} × WOF`,
  onePiece: 'one piece',
  pieces: (inWords: Said) => say`${inWords} pieces`,
  atLeastTheEndOf: (onePiece: Said, size: Said, qty: number) =>
    say`${onePiece} at least ${size}, the end of ${plural(qty, { one: 'a strip', other: 'strips' })}`,
  piece: 'piece',
  atLeastOf: (size: Said, piece: Said, sheet: Said) => say`at least ${size} of ${piece} ${sheet}`,
  cutNowAndBagFor: (name: Said, list: Said, name2: Said) => say`${name}: cut now and bag ${list} for ${name2}.`,
  keepWholeFor: (name: Said, wholeText: Said, name2: Said) => say`${name}: keep whole ${wholeText}, for ${name2}.`,
});
