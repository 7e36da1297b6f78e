/** The words of sheet/finishing-paper. */
import { plural, type Said, say, spoken } from '../../words';

export const words = spoken('sheet/finishing-paper', {
  border: (value: Said) => say`Border ${value}. `,
  joinTheBorderStripsEndTo: 'Join the border strips end to end with diagonal seams, and press the seams open. ',
  measureTheTopThroughTheMiddle: (which: Said, joined: Said) =>
    say`${which}${joined}Measure the top through the middle, both ways. Mark that length on the borders from their middles, and pin them on, middles and marks matched.`,
  aboutBy: (w: Said, h: Said, unit: Said) => say`About ${w} by ${h} ${unit}.`,
  sewEachBorderOnFromInside: (long: Said) =>
    say`Sew each border on, from ${long} inside one corner to ${long} inside the next. Press towards the border. Fold each corner at 45 degrees, sew along the fold from the inside out, and trim.`,
  measureBy: (w: Said, h: Said, unit: Said) => say`Measure: ${w} by ${h} ${unit}.`,
  measureTheTopFromUpperTo: (which: Said, joined: Said) =>
    say`${which}${joined}Measure the top from upper to lower edge, through the middle. Trim both side borders to that length: they are cut a little long.`,
  about: (h: Said, unit: Said) => say`About ${h} ${unit}.`,
  pinTheSideBordersOnMiddles:
    'Pin the side borders on, middles and ends first, and ease the rest. An edge that is pulled ripples. Sew, and press towards the border.',
  measureFromSideToSideThrough:
    'Measure from side to side through the middle, side borders and all. Trim the top and bottom borders to that length, and sew them on in the same way.',
  aboutTheTopNowMeasuresBy: (w: Said, unit: Said, h: Said) =>
    say`About ${w} ${unit}. The top now measures ${w} by ${h} ${unit}.`,
  sewOnTheBorders: (length: number) => say`${plural(length, { one: 'Sew on the border', other: 'Sew on the borders' })}`,
  theTopMeasuredThroughTheMiddle: `The top, measured through the middle`,
  theTopWithItsBorder: 'The top with its border',
  theTopWithItsSideBorders: 'The top with its side borders',
  cutTheBackingIntoLengthsTrim: (inWords: Said, long: Said) =>
    say` Cut the backing into ${inWords} lengths, trim off the selvedges, and sew the lengths side by side with a ${long} seam. Press the seams open.`,
  layerBasteAndQuilt: 'Layer, baste and quilt',
  tapeTheBackingToTheFloor: (trim: Said, more: Said) =>
    say`${trim}${more}Tape the backing to the floor, wrong side up and smooth, not stretched. Lay the wadding on it, and the pressed top on both, right side up.`,
  andWadding: ' and wadding',
  backingAtLeast: (andWadding: Said, size: Said) => say`Backing${andWadding}: at least ${size}.`,
  basteFromTheMiddleOutwardsWith:
    'Baste from the middle outwards, with safety pins a hand’s width apart, or with long stitches.',
  quiltFromTheMiddleOutwardsAlong:
    'Quilt from the middle outwards: along the seams, or as you like. Ask for advice if it is your first.',
  squareUpLayTheRulerOn:
    'Square up: lay the ruler on the edge of the top and a long seam, and trim backing and wadding even with the top. Keep every corner at 90 degrees.',
  theStrips: (inWords: Said) => say`the ${inWords} strips`,
  theStrips2: 'the strips',
  bind: 'Bind',
  joinOfEndToEndLay: (many: Said, fabricWord: Said, seam: Said) =>
    say`Join ${many} of ${fabricWord} end to end: lay two ends across each other, right sides together, sew from corner to corner, trim to ${seam} and press open.`,
  measureAbout: (to: Said, unit: Said) => say`Measure: about ${to} ${unit}.`,
  pressItInHalfLengthwaysWrong: 'Press it in half lengthways, wrong sides together.',
  beginInTheMiddleOfA: (seam: Said) =>
    say`Begin in the middle of a side and leave a hand’s length loose. Lay the raw edges of the strip on the edge of the quilt’s front. Sew ${seam} from the edge, and stop ${seam} before the corner.`,
  turnTheStripUpAwayFrom:
    'Turn the strip up, away from the quilt, so that it folds at 45 degrees; then down along the next side, the fold level with the edge. Sew on from the edge. Do so at every corner.',
  joinTheTwoLooseEndsWith: 'Join the two loose ends with a diagonal seam where they meet, and sew the last stretch on.',
  foldTheBindingOverToThe:
    'Fold the binding over to the back and slip-stitch its fold over the seam. The corners fold into mitres. Sew on a label: your name, the quilt’s name and the year.',
});
