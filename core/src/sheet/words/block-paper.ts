/** The words of sheet/block-paper. */
import { plural, type Said, say, spoken } from '../../words';

export const words = spoken('sheet/block-paper', {
  take: 'Take',
  make: 'Make',
  theUnitsOf: (verb: Said, name: Said) => say`${verb} the units of ${name}`,
  theUnits: (verb: Said) => say`${verb} the units`,
  fromTheBackItsCrossingSpun: (label: Said) => say`${label} from the back, its crossing spun`,
  measure: (list: Said) => say`Measure ${list}.`,
  layoutOf: (name: Said) => say`Layout of ${name}.`,
  onePlainPatch: 'one plain patch',
  plainPatches: (make: Said) => say`${make} plain patches`,
  isAnyOfPool: (onePlain: Said, name: Said) => say` is ${onePlain}, any of pool ${name}.`,
  theSmallArrowPointsToThe: 'The small arrow points to the top of each unit, as it is drawn under ‘Make the units’.',
  putTogether: (name: Said) => say`Put ${name} together`,
  putTheBlockTogether: 'Put the block together',
  layAsInThePictureBefore: (make: number) =>
    say`Lay ${plural(make, { one: 'everything out', other: 'out one block at a time, all of it,' })} as in the picture before you sew any of it together.`,
  thePictureShowsOneWayTo:
    'The picture shows one way to lay the units of your pool. Any other is as good while equal fabrics do not touch.',
  isEveryOutsideCorner: (fabric: Said) => say`is every outside corner ${fabric}`,
  doesMeetInTheMiddle: (fabric: Said) => say`does ${fabric} meet in the middle`,
  check: 'Check: ',
  doesEveryPatchLieAsIn: 'does every patch lie as in the picture? Read it row by row.',
  theUsualMistakeIsHoldYours: (what: Said) => say`the usual mistake is ${what}. Hold yours against the picture.`,
  makeAlike: (length: Said) => say`Make ${length} alike. `,
  spin: (crossingsOf: Said) => say`Spin ${crossingsOf}.`,
  setEachSeamThenPressIt: (nesting: Said) =>
    say`Set each seam, then press it in the direction of the arrow. Chain-piece, and leave the threads between the parts uncut, so that none can get turned round. ${nesting}`,
  measure2: 'Measure ',
  square: (size: Said) => say`${size} square`,
  yourBlockShouldMeasure: (sized: Said) => say`Your block should measure ${sized}.`,
  measureThroughTheMiddleBothWays: (toleranceText: Said) => say` Measure through the middle, both ways. ${toleranceText}`,
  commonMistakes: 'Common mistakes',
  wrong: (text: Said) => say`Wrong: ${text}`,
  ofWords: (name: Said) => say` of ${name}`,
  sewOnThe: (what: Said, more: Said) => say`Sew on the ${what}${more}`,
  frame: 'Frame',
  coping: 'Coping',
  ofEachBlock: (make: number) => say`${plural(make, { one: '', other: ' of each block' })}`,
  everyOutsideCornerMustBe: (text: Said, fabric: Said) => say`${text}. Every outside corner must be ${fabric}`,
  mustMeetInTheMiddle: (text: Said, first: Said, rest: Said) => say`${text}. ${first}${rest} must meet in the middle`,
  sewTwoStripsToThePress: (more: Said, strip: Said, unit: Said, sides: Said, ofEachBlock: Said, size: Said) =>
    say`${more}: sew two strips ${strip} ${unit} to the ${sides}${ofEachBlock}. Press towards the strips. Measure: ${size}.`,
  unitsSquare: (size: Said, unit: Said) => say`${size} ${unit} square`,
  sides: 'sides',
  topAndBottom: 'top and bottom',
});
