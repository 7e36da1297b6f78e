/** The words of units/hst. */
import { type Said, say, spoken } from '../../../words';

export const words = spoken('units/hst', {
  twoAtATime: 'two at a time',
  drawADiagonalLineOnThe: 'Draw a diagonal line on the back of the lighter square.',
  layItOnTheOtherSquare: 'Lay it on the other square, right sides together, edges even.',
  sewFromTheLineOnBoth: (s: Said) => say`Sew ${s} from the line, on both sides of it. Set the seams.`,
  cutOnTheLine: 'Cut on the line.',
  fourAtATime: 'four at a time',
  layTheTwoSquaresRightSides: 'Lay the two squares right sides together, edges even.',
  sewInsideAllFourEdgesRun: (s: Said) =>
    say`Sew ${s} inside all four edges. Run each seam off the edge of the fabric: do not turn at the corners. Set the seams.`,
  cutFromCornerToCornerBoth: 'Cut from corner to corner, both ways, without moving the pieces between the cuts.',
  everyOuterEdgeOfTheseUnits: 'Every outer edge of these units is bias. Press without pushing, handle them gently.',
  eightAtATime: 'eight at a time',
  drawBothDiagonalsOnTheBack: 'Draw both diagonals on the back of the lighter square.',
  sewFromEachLineOnBoth: (s: Said) => say`Sew ${s} from each line, on both sides of it. Set the seams.`,
  cutThroughTheMiddleDownAnd: 'Cut through the middle, down and across. Turn the mat between the cuts, not the fabric.',
  cutEachOfTheFourSquares: 'Cut each of the four squares on its line.',
  aTurningMat: 'a turning mat',
  cutTrianglesFirst: 'cut triangles first',
  layOneTriangleOfEachRight: (s: Said) =>
    say`Lay one triangle of each right sides together, long edges even. Sew ${s} from the long edge. Set the seam.`,
  theLongEdgesAreBiasUntil: 'The long edges are bias until they are sewn: do not pull on them.',
  leaveItFoldedLayTheTriangle: (size: Said) =>
    say`Leave it folded. Lay the triangle ruler’s ${size} line on the stitching and trim the two short sides.`,
  trimToSquareLayTheRulers: (size: Said) =>
    say`Trim to ${size} square: lay the ruler’s 45° line on the seam and trim two sides. Turn the unit round and trim the other two.`,
  trimTheDogEars: 'Trim the dog-ears.',
  aTriangleRulerForHalfSquare: 'a triangle ruler for half-square triangles',
  aSquareRulerWithA45: 'a square ruler with a 45° line',
  theSeamRunsFromCornerTo: 'the seam runs from corner to corner',
  finishedSideAndToTrimAway: (w: Said, oversize: Said) => say`finished side ${w}, and ${oversize} to trim away`,
  finishedSide: 'finished side',
  fromStripsWithA45Ruler: 'from strips with a 45° ruler',
  pairsF212S: 'pairs × (f + 2 × (1 + √2) × s) by f + 2 × s',
  pairsCutFromOneStrip: 'pairs cut from one strip',
  layTheTwoStripsRightSides: 'Lay the two strips right sides together, edges even. Square one end.',
  layTheRulersLineOnThe: (size: Said) =>
    say`Lay the ruler’s ${size} line on the edge of the strips and cut the first pair of triangles. Turn the ruler over for the next pair, and go on along the strip.`,
  keepEachPairTogetherSewFrom: (seamWords: Said) =>
    say`Keep each pair together. Sew ${seamWords} from its long edge. Set the seam.`,
  a45RulerWithABlunt: 'a 45° ruler with a blunt tip',
  onPrintedPaper: 'on printed paper',
  squaresAcrossAndDown: (across: Said, down: Said) => say`squares across (${across}) and down (${down})`,
  clothAroundTheGrid: 'cloth around the grid',
  layTheTwoRectanglesRightSides: (across: Said, down: Said) =>
    say`Lay the two rectangles right sides together. Pin the paper with its grid of ${across} by ${down} squares on top.`,
  sewOnEveryDottedLineWith: 'Sew on every dotted line with a short stitch. Set the seams through the paper.',
  cutOnAllTheStraightLines: 'Cut on all the straight lines, then on the diagonals. Tear the paper away towards the seam.',
  printedPaperForUnits: (length: Said) => say`printed paper for ${length} units`,
  withADie: 'with a die',
  noDieIsSetUpFor: (w: Said, unit: Said) => say`no die is set up for a ${w} ${unit} finished unit (add one under House style)`,
  asTheDieAsks: 'as the die asks',
  unitsInOnePass: 'units in one pass',
  layOneStripOfEachFabric: 'Lay one strip of each fabric on the die, right sides together.',
  passThemThroughTheMachineThe: 'Pass them through the machine. The die cuts pairs of triangles and takes off their tips.',
  theDieAndItsMachine: 'the die and its machine',
  halfSquareTriangle: 'half-square triangle',
  halfSquareTriangles: 'half-square triangles',
  aLaterBlockOrAScrappy: 'a later block, or a scrappy border',
});
