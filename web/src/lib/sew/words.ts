/** The words of sew. */
import { plural, type Said, say, spoken } from '@aggrega/core/words';

export const words = spoken('sew', {
  // BlockChoices
  comparingMethods: 'Comparing methods…',
  method: 'method',
  methodFor: (label: Said) => say`Method for ${label}`,
  chosen: 'chosen',
  min: (minutes: Said) => say`${minutes} min`,
  waysToPutItTogether: 'Ways to put it together',
  putItTogether: 'Put it together',
  theNextWay: 'The next way',
  j: 'j',
  asUsual: ', as usual',
  differentPartsOfCrossingsNest: (parts: Said, nested: Said, crossings: Said) =>
    say`${parts} different parts, ${nested} of ${crossings} crossings nest`,
  otherUnits: 'Other units',
  otherWaysToPieceIt: 'Other ways to piece it',
  couldBe: (whole: Said) => say`${whole}: could be`,
  minInsteadOf: (minutes: Said, minutes2: Said) => say`, ${minutes} min instead of ${minutes2}.`,
  sewItAs: (to: Said) => say`Sew it as ${to}`,
  x: 'x',
  thereIsNoOtherSensible: 'There is no other sensible way to piece this block.',
  estimatedMinutesForOnePerson: 'Estimated minutes for one person to make one kit (¾ minute a seam; cuts and trims less).',
  biasEdge: 'bias edge',
  biasEdges: 'bias edges',
  matchingPoint: 'matching point',
  matchingPoints: 'matching points',
  costsTheSame: 'costs the same',

  // SewTrack
  theStepBefore: 'The step before',
  step: 'Step',
  stepOf: (names: Said, here: Said, names2: Said) => say`${names}, step ${here} of ${names2}`,
  stepOf2: (here: Said, names: Said) => say`, step ${here} of ${names}`,
  theNextStep: 'The next step',

  // StepPictures
  yourOwnWords: 'Your own words',

  // programmes/[programme]/months/[month]/sew
  thereIsNothingToSew: 'There is nothing to sew yet',
  drawThisMonthsBlockFirst: 'Draw this month’s block first, under',
  block: 'Block',
  itsPiecingOrderThenShows: '. Its piecing order then shows here.',
  fromYourPools: 'From your pools:',
  forEachBlock: ' for each block',
  begunWith: (name: Said) => say`, begun with ${name}`,
  anyOf: (perBlock: Said, value: Said, name: Said, name2: Said) => say`, any ${perBlock}${value} of ${name}${name2}`,
  thePartsBeforeSewing: (name: Said) => say`${name}: the parts before sewing`,
  piecesWithSeamAllowance: 'Pieces, with seam allowance',
  sewn: (name: Said) => say`${name}, sewn`,
  sewnAndPressed: 'Sewn and pressed:',
  whatIsSewnSoFar: 'What is sewn so far',
  blockSoFar: 'Block so far',
  measure: 'Measure:',
  thisBlockIsOnePlain: 'This block is one plain piece, so there is nothing to sew.',
  pressing: 'Pressing',
  theBlockFromTheBack: 'The block from the back',
  fromTheBackWithIts: (name: Said) => say`${name} from the back, with its seam allowances`,
  noPointsWhereFourSeams: 'No points where four seams meet.',
  of: (nested: Said, crossings: Said) => say`${nested} of ${crossings}`,
  seamIntersectionsNest: 'seam intersections nest.',
  atTheYellowDotsSpin:
    'At the yellow dots, spin the seams: undo the last two or three stitches in the seam allowance and press the centre open in a swirl.',
  blockToBlockOfEdge: (nested: Said, crossings: Said) =>
    say`Block to block: ${nested} of ${crossings} edge seams nest with the neighbour`,
  aQuarterTurnClockwise: 'a quarter turn clockwise',
  upsideDown: 'upside down',
  aQuarterTurnAnticlockwise: 'a quarter turn anticlockwise',
  ofIfYouTurnEvery: (nested: Said, crossings: Said, value: Said) =>
    say`; ${nested} of ${crossings} if you turn every other block ${value}`,
  templates: 'Templates',
  printAt100AndCheck:
    'Print at 100% and check the 1 in square. These shapes can’t be cut with a ruler alone: cut round the paper template, with the arrow on the straight grain.',
  templateOf: (label: Said) => say`Template of ${label}`,
  paperTurnedOver: ', paper turned over',
  downloadAtFullSizeSvg: 'download at full size, SVG',
  backToPiecing: 'Back to Piecing',
  theQuilt: 'The quilt',
  // Foreseen
  comeOut: (many: Said, of: Said) => say`About ${many} of ${of} come out right.`,
  howLikelyIs: (size: Said, unit: Said) => say`How likely is ${size} ${unit}?`,
  dotsSay: (name: Said, eased: Said, usable: Said, spoilt: Said) =>
    say`${name} by forty people: ${eased} within a sixteenth, ${usable} within an eighth, ${spoilt} farther off`,
  eachDotIsAPerson:
    'Each dot is a person, at the side of her block that is off by more. Within the light band a block can be eased in.',
  ofFortyComeOut: (eased: number, usable: Said, spoilt: Said) =>
    say`Of forty people ${eased} ${plural(eased, { one: 'block', other: 'blocks' })} can be eased in, ${usable} will pucker or stretch, ${spoilt} will not fit.`,
  causeHabit: 'the width of each person’s seam',
  causeSeam: 'seams that waver',
  causePress: 'pressing',
  causeCut: 'cutting',
  causeBias: 'bias that stretches',
  causeTrim: 'trimming',
  shareOf: (what: Said, percent: Said) => say`${what} ${percent}%`,
  inUnit: (label: Said) => say`inside ${label}`,
  betweenUnits: 'between the units',
  whatIsToBlame: (causes: Said) => say`What is to blame: ${causes}.`,
  whereItComesFrom: (steps: Said) => say`Where it happens: ${steps}.`,
  partN: (n: Said) => say`part ${n} of the block`,
  partNOfTheBlock: (n: Said) => say`Part ${n} of the block`,
  measureHelps: (what: Said, many: Said) =>
    say`If all measure ${what} and then set their seam right, about ${many} of forty can be eased in.`,
  scantHelps: (many: Said) => say`If all sew a thread narrower, about ${many} can be eased in.`,
  scantHarms: (many: Said) => say`Don’t ask for a narrower seam here: with a thread less, only about ${many} can be eased in.`,
  largeHelps: (oversize: Said, unit: Said, many: Said, now: Said, cloth: Said, minutes: Said) =>
    say`Cut ${oversize} ${unit} large and trimmed, about ${many} can be eased in; cut exactly, about ${now}. It takes ${cloth}% more cloth and ${minutes}% more time.`,
  largeDoesNothing: 'Cutting large and trimming hardly helps: what goes wrong here happens after the units are made.',
  fromYourGroup: (measures: number, persons: number, low: Said, high: Said, of: Said) =>
    say`Reckoned with ${measures} ${plural(measures, { one: 'size', other: 'sizes' })} that ${persons} of your people measured: nineteen times in twenty between ${low} and ${high} of ${of} come out right.`,
  atEachCheckpoint: 'How it comes out at each checkpoint',
  commonMistakes: 'Common mistakes',
  mistakesThatStillLookLike:
    'Mistakes that still look like a block. Compare your layout with the correct picture before you sew. The sheet asks for the first of them; if another is what you see at the tables, choose that.',
  askedForFirst: 'The sheet asks for this first.',
  askForTheLikeliest: 'Ask for the likeliest again',
  askForThisFirst: 'Ask for this first',
  askForThis: (text: Said) => say`Ask for this first on the sheet: ${text}`,
  slipOnTheSheet: (name: Said) => say`${name}, slip asked for on the sheet`,
  theCorrectBlock: 'The correct block',
  correct: 'Correct',
  wrong: (text: Said) => say`Wrong: ${text}`,
  andMakes: (yields: Said) => say`, and makes ${yields}`,
  eachBatchTakes: (yields: number, value: Said, yields2: Said) =>
    say`${plural(yields, { one: 'Each', other: 'Each batch' })} takes ${value}${yields2}.`,
  otherUnits2: 'other units',
  putTogether: (name: Said) => say`${name}, put together`,

  // programmes/[programme]/months/[month]/sew
  makeOf: (name: Said, made: Said, title: Said, value: Said, method: Said) =>
    say`${name}: make ${made} ${title} of ${value}, ${method}`,
  moreFabric: (share: Said) => say`${share}% more fabric`,
  lessFabric: (share: Said) => say`${share}% less fabric`,
  moreOf: (n: Said, what: Said) => say`${n} more ${what}`,
  fewerOf: (n: Said, what: Said) => say`${n} fewer ${what}`,
  seam: 'seam',
  seams: 'seams',
  cut: 'cut',
  cuts: 'cuts',
  trim: 'trim',
  trims: 'trims',
});
