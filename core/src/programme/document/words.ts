/** The words of programme/document. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('core/programme/document', {
  halfYard: 'half yard',
  halfYards: 'half yards',
  fatQuarter: 'fat quarter',
  fatQuarters: 'fat quarters',
  fatEighth: 'fat eighth',
  fatEighths: 'fat eighths',
  strip: 'strip',
  n10InSquare: '10 in square',
  n10InSquares: '10 in squares',
  n5InSquare: '5 in square',
  n5InSquares: '5 in squares',
  panel: 'panel',
  piece: 'piece',

  // json-bounds
  itIsNestedMoreThan: (depth: Said) => say`it is nested more than ${depth} deep`,
  itHoldsMoreThan: (values: Said) => say`it holds more than ${values} values`,
  aKeyIsCalled: (name: Said) => say`it has a key named ${name}`,

  // kit-kinds
  lengths: 'a length of each fabric',
  preCut: 'the pieces, cut by the shop',
  dieCut: 'the pieces, die-cut by the shop',
  bundle: 'a start-up bundle for the whole programme',
  list: 'a shopping list only: bring your own',
});
