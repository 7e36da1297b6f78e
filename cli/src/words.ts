/** The words of cli. */
import { type Said, say, spoken } from '@aggrega/core/words';

export const words = spoken('cli', {
  isNoNumber: (name: Said, typed: Said) => say`--${name} is a number above 0, not '${typed}'`,
  isNoneOf: (name: Said, typed: Said, all: Said) => say`--${name} cannot be '${typed}'; choose from ${all}`,
  composeTakesNoBlocks: 'a year is composed in a document without blocks; this one has some',
  composeNeedsMonths: 'a year is composed in a document with two months or more, and fabrics for the letters of a colourway',
  checkingAYear: (number: Said) => say`checking year ${number}`,
  // main
  aggrega: (message: Said) => say`aggrega: ${message}`,
  theFileIsNoJsonThat: (message: Said) => say`the file is no JSON that can be read: ${message}`,
  theFileCannotBeRead: (message: Said) => say`the file cannot be read: ${message}`,

  // usage
  none: 'none',
  thereIsNoThereAre: (what: Said, id: Said, value: Said) => say`there is no ${what} '${id}'; there are: ${value}`,
  aggrega2: (what: Said) => say`aggrega: ${what}\n`,
  packetsNamesPacketsFrom1To: (most: Said, value: Said) => say`--packets names packets from 1 to ${most}, not '${value}'`,

  // trace
  gridIs: (typed: Said) => say`--grid is squares across and down, like 4x4, not '${typed}'`,
  nothingStraightIsDrawn: 'nothing is drawn here: no shape and no line with straight edges',
  moreColoursThanLetters: (n: Said) => say`the drawing has ${n} colours; a block has 26 letters at most`,

  // read-picture
  pictureGridIs: (typed: Said) => say`--grid is squares across and down, up to 24x24, not '${typed}'`,
  cornersAre: (typed: Said) =>
    say`--corners is the block's four corners in pixels, clockwise from its top left, like '10,12 400,15 398,410 8,402', not '${typed}'`,
  thisIsNoPicture: 'this file isn’t a JPEG, PNG or WebP picture',
  thePictureIsTooSmall: (least: Said) => say`this picture is too small; it needs ${least} pixels on each side`,
  thePictureIsTooLarge: 'this picture is too large; at most 50 million pixels',
  thePictureIsDamaged: 'this picture is damaged; save it again and try once more',

  // check-layout
  checkLayoutNeeds: 'check-layout needs --block ID, or --quilt for the blocks of the quilt, and after all options a picture',
  nothingIsSet: 'this programme has no setting, or none of its blocks is drawn yet',
  noMonthSewsBlock: (id: Said) => say`no month sews block '${id}'`,

  // proof
  monthSewsNothing: (id: Said) => say`month '${id}' sews no block`,
  proofNeeds: 'proof needs --block ID or --month ID, and after all options a text file with the cutting list',
  theListIsTooLong: 'it is longer than any cutting list',
  theListIsNoText: 'it is no text; of a PDF, give the text that is in it',
  theListCannotBeRead: (message: Said) => say`the cutting list cannot be read: ${message}`,

  // account
  packet: (value: Said) => say`packet ${value}`,

  // construct
  constructNeedsBlockId: 'construct and foresee need --block ID',
  atWords: (finished: Said) => say` at ${finished}`,
  monthDoesNotHoldBlock: (id: Said, id2: Said, more: Said) => say`month '${id}' does not hold block '${id2}'${more}`,
  monthHoldsAtSeveralSizesChoose: (id: Said, id2: Said) =>
    say`month '${id}' holds '${id2}' at several sizes; choose with --finished`,
  noMonthUsesBlockGiveIts: (id: Said) => say`no month uses block '${id}'; give its size with --finished`,
  isNoSizeWrite12Or: (written: Said) => say`'${written}' is no size; write 12 or 12x8`,
  finished: (message: Said) => say`--finished: ${message}`,

  // foresee
  onlyOfQuilts: '--size and --colourway are asked of a quilt: foresee FILE --quilt',
  onlyOfBlocks: '--block, --month, --finished and --measured are asked of a block, not of the quilt',
  partsInterlock: 'the parts of this quilt interlock, so it is not sewn in rows, and there is no forecast',
  noSettingYet: 'there is no setting yet',
  theTableCannotBeRead: (message: Said) => say`the measurements cannot be read: ${message}`,
  nobodyHasMeasured: 'there are no measurements: a table with the columns person, across and down',
  aMeasureHasAPerson: 'a measurement needs somebody in the column person',
  isNoSizeOfThisBlock: (written: Said) => say`'${written}' is no size of this block before it is set`,

  // cut
  sizeOption: 'size option',
  oneKit: 'one kit',
  allKits: 'all kits',
  planningOf: (oneKit: Said, name: Said) => say`planning ${oneKit} of ${name} …`,
  basisIsKitOrBatchNot: (written: Said) => say`--basis is kit or batch, not '${written}'`,
  readingIsNot: (list: Said, written: Said) => say`--reading is ${list}, not '${written}'`,
  participantsIsAWholeNumberUp: (written: Said) => say`--participants is a whole number up to 100000, not '${written}'`,

  // sheet
  sheetNeedsMonth: 'sheet needs --month',
  sheetNeedsOutTheFileTo: 'sheet needs --out, the file to write',
  nothingIsDrawnForMonthYet: (id: Said) => say`nothing is drawn for month '${id}' yet`,
  cannotBeWritten: (out: Said, message: Said) => say`${out} cannot be written: ${message}`,
  isOneOf: (option: Said, list: Said) => say`${option} is one of ${list}`,
});
