/** The words of units/square-in-square. */
import { type Said, say, spoken } from '../../../words';

export const words = spoken('units/square-in-square', {
  thePointsLieFromTheEdge: (seamWords: Said, middle: Said) =>
    say`the points lie ${seamWords} from the edge, ${middle} from both corners`,
  cutTrianglesFirst: 'cut triangles first',
  halfTheFinishedSide: 'half the finished side',
  finishedSide: 'finished side',
  foldTheSquareBothWaysAnd: 'Fold the square both ways, and each triangle once, to crease the middle of their edges.',
  theLongEdgesOfTheTriangles: 'The long edges of the triangles are bias until they are sewn: do not pull on them.',
  withStitchAndFlipCorners: 'with stitch-and-flip corners',
  layTwoOfThemOnOpposite:
    'Lay two of them on opposite corners of the large square, right sides together, edges even. Their lines cut the corners off.',
  doTheSameOnTheOther: 'Do the same on the other two corners.',
  squareInASquare: 'square in a square',
  squaresInSquares: 'squares in squares',
});
