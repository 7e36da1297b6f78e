/** The words of units/economy. */
import { type Said, say, spoken } from '../../../words';

export const words = spoken('units/economy', {
  economyUnit: 'economy unit',
  economyUnits: 'economy units',
  cutTrianglesFirst: 'cut triangles first',
  halfTheFinishedSide: 'half the finished side',
  foldTheCentreBothWaysAnd: 'Fold the centre both ways, and each triangle once, to crease the middle of their edges.',
  measureSquareWithBeyondEveryPoint: (sizeWords: Said, seamWords: Said) =>
    say`Measure: ${sizeWords} square, with ${seamWords} beyond every point. Trim no more than that away.`,
  thePointsLieFromTheEdge: (seamWords: Said, sizeWords: Said) =>
    say`the points lie ${seamWords} from the edge, ${sizeWords} from both corners`,
  theLongEdgesOfTheSecond: 'The long edges of the second round are bias until they are sewn: do not pull on them.',
});
