/** The words of units/folded-corner. */
import { type Said, say, spoken } from '../../../words';

export const words = spoken('units/folded-corner', {
  withStitchAndFlipCorners: 'with stitch-and-flip corners',
  legOfTheCorner: 'leg of the corner',
  layASquareOnItsCorner:
    'Lay a square on its corner of the base, right sides together, edges even. Its line cuts the corner off.',
  everyCornerIsSquareAndThe: 'every corner is square, and the unit measures the same as before',
  checkWhichWayTheLineOf:
    'Check which way the line of each corner runs before you sew: the wrong diagonal cuts the wrong corner.',
  cornersFromTrianglesTheBaseFrom: 'corners from triangles, the base from a template',
  cutTheBaseWithItsTemplate: 'Cut the base with its template, and the squares once on the diagonal.',
  layATriangleOnEachCut: (seamWords: Said) =>
    say`Lay a triangle on each cut-off corner, right sides together, centres matched. Its tips reach beyond the base at both ends. Sew ${seamWords} from the edge.`,
  pressTowardsTheTriangles: 'Press towards the triangles.',
  trimTheDogEars: 'Trim the dog-ears.',
  everyCornerIsSquare: 'every corner is square',
  theTemplateOfTheBase: 'the template of the base',
  theLongEdgesOfTheTriangles:
    'The long edges of the triangles, and the cut-off corners of the base, are bias until they are sewn.',
  corner: 'corner',
  cornersOneAfterAnother: 'corners, one after another',
  doTheSameOnTheOther: (corner: Said) => say`Do the same on the other ${corner}.`,
  stitchAndFlipUnit: 'stitch-and-flip unit',
  stitchAndFlipUnits: 'stitch-and-flip units',
});
