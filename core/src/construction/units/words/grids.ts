/** The words of units/grids. */
import { type Said, say, spoken } from '../../../words';

export const words = spoken('units/grids', {
  fromSinglePieces: 'from single pieces',
  layThePiecesOutAsIn: 'Lay the pieces out as in the picture of the unit.',
  sewThemIntoRowsPressOne: 'Sew them into rows. Press one row to the left and the next to the right, so that the seams nest.',
  sewTheRowsTogetherSetThe: 'Sew the rows together. Set the seams.',
  sewThemTogetherSideBySide: 'Sew them together side by side. Set the seams.',
  theSeamsCrossFromEveryEdge: (sizeWords: Said) => say`the seams cross ${sizeWords} from every edge`,
  everySeamMeetsTheOneBeside: 'every seam meets the one beside it',
  oppositeSidesAreEquallyLong: 'opposite sides are equally long',
  fromStripSets: 'from strip sets',
  nH2SByW: 'n × (h + 2 × s) by w + 2 × s',
  finishedHeightOfAPatch: 'finished height of a patch',
  finishedWidthOfAPatch: 'finished width of a patch',
  segmentsCutFromTheSet: 'segments cut from the set',
  setS: (value: Said) => say`Set ${value}: s`,
  ewStripsTogetherAlongTheirLong: (named: Said, list: Said) =>
    say`${named}ew strips ${list} together along their long edges to make a strip set, each in the other direction from the one before. Press all seams one way, towards the darker fabric where you can.`,
  oneSegment: 'one segment',
  segments: (n: Said) => say`${n} segments`,
  squareTheEndAndSubcutWide: (oneSegment: Said, size: Said) => say`Square the end and subcut ${oneSegment} ${size} wide.`,
  layTheSegmentsOutAsIn:
    'Lay the segments out as in the picture of the unit. Turn every other segment end for end where the picture asks for it, so that the seams nest.',
  sewTheSegmentsTogetherSetThe: 'Sew the segments together. Set the seams.',
  aRulerAtLeastAsLong: 'a ruler at least as long as the strip set is wide',
  fourPatch: 'four-patch',
  ninePatch: 'nine-patch',
  checkerboard: 'checkerboard',
  railFenceUnit: 'rail fence unit',
  railFenceUnits: 'rail fence units',
});
