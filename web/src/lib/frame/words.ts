/** The words of the frames round every page. */
import { plural, type Said, say, spoken } from '@aggrega/core/words';

export const words = spoken('frame', {
  skipToThePage: 'Skip to the page',
  // ColourwayTabs
  colourways: 'Colourways',

  // DoorFrame
  aggrega: (title: Said) => say`${title} · Aggrega`,
  aggrega2: 'Aggrega',

  // HeadCount
  headCount: 'Head count',
  peopleIn: (colourway: Said) => say`People in ${colourway}`,
  tryingIn: (people: Said, colourway: Said) => say`trying ${people} in ${colourway}`,
  enrolled: (enrolled: Said) => say`${enrolled} enrolled`,
  enrolledIn: (colourway: Said) => say`enrolled in ${colourway}`,
  turnTheHeadCountOf: (colourway: Said) => say`Turn the head count of ${colourway}`,
  enrolled2: (enrolled: Said) => say`, ${enrolled} enrolled`,
  people: (people: Said, enrolled: Said) => say`${people} people${enrolled}`,
  oneFewer: 'One fewer',
  oneMore: 'One more',
  enrol: (people: Said) => say`Enrol ${people}`,
  backTo: (enrolled: Said) => say`Back to ${enrolled}`,
  changeItUnderParticipants: 'change it under Participants',

  // Keys
  keyboardShortcuts: 'Keyboard shortcuts',
  close: 'Close',
  previousMonthNextMonth: 'previous month, next month',
  nextColourway: 'next colourway',
  headCountOneMoreOne: 'head count: one more, one fewer; with Shift, ten',
  shift: 'Shift ← →',
  shiftA: 'Shift A',
  selectThatLetterGoThrough: (fabrics: Said) => say`${fabrics}: select that letter; ← → go through the fabrics by value`,
  ctrlZ: 'Ctrl Z',
  undoWithShiftRedo: 'undo; with Shift redo',
  thisList: 'this list',

  // Meeting
  someoneElseHasChangedThis: 'Someone else has changed this too',
  bothVersionsAreKeptUntil: 'Both versions are kept until you choose. Nothing was overwritten.',
  what: 'What',
  was: 'Was',
  theirsSaved: 'Theirs, saved',
  yours: 'Yours',
  firstSteps: 'First steps',
  firstStepsDone: (done: Said, all: Said) => say`${done} of ${all} done. Next:`,
  goThere: 'Go there',
  skipTheseSteps: 'Hide these steps',
  showTheFirstSteps: 'Show the first steps',
  allSteps: 'All steps',
  stepDone: 'done',
  stepCanWait: '(can wait)',
  theOtherCanBeBrought: 'The version you leave isn’t lost: undo or redo brings it back.',
  drawingWas: 'Was',
  drawingTheirs: 'Theirs, saved',
  drawingYours: 'Yours',
  changedPatches: (n: number) => say`${n} ${plural(n, { one: 'patch', other: 'patches' })} changed`,
  asItWas: 'as it was',
  keepTheirs: 'Keep theirs',
  useMine: 'Use mine',

  // MonthFrame
  monthNotFound: 'Month not found',
  thisMonthDoesntExistAny: 'This month doesn’t exist any more',
  pickAnotherFromTheStrip: 'Pick another from the strip on the left.',
  releaseOn: (dayText: Said) => say` · release on ${dayText}`,
  headCountAndTools: 'Head count and tools',
  headCount2: (name: Said) => say`${name}, head count`,

  // NewerDraft
  aNewerDraft: 'A newer draft',
  released: 'released',
  proofed: 'proofed',
  participantsPages: 'participants’ pages',
  theRelease: 'the release',
  theDraftHasChangedSince: (value: Said, version: Said, value2: Said) =>
    say`The draft has changed since this month was ${value} as version ${version}. The cutting room and ${value2} keep to that version. To`,
  sendACorrectionPublishThe: 'send a correction, publish the sheet again',
  useTheChangesProofIt: 'use the changes, proof it again',
  under: ', under',
  release: 'Release',
  whatDiffers: 'What differs',

  // SaveNote
  viewOnlyNothingYouChange: 'View only: nothing you change here is saved.',
  saved: (time: Said) => say`saved ${time}`,
  saving: 'saving…',
  notSavedYet: 'Not saved yet.',
  tryNow: 'Try now',
  notSaved: 'Not saved:',
  undoThisChange: 'Undo this change',
  someoneElseHasChangedThisToo: 'Someone else has changed this too.',

  // Selvage
  months: 'Months',
  allProgrammes: 'All programmes',
  a: 'A',
  notDrawnYet: 'not drawn yet',

  // Stations
  toFix: (open: Said) => say`${open} to fix`,
  stations: 'Stations',

  // Tools
  undoCtrlZ: (name: Said) => say`Undo ${name} (Ctrl Z)`,
  undo: 'Undo',
  redoCtrlShiftZ: (name: Said) => say`Redo ${name} (Ctrl Shift Z)`,
  redo: 'Redo',
  lightMode: 'Light mode',
  darkMode: 'Dark mode',
  yourAccount: (name: Said) => say`Your account, ${name}`,
  keyboardShortcuts2: 'Keyboard shortcuts (?)',

  // +error
  somethingWentWrongOnOur: 'Something went wrong on our side.',
  aLongLinkIsSometimes: 'A long link is sometimes cut in two at the end of a line. Copy all of it from your email.',
  itMayHaveBeenArchived: 'It may have been archived or deleted, or the address may be mistyped.',
  tryAgain: 'Try again',
  weCantFindThatPage: 'We can’t find that page.',

  // programme-view.ts
  bringTheirOwnFabric: (sized: Said, lists: number) =>
    say`${sized}; ${lists} ${plural(lists, { one: 'brings', other: 'bring' })} their own fabric`,

  // Keys
  headCountBackToThe: 'head count: back to the number enrolled',
  headCountSaveThisNumber: 'head count: save this number',
  previousStepNextStep: (sew: Said) => say`${sew}: previous step, next step`,
  useTheFirstAlternativePiecing: (sew: Said) => say`${sew}: use the first alternative piecing`,
  nextWayToPutThe: (sew: Said) => say`${sew}: next way to put the block together`,
  rotateTheSelectedBlockMirror: (quilt: Said) => say`${quilt}: rotate the selected block, mirror it, reset it`,
  swapTheSelectedBlockWith: (quilt: Said) => say`${quilt}: swap the selected block with the next`,
  shuffleTheScrappyLetters: (fabrics: Said) => say`${fabrics}: shuffle the scrappy letters`,
  oneKitOrAllKits: (cut: Said) => say`${cut}: one kit, or all kits together`,
  findAParticipantAddA: (roster: Said) => say`${roster}: find a participant, add a participant`,
  greyscale: (fabrics: Said) => say`${fabrics}: greyscale`,
  oneTo: (last: Said) => say`1 to ${last}`,
  print: 'print',
  persons: (n: number) => say`${n} ${plural(n, { one: 'person', other: 'people' })}`,
  kits: (n: number) => say`${n} ${plural(n, { one: 'kit', other: 'kits' })}`,
  spare: (n: Said) => say`${n} spare`,
  demo: (n: Said) => say`${n} demo`,
  nothing: 'nothing',
});

/** How far a month’s release is. */
export const releaseStates = spoken('frame-release', {
  draft: 'draft',
  proofed: 'proofed',
  scheduled: 'scheduled',
  released: 'released',
});
