/** The words of block. */
import { type Said, say, spoken } from '../words';

export const words = spoken('core/block', {
  // block
  isNotOnTheGridUse: (list: Said) => say`(${list}) is not on the grid; use quarters such as 1.25, or thirds such as "1/3"`,

  // draft
  aSeamNeedsTwoEnds: 'a seam needs two ends',
  thatSeamMeetsAnotherOneOff: 'that seam meets another one off the grid. Draw it in shorter pieces, or use a finer grid',
  thatLineCrossesNoPatchFrom: 'that line crosses no patch from edge to edge',
  chooseTwoPatchesThatLieBeside: 'choose two patches that lie beside each other',
  thesePatchesCantBeMergedThey: 'these patches can’t be merged: they don’t share one whole straight edge',
  thereIsNoRoomForIt: 'there is no room for it here',
  itWouldCutAPatchAt: (pointText: Said) => say`it would cut a patch at ${pointText}, between the points of the grid`,
  onlyASquareOrRectangleCan: 'only a square or rectangle can be turned in its place',
  theEdgeWouldCutAPatch: 'the edge would cut a patch between the points of the grid',
  theDrawingDoesNotFitA: 'the drawing does not fit a grid as coarse as that',

  // stamps
  square: 'Square',
  rectangle: 'Rectangle',
  halfSquareTriangle: 'Half-square triangle',
  quarterSquareTriangle: 'Quarter-square triangle',
  flyingGoose: 'Flying goose',
  squareInASquare: 'Square in a square',
  foldedCorner: 'Folded corner',
  parallelogram: 'Parallelogram',
  rails: 'Rails',
  piecedTriangle: 'Pieced triangle',
  longTriangle: 'Long triangle',

  // tiling
  overlapsPatchesAt: (a: Said, pointText: Said) => say`overlaps patches/${a} at ${pointText}`,
  theresAGapInTheBlock: (pointText: Said, pointText2: Said) =>
    say`there’s a gap in the block between ${pointText} and ${pointText2}`,
  thePatchHasNoAreaIt: 'the patch has no area; it needs three points that are not in line',
  theOutlineOfThePatchCrosses: (pointText: Said) => say`the outline of the patch crosses itself near ${pointText}`,
  thePatchReachesOutsideTheBlock: (pointText: Said) => say`the patch reaches outside the block at ${pointText}`,
});
