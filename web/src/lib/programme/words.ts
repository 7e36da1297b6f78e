/** The words of programme. */
import { type Said, say, spoken } from '@aggrega/core/words';

export const words = spoken('programme', {
  // Dies
  dies: 'Dies',
  diesForHalfSquareTriangles: 'Dies for half-square triangles',
  finishedFromAStripBy: (finished: Said, unit: Said, units: Said, width: Said, die: Said) =>
    say`finished ${finished} ${unit}: ${units} from a strip ${width} by ${die}`,
  aDieRemoved: 'a die removed',
  remove: 'Remove',
  noneYetAddADie: 'None yet. Add a die to be able to choose ‘with a die’ for units of that size.',
  addTheDie: 'Add the die',
  unitFinishesAt: 'Unit finishes at',
  stripWidth: 'Strip width',
  stripLength: 'Strip length',
  unitsPerPass: 'Units per pass',
  houseStyle: (said: Said) => say`house style, ${said}`,

  // HouseForm
  houseStyle2: 'House style',
  unitsAre: 'Units are',
  cutToSizeSewnWith: 'cut to size, sewn with a scant seam',
  cutLargeAndTrimmed: 'cut large and trimmed',
  pressSeams: 'Press seams',
  toNest: 'to nest',
  toTheDarkSide: 'to the dark side',
  open: 'open',
  halfSquareTrianglesCutLarge: 'Half-square triangles cut large are trimmed',
  openedAndPressedThe45: 'opened and pressed, the 45° line on the seam',
  foldedWithATriangleRuler: 'folded, with a triangle ruler on the stitching',
  stitchAndFlipCornersAre: 'Stitch-and-flip corners are',
  trimmedThenPressedOut: 'trimmed, then pressed out',
  pressedOutThenTrimmed: 'pressed out, then trimmed',
  fourPatchesNinePatchesAnd: 'Four-patches, nine-patches and other grids',
  seamAllowance: (unit: Said) => say`Seam allowance, ${unit}`,
  roundCutSizesUpTo: (unit: Said) => say`Round cut sizes up to the next, ${unit}`,
  usableWidthOfFabric: (unit: Said) => say`Usable width of fabric, ${unit}`,
  fabricIsSoldInSteps: 'Fabric is sold in steps of',
  soldBy: 'what fabric is sold by',
  fabricIsSoldBy: 'Fabric is sold by',
  theYard: 'the yard',
  theMetre: 'the metre',
  allowanceForSquaringUpEach: (unit: Said) => say`Allowance for squaring up each cut, ${unit}`,
  houseStyle3: (name: Said) => say`house style, ${name}`,

  // MonthsForm
  addAMonth: 'Add a month',
  changeTheMonths: 'Change the months',
  done: 'Done',
  delete: (name: Said) => say`Delete ${name}`,
  deleteMonth: (name: Said) => say`Delete ${name}?`,
  deleteIt: 'Delete it',
  month: (months: Said) => say`Month ${months}`,
  newMonth: 'New month',
  copyOf: (name: Said) => say`${name} (copy)`,
  copy: (name: Said) => say`Copy ${name}`,
  moved: (name: Said) => say`${name} moved`,
  isNow: (name: Said, place: Said) => say`${name} is now number ${place}.`,
  moveUp: (name: Said) => say`Move ${name} up`,
  moveDown: (name: Said) => say`Move ${name} down`,
  insertAfter: (name: Said) => say`Insert a month after ${name}`,
  nameOf: (number: Said) => say`Name of month ${number}`,
  dayOf: (name: Said) => say`Release date of ${name}`,
  renamed: (from: Said, to: Said) => say`${from} renamed ${to}`,
  dragToMove: 'Drag to move',
  proofedMonthsStay: 'Months that are proofed or released keep their place.',
  thatCannotBe: (why: Said) => say`Nothing was changed: ${why}.`,

  // Shared
  weCantReachTheServer: 'We can’t reach the server. Nothing was changed; try again in a moment.',

  // SettingsPage
  howThisProgrammeIsMade: 'House style, dies and the programme as a file',
  asAFile: 'As a file',
  exportAsAFile: 'Export as a file',

  // TitleForm
  theProgramme: 'The programme',
  nameChanged: 'the programme’s name',
  aProgrammeNeedsAName: 'A programme needs a name.',
  whereParticipantsAsk: 'Where participants can ask (on every sheet)',

  // StatePage
  history: 'History',
  asItWas: (when: Said) => say`As it was on ${when}`,
  then: 'Then',
  thenBy: (name: Said) => say`Then, saved by ${name}`,
  now: 'Now',
  theQuilt: (when: Said) => say`The quilt: ${when}`,
  nothingIsDifferent: 'Nothing is different from today.',
  whatComesBack: 'What to bring back',
  andMoreLines: (n: Said) => say`and ${n} more`,
  bringBack: 'Bring it back',
  backTo: (when: Said) => say`back to ${when}`,
  thesePartsBelongTogether: (why: Said) =>
    say`These parts can’t come back alone: ${why} Tick the parts that belong together. Nothing was changed.`,
  itCanBeUndone: 'It becomes a new save, which you can undo.',
  whatIsNotInASave:
    'Participants, their kits and payments, releases and published sheets aren’t part of a save; they stay as they are.',
  lookAtIt: 'Look at it',

  // HistoryPage
  whoChangedWhatAndWhen: 'Who changed what, and when',
  nothingHasBeenChangedYet: 'Nothing has been changed yet.',
  savedNoChanges: 'saved, no changes',
  newest: 'Newest',
  older: 'Older',
  undoingASaveAddsA:
    'Undoing a save adds a new save, so nothing is lost. Deleted items can be restored for 30 days; erased personal data is gone for good. For people, the history shows which fields changed but not their contents.',
  undone: 'Undone.',
  restored: 'Restored.',

  // NewProgrammePage
  name: 'Name',
  undo: 'undo',
  restoreIt: 'restore',
  added: (name: Said) => say`${name} added`,
  deleted: (name: Said) => say`${name} deleted`,
});
