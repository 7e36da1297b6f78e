/** The words of units/qst. */
import { type Said, say, spoken } from '../../../words';

export const words = spoken('units/qst', {
  trimToSquareAboutTheCentre: (sizeWords: Said, middle: Said) =>
    say`Trim to ${sizeWords} square about the centre: lay the ruler’s ${middle} marks on the crossing and its 45° line on a seam. Trim two sides, turn the unit round and trim the other two.`,
  trimTheDogEars: 'Trim the dog-ears.',
  theSeamsCrossFromEveryEdge: (middle: Said) => say`the seams cross ${middle} from every edge`,
  bothSeamsRunFromCornerTo: 'both seams run from corner to corner',
  twoAtATime: 'two at a time',
  finishedSideAndToTrimAway: (w: Said, trim: Said) => say`finished side ${w}, and ${trim} to trim away`,
  finishedSide: 'finished side',
  withAndWith: (first: Said, first2: Said, second: Said, second2: Said) =>
    say`: ${first} with ${first2}, and ${second} with ${second2}`,
  makeHalfSquareTrianglesFirstDraw: (which: Said) =>
    say`Make half-square triangles first${which}. Draw a diagonal line on the back of the lighter square.`,
  layItOnTheOtherSquare: (seam: Said) =>
    say`Lay it on the other square, right sides together. Sew ${seam} from the line, on both sides of it. Set the seams.`,
  cutOnTheLine: 'Cut on the line.',
  layOneOnTheOtherRight: 'Lay one on the other, right sides together, opposite fabrics facing. The seams nest.',
  layOneOfEachKind: (top: Said, right: Said, left: Said, bottom: Said) =>
    say`Lay one of each kind right sides together, ${top} on ${right} and ${left} on ${bottom}. The seams nest.`,
  drawALineSquareToThe: 'Draw a line square to the seam, through its middle. It need not meet the corners exactly.',
  sewFromTheLineOnBoth: (seam: Said) => say`Sew ${seam} from the line, on both sides of it. Set the seams.`,
  aSquareRulerWithA45: 'a square ruler with a 45° line',
  halfOfEachBatchComeOut: 'Half of each batch come out as mirror images. Sort them by the pictures before you trim.',
  twoDarkSidesFacingMakeA:
    'Two dark sides facing make a half-square triangle again. See that opposite fabrics face before you sew.',
  cutTrianglesFirst: 'cut triangles first',
  layTheFourTrianglesOutAs: 'Lay the four triangles out as in the picture of the unit.',
  sewThemInPairsAlongA: (seamWords: Said) =>
    say`Sew them in pairs along a short edge, ${seamWords} from it. Feed both pairs in the same way, so that the seams nest.`,
  sewThePairsTogetherAlongThe: 'Sew the pairs together along the long edge. Set the seam.',
  theShortEdgesAreBiasUntil: 'The short edges are bias until they are sewn: do not pull on them.',
  quarterSquareTriangle: 'quarter-square triangle',
  quarterSquareTriangles: 'quarter-square triangles',
  theMiddleOfALaterStar: 'the middle of a later star, or a border',
});
