/** The words of units/geese. */
import { type Said, say, spoken } from '../../../words';

export const words = spoken('units/geese', {
  thePointIsBelowTheTop: (seamWords: Said, sizeWords: Said) =>
    say`the point is ${seamWords} below the top edge and ${sizeWords} from each side`,
  theSeamsRunExactlyIntoThe: 'the seams run exactly into the two bottom corners',
  forABonusHalfSquareTriangle: (twice: Said, size: Said, unit: Said) =>
    say`For a bonus half-square triangle from each corner, sew a second seam now, ${twice} outside the first: you will cut between the two. Press it and trim it to ${size} ${unit} square.`,
  withStitchAndFlipCorners: 'with stitch-and-flip corners',
  finishedHeight: 'finished height',
  layASquareOnOneEnd:
    'Lay a square on one end of the rectangle, right sides together. Its line runs from the lower corner to the middle of the upper edge.',
  sewTheOtherSquareToThe: 'Sew the other square to the other end in the same way. It overlaps the first at the point.',
  startAtTheMiddleOfThe:
    'Start at the middle of the long edge, not at the corner, so that the machine does not chew the point.',
  andToTrimAway: (name: Said, x: Said, value: Said) => say`${name} ${x}, and ${value} to trim away`,
  finishedWidthW: 'finished width W',
  finishedHeightH: 'finished height H',
  trimTheDogEars: 'Trim the dog-ears.',
  trimToThePointLiesAt: (sizeText: Said, seamWords: Said) =>
    say`Trim to ${sizeText}: the point lies at half the width, ${seamWords} below the ruler’s edge. Trim two sides, turn the unit round and trim the other two.`,
  fourAtATime: 'four at a time',
  small: 'small',
  layTwoSquaresOnOppositeCorners: (more: Said) =>
    say`Lay two ${more} squares on opposite corners of the large square, right sides together. They overlap a little in the middle. Draw a line from corner to corner through both.`,
  pressTowardsTheSmallTrianglesYou: 'Press towards the small triangles. You have two hearts.',
  aSmall: 'a small',
  laySquareOnTheRemainingCorner: (more: Said) =>
    say`Lay ${more} square on the remaining corner of each heart, right sides together. Draw a line from that corner to the notch.`,
  pressTowardsTheSmallTriangle: 'Press towards the small triangle.',
  aRulerWithA45Line: 'a ruler with a 45° line',
  halfOfEachBatchComeOut: 'Half of each batch come out as mirror images. Sort them by the pictures.',
  fromTwoLargeSquares: 'from two large squares',
  twoLargeSquaresAreMadeFor: 'two large squares are made for a seam of 1/4 in',
  twoLargeSquaresGiveTheSame: 'two large squares give the same sky on both sides',
  finishedWidth: 'finished width',
  centreTheSmallerSquareOnThe:
    'Centre the smaller square on the larger one, right sides together. Draw a line from corner to corner.',
  cutOnTheLineToThe: 'Cut on the line, to the corners of the larger square.',
  pressBothTowardsTheLargerTriangle: 'Press both towards the larger triangle.',
  layOneOnTheOtherRight:
    'Lay one on the other, right sides together, opposite fabrics facing. The seams lie level but do not meet. Draw a line across them, from corner to corner.',
  cutOnTheLineInThe: 'Cut on the line. In the middle of each piece, snip the seam allowance up to the stitches.',
  pressBothHalvesOfTheSeam: 'Press both halves of the seam away from the geese.',
  trimTwoGeeseOutOfEach: (sizeText: Said, seam: Said) =>
    say`Trim two geese out of each piece, ${sizeText}: the point lies at half the width, ${seam} below the ruler’s edge.`,
  cutTrianglesFirst: 'cut triangles first',
  layASkyTriangleOnOne: (seamWords: Said) =>
    say`Lay a sky triangle on one short side of the goose, right sides together, level at the base. At the other end its tip reaches beyond the goose: that is right. Sew ${seamWords} from the edge.`,
  pressTowardsTheSky: 'Press towards the sky.',
  sewTheOtherSkyTriangleTo: 'Sew the other sky triangle to the other side in the same way.',
  twoBiasEdgesAreSewnAt: 'Two bias edges are sewn at a time: do not pull on them.',
  flyingGoose: 'flying goose',
  flyingGeese: 'flying geese',
  aBorderOrToLengthenOne: 'a border, or to lengthen one that comes up short',
});
