/** The words of running. */
import { plural, type Said, say, spoken } from '../words';

export const words = spoken('core/running', {
  // calendar

  // catch-up

  // day-words
  isntADate: (written: Said) => say`‘${written}’ isn’t a date`,
  isntADateWeCanRead: (written: Said) => say`‘${written}’ isn’t a date we can read. Write it as 2027-04-14`,
  canBeReadTwoWaysWrite: (written: Said, y: Said, padStart: Said, padStart2: Said) =>
    say`‘${written}’ can be read two ways. Write it as ${y}-${padStart}-${padStart2} or ${y}-${padStart2}-${padStart}`,

  // diagnosis
  itMeasuresAsItShould: 'That is right. Go on.',
  aLittleSmallEaseIt: (amount: Said) =>
    say`It is ${amount} small. That is fine: pin it at both ends and in the middle, and ease it in.`,
  aLittleLargeEaseIt: (amount: Said) =>
    say`It is ${amount} large. That is fine: trim it if your unit is to be trimmed, else ease it in.`,
  itIsSmall: (amount: Said) => say`It is ${amount} small.`,
  pressItAgain: 'First press it again from the right side: cloth that is lost in a fold comes back. Then measure once more.',
  itIsLarge: (amount: Said) => say`It is ${amount} large.`,
  trimItToSize:
    'Trim it to size if it is to be trimmed, with its seams as in the picture. Else sew it again with a wider seam.',
  sewnOnLikeThis: (what: Said, comes: Said, expected: Said) =>
    say`Sewn on like this, ${what} would measure ${comes} instead of ${expected}.`,
  nothingWasMeasuredYet: 'Nothing was measured yet.',
  small: 'small',
  large: 'large',
  wasCutTooLookAtThe: (what: Said, length: Said, small: Said) =>
    say`${what} was cut ${length} too ${small}: look at the cut before the seam.`,
  rightBeforePressingAndSmallAfter: (named: Said, length: number) =>
    say`${named} ${plural(length, { one: 'was', other: 'were' })} right before pressing and small after: press the seam flat, with no ridge beside it, and measure again.`,
  everyPieceIsCutRightWithin:
    'Every piece is cut right, within half a mark. Nothing sewn was measured, so the seam is not known.',
  allCorrectAsNearAsA: 'All correct, as near as a ruler can show. Don’t change a thing.',
  yourSeamMayBeRightThe: 'Your seam may be right: the difference is too small to tell.',
  wide: 'wide',
  narrow: 'narrow',
  costs: 'costs',
  adds: 'adds',
  nearerTheEdge: 'nearer the edge',
  fartherFromTheEdge: 'farther from the edge',
  yourSeamIsALittleEach: (range: Said, wide: Said, costs: Said, range2: Said, threads: Said, nearerThe: Said) =>
    say`Your seam is ${range}, a little ${wide}: each one ${costs} ${range2}. Sew ${threads} ${nearerThe}.`,
  sewAScantSeamAThreads: 'Sew a scant seam, a thread’s width narrower, to allow for the fold.',
  allSizesAreTooAcrossFew: (range: Said, small: Said) =>
    say`All sizes are ${range} too ${small}, across few seams as across many. That is a cut or a trim, not the seam: look at the ruler setting.`,
  theseSizesDontFitOneSeam: (named: Said, length: number) =>
    say`These sizes don’t fit one seam width: ${named} ${plural(length, { one: 'is the odd one', other: 'are the odd ones' })} out. Check for a miscut piece or a seam that wandered.`,
  allWereMeasuredAcrossSoA: (value: number) =>
    say`All were measured across ${value} ${plural(value, { one: 'seam', other: 'seams' })}, so a wrong cut would look the same. Measure a row with more seams: if it is off by more, it is the seam.`,
  aCutThatIsOffBy: 'A cut that is off by the same everywhere would explain it as well; a longer row would tell the two apart.',
  theErrorGrowsWithTheNumber: 'The error grows with the number of seams, so it is the seam and not the cut.',
  thisIsOneMeasurementWhichIs: 'This is one measurement, which is weak: the range above is all that it allows.',
  aThread: 'a thread',
  inCm: (value: Said) => say`${value} cm`,
  inWords: (length: Said) => say`${length} in`,
  mm: (value: Said) => say`${value} mm`,
  about: (from: Said) => say`about ${from}`,
  toWords: (from: Said, value: Said) => say`${from} to ${value}`,
  threads: (count: number, said: Said) => say`${said} ${plural(count, { one: 'thread', other: 'threads' })}`,
  lessThanAThread: 'less than a thread',
  needlePositions: (count: number, said: Said) =>
    say`${said} ${plural(count, { one: 'needle position', other: 'needle positions' })}`,
  ofHalfAMillimetre: (counted: Said, counted2: Said) => say`${counted} (${counted2} of half a millimetre)`,
  cameOutInOurTestBlock: (first: Said, rest: Said, off: Said, small: Said) =>
    say`${first}${rest} came out ${off} ${small} in our test block. Check your seam allowance before you go on.`,

  // embargo
  month: (value: Said) => say`Month ${value}`,

  // letters
  aWordAbout: (programme: Said) => say`${programme}: how is your sewing going?`,
  everythingIsOnYourPage: (page: Said) =>
    say`Your page has every sheet that is out, step by step, and a plan for catching up in the hours you have:\n${page}`,
  isHereAndItsTimeFor: (month: Said, parts: Said) => say`${month} is here, and it’s time for ${parts}.`,
  isHere: (month: Said) => say`${month} is here.`,
  isHereAndThereAreThese: (month: Said, blocks: Said) => say`${month} is here, and there are these blocks: ${blocks}.`,
  isHereAndTheBlockIs: (month: Said, blocks: Said) => say`${month} is here, and the block is ${blocks}.`,
  dear: (first: Said) => say`Dear ${first},`,
  yourSheetForIsAttachedAnd: (here: Said, made: Said, page: Said) =>
    say`${here} Your sheet for ${made} is attached, and you can also open it on your page:\n${page}`,
  before: (next: Said) => say`Before ${next}: `,
  theNextSheetComesOutOn: (next: Said) => say`The next sheet comes out on ${next}.`,
  thisIsTheLastSheetWell: 'This is the last sheet. Well done!',
  questionsAskUsFromYourPage: (contact: Said) => say`Questions? Ask us from your page, or find ${contact}.`,
  questionsAskUsFromYourPage2: 'Questions? Ask us from your page.',
  happySewing: (from: Said) => say`Happy sewing,\n${from}`,
  correctionPleaseReadBeforeYouCut: (titled: Said) => say`Correction: ${titled}. Please read before you cut`,
  weHaveCorrectedTheSheetPlease: (month: Said, version: Said, held: Said) =>
    say`We have corrected the ${month} sheet. Please use version ${version} (attached, and on your page) and throw version ${held} away.`,
  whatHasChangedFor: (made: Said, list: Said) => say`What has changed for ${made}:\n${list}`,
  stopThereAndAskUsFirst: 'Stop there and ask us first. We may have the pieces you need.',
  alreadyCut: (value: Said) => say`Already cut? ${value}`,
  yourPage: (page: Said) => say`Your page: ${page}`,
  sorryForTheTroubleIfAnything: 'Sorry for the trouble. If anything is unclear, reply before you cut any more.',
  thanksForYourQuestionYouAsked: (list: Said) => say`Thanks for your question. You asked:\n${list}`,
  youCanAlsoSeeItOn: (page: Said) => say`You can also see it on your page: ${page}`,

  // load
  isAllDaysOff: 'is all days off',
  hasAndIsFull: (hours: Said) => say`has ${hours} and is full`,

  // person
  theNameIsMissing: 'the name is missing',
  isntAValidEmailAddressUse: (email: Said) => say`‘${email}’ isn’t a valid email address. Use the form name@example.org`,
  weCantFindTheColourway: (colourway: Said) => say`we can’t find the colourway ‘${colourway}’`,
  chooseAColourway: 'choose a colourway',
  weCantFindTheSize: (size: Said) => say`we can’t find the size ‘${size}’`,
  weCantFindTheMonth: (paidTo: Said) => say`we can’t find the month ‘${paidTo}’`,
  theLeavingDateIsBeforeThe: 'the leaving date is before the joining date',
  postedKitsNeedAnAddress: 'posted kits need an address',

  // roster-csv
  theFileIsEmpty: 'the file is empty',
  weNeedToKnowWhichColumn: 'we need to know which column has the names. Choose it below',
  twoColumnsAreMatchedToSet: (columnName: Said) => say`two columns are matched to ‘${columnName}’. Set one of them to ‘ignore’`,
  theFileHasLinesTheLimit: (length: Said, most: Said) => say`the file has ${length} lines; the limit is ${most} people`,
  noName: '(no name)',
  peopleAreCalledAddAnEmail: (length: Said, name: Said) =>
    say`${length} people are called ${name}. Add an email column so we know which one`,
  theSamePersonStandsInLine: (get: Said) => say`the same person stands in line ${get} already`,
  anotherIsOnTheRosterWith: (name: Said) => say`another ${name} is on the roster, with another mail address`,
  isLongerThanIsKept: (columnName: Said) => say`${columnName} is longer than is kept`,
  thereIsNoColourway: (cell: Said) => say`there is no colourway '${cell}'`,
  thereIsNoSize: (cell: Said) => say`there is no size '${cell}'`,
  thereIsNoMonth: (cell: Said) => say`there is no month '${cell}'`,
  none: 'none',
  thereIsNoKindOfKit: (cell: Said) => say`there is no kind of kit '${cell}'`,
  isNeitherPickupNorPost: (cell: Said) => say`'${cell}' is neither pickup nor post`,
  isNoStateThereAre: (cell: Said, list: Said) => say`'${cell}' is no state; there are ${list}`,

  // written-sizes
  thisSize: 'this size',
  yourQuestion: (programme: Said) => say`${programme}: your question`,
  ofMovedForwardToTheWeek: (name: Said, hours: Said, doing: Said, date: Said, date2: Said, why: Said) =>
    say`${name}: ${hours} of ${doing} moved forward to the week of ${date}, because the week of ${date2} ${why}.`,
  ofWontFitBeforeGetHelp: (name: Said, hours: Said, doing: Said, date: Said) =>
    say`${name}: ${hours} of ${doing} won’t fit before ${date}. Get help, add hours or release later.`,
  becomes: (columnName: Said, value: Said, read: Said) => say`${columnName}: ${value} becomes ${read}`,
});

/** The steps on the way to a release. */
export const stepNames = spoken('core/running-steps', {
  order: 'order placed',
  house: 'fabric received',
  sample: 'test block sewn',
  proof: 'sheet proofed',
  cut: 'kits cut',
  pack: 'kits packed',
  release: 'released',
});

/** How somebody stands on the list. */
export const stateNames = spoken('core/running-states', {
  waiting: 'waiting',
  in: 'taking part',
  left: 'left',
});

/** How the reader gets the fabric for a month. */
export const comesWords = spoken('core/running-comes', {
  collect: 'Your packet is ready for you to collect.',
  post: 'Your packet comes by post.',
  kept: 'You don’t need a new packet this month: use the fabric that you kept.',
  own: 'You are using your own fabric: the sheet lists what to bring.',
  none: 'There is nothing to cut this month.',
  bag: 'Your pieces are cut for you. Count them against the sheet before you begin.',
});
