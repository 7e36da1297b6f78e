/** The words of sheet/joining. */
import { plural, type Said, say, spoken } from '../../words';

export const words = spoken('sheet/joining', {
  the: (word: Said) => say`the ${word}`,
  section: (number: Said) => say`Section ${number}`,
  sections: (numbers: Said) => say`Sections ${numbers}`,
  row: (number: Said) => say`Row ${number}`,
  rows: (numbers: Said) => say`Rows ${numbers}`,
  column: (number: Said) => say`Column ${number}`,
  columns: (numbers: Said) => say`Columns ${numbers}`,
  theBlock: 'The block',
  bothHalves: 'Both halves',
  more: (n: Said) => say`${n} more`,
  theOther: (n: Said) => say`the other ${n}`,
  inWords: (which: Said, name: Said, text: Said) => say`in ${which}, ${name}${text}`,
  soThatTheyNest: (text: Said) => say`${text}, so that they nest.`,
  topHalf: 'Top half',
  bottomHalf: 'Bottom half',
  leftHalf: 'Left half',
  rightHalf: 'Right half',
  sewToWithAPartialSeam: (second: Said, first: Said, list: Said) =>
    say`Sew ${second} to ${first} with a partial seam: start at the end that the next piece will cover and stop halfway. Add ${list} in turn, each with a full seam. Then go back and finish the first seam.`,
  sewOnOneAfterTheOther: (list: Said, allowance: Said) =>
    say`Sew on one after the other, each set into the corners that are there: ${list}. Mark ${allowance} from every corner and sew from mark to mark.`,
  sewIntoTheCornerOfWith: (second: Said, first: Said, allowance: Said) =>
    say`Sew ${second} into the corner of ${first} with an inset seam (Y-seam): mark the point ${allowance} from the corner on both. Sew to the mark, needle down, pivot, and sew the second side.`,
  sewFromLeftToRight: (list: Said) => say`Sew ${list}, from left to right.`,
  sewFromTopToBottom: (list: Said) => say`Sew ${list}, from top to bottom.`,
  edges: 'edges',
  edge: 'edge',
  sewAlongTheDiagonalOffsetThem: (list: Said, edges: Said, allowance: Said) =>
    say`Sew ${list} along the diagonal ${edges}. Offset them so that the tips stick out ${allowance} at each end.`,
  toWords: (parts: Said, parts2: Said) => say`${parts} to ${parts2}`,
  pressTowards: (more: Said) => say`Press towards ${more}.`,
  pressBothSeamsTowards: (parts: Said) => say`Press both seams towards ${parts}.`,
  pressBothSeamsAwayFrom: (parts: Said) => say`Press both seams away from ${parts}.`,
  press: (length: number, way: Said) => say`Press ${plural(length, { one: 'the seam', other: 'all seams' })} ${way}.`,
  fromTheLeft: ', from the left',
  fromTheTop: ', from the top',
  pressTheSeams: (from: Said, list: Said) => say`Press the seams${from}: ${list}.`,
  top: 'top',
  bottom: 'bottom',
  left: 'left',
  right: 'right',
  middle: 'middle',
  part: (number: Said) => say`part ${number}`,
  placeHalf: (where: Said) => say`${where} half`,
  placeRow: (where: Said) => say`${where} row`,
  placeColumn: (where: Said) => say`${where} column`,
});

/** Which way seams are pressed. */
export const pressWays = spoken('sheet/joining-ways', {
  left: 'to the left',
  right: 'to the right',
  up: 'upwards',
  down: 'downwards',
  'up left': 'to the upper left',
  'up right': 'to the upper right',
  'down left': 'to the lower left',
  'down right': 'to the lower right',
  open: 'open',
});
