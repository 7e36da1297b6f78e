/** The words of units/template-shape. */
import { spoken } from '../../../words';

export const words = spoken('units/template-shape', {
  theShapeWithSAllRound: 'the shape with s all round, tips blunted',
});
