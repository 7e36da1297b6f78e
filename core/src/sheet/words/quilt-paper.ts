/** The words of sheet/quilt-paper. */
import { plural, type Said, say, spoken } from '../../words';

export const words = spoken('sheet/quilt-paper', {
  whereItLiesInTheQuilt: 'Where it lies in the quilt',
  byWords: (side: Said, side2: Said, unit: Said) => say`${side} by ${side2} ${unit}`,
  theQuiltFinishesAt: 'The quilt finishes at ',
  putTheQuiltTopTogether: 'Put the quilt top together',
  theTopWithoutItsBorders: 'The top without its borders',
  theLongSashesAndTheSide:
    'The long sashes and the side triangles of this quilt interlock, so it is not sewn in straight rows. Lay it all out as in the picture. Where a sash reaches past what it is sewn to, leave the end of that seam open, sew on what comes beside it, and then close the seam.',
  measureThroughTheMiddleBothWays: (w: Said, h: Said, unit: Said) =>
    say`Measure through the middle, both ways: ${w} by ${h} ${unit}.`,
  putTheByInABag: (group: Said, name: Said) =>
    say`Put the ${group} by, in a bag with its name and ‘${name}’ on it. The sheet of ${name} tells how it is sewn on.`,
  row: (number: Said) => say`row ${number}`,
  rows: (list: Said) => say`rows ${list}`,
  sewTheSashingStripsCornerstonesAnd: (list: Said) =>
    say`Sew the sashing strips, cornerstones and sashes in turn: ${list}. Press towards the sashes.`,
  measure: (list: Said) => say`Measure: ${list}.`,
  withASashBetweenEachTwo: 'with a sash between each two, and at the ends where the picture has one. Press towards the sashes.',
  piecedAndPlainInTurnPress: 'pieced and plain in turn. Press towards the plain squares.',
  edgeToEdgePressTheSeams:
    'edge to edge. Press the seams of every other row to the left and of the rows between to the right, so that they nest.',
  sewTheBlocksOfInThe: (rowsWords: Said, between: Said) =>
    say`Sew the blocks of ${rowsWords} in the order of the table, ${between}`,
  measureEachRowAsTheTable: 'Measure each row as the table says.',
  toTheEdgeOf: (edge: Said, rowsWords: Said) => say`to the ${edge} edge of ${rowsWords}`,
  sashingStrip: 'sashing strip',
  longSash: 'long sash',
  sewACrossingsMatchedAndPinned: (sashingStrip: Said, list: Said) =>
    say`Sew a ${sashingStrip} ${list}, crossings matched and pinned. Press towards the strip.`,
  sewASideSettingTriangleTo: (rowsWords: Said) =>
    say`Sew a side setting triangle to each end of ${rowsWords}: match the right-angled corners and keep the long edge on the outside. Its tip reaches beyond the row. Press towards the triangles.`,
  theStripThatIsLeft: 'the strip that is left',
  theStripsThatAreLeft: (inWords: Said) => say`the ${inWords} strips that are left`,
  inTheirPlaces: (theStrip: Said) => say`, ${theStrip} in their places`,
  pressTowardsTheSashing: 'Press towards the sashing.',
  pressAllSeamsDownwards: 'Press all seams downwards.',
  joinTheRowsInTheirOrder: (between: Said, press: Said) =>
    say`Join the rows in their order${between}. Match and pin every crossing; sew slowly over the bulk. ${press}`,
  theTopWithItsCornerTriangles: 'The top with its corner triangles',
  sewOnTheFourCornerSetting:
    'Sew on the four corner setting triangles last, matching centres. Press towards the triangles. Square up the edges, leaving the seam allowance beyond every point.',
  beginTheQuiltTop: 'Begin the quilt top',
  keepWhatYouHaveSewnFlat: (name: Said) =>
    say`Keep what you have sewn flat, each row with its number pinned to its left end. The quilt goes on with ${name}.`,
  plainSquare: 'plain square',
  row2: 'Row',
  blocksInOrderFromTheUpper: 'Blocks in order, from the upper left end',
  blocksInOrderFromTheLeft: 'Blocks in order, from the left',
  measure2: (unit: Said) => say`Measure, ${unit}`,
  rowItMeasuresBeforeAnythingIs: (number: Said, blocksOf: Said, sizeWords: Said, unit: Said) =>
    say`Row ${number}: ${blocksOf}. It measures ${sizeWords} ${unit} before anything is sewn to it.`,
  ofAnd: (inWords: Said, many: Said, many2: Said) => say`${inWords} of ${many} and ${many2}`,
  theMiddle: 'The middle',
  upToRound: (number: Said) => say`Up to round ${number}`,
  theMiddleSewTogetherRowBy: (inWords: Said, own: number) =>
    say`The middle: sew ${inWords} ${plural(own, { one: 'block', other: 'blocks' })} together, row by row.`,
  roundSewTheShorterStripsTo: (number: Said) =>
    say`Round ${number}: sew the shorter strips to the sides, then the longer ones to top and bottom. Press towards the strips.`,
  roundSewItsBlocksIntoStrips: (number: Said, inWords: Said) =>
    say`Round ${number}: sew its ${inWords} blocks into strips. Sew the strips for the sides on first, then those for top and bottom. Press away from the middle.`,
  measureBy: (side: Said, side2: Said) => say`Measure: ${side} by ${side2}.`,
  workFromTheMiddleOutwardsMeasure:
    'Work from the middle outwards. Measure before each round: the next one fits only if this one is right.',
  clockwise: ' (a quarter turn clockwise)',
  upsideDown: ' (upside down)',
  anticlockwise: ' (a quarter turn anticlockwise)',
  sashes: (count: number, inWords: Said) => say`${inWords} ${plural(count, { one: 'sash', other: 'sashes' })}`,
  cornerstones: (count: number, inWords: Said) =>
    say`${inWords} ${plural(count, { one: 'cornerstone', other: 'cornerstones' })}`,
});
