/** The words of sheet/quilt-pictures. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/quilt-pictures', {
  row: (name: Said) => say`Row ${name}`,
  laidLevel: (list: Said) => say`${list}, laid level`,
  theRowsInTheirOrderNot: 'The rows in their order, not yet joined',
});
