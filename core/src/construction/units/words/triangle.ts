/** The words of units/triangle. */
import { spoken } from '../../../words';

export const words = spoken('units/triangle', {
  looseTriangle: 'loose triangle',
  looseTriangles: 'loose triangles',
  cutFromASquare: 'cut from a square',
  finishedLongSide: 'finished long side',
  finishedShortSide: 'finished short side',
});
