/** What the participants' pages say. */
import { plural, type Said, say, spoken } from '@aggrega/core/words';

export const READER = spoken('participant-page-reader', {
  title: 'Step by step',
  open: 'Sew it step by step',
  sheet: 'The whole sheet',
  goTo: 'Go to',
  start: 'What it is',
  step: ({ number, count }: { number: number; count: number }) => say`step ${number} of ${count}`,
  count: (done: number, all: number) => say`${done} of ${all}`,
  progress: 'How far you are',
  back: 'Back',
  next: 'Next',
  done: 'Done',
  finish: 'Finish',
  awake: 'The screen stays on. What you have opened here can be read without a connection too.',
  asleep: 'What you have opened here can be read without a connection too.',
});

export const words = spoken('participant-page', {
  // AskForm
  ask: 'Ask',
  or: (contact: Said) => say`Or: ${contact}.`,
  yourQuestion: 'Your question',
  about: 'About',
  anything: 'anything',
  andByEmail: ' and by email',
  sentWellAnswerHere: (value: Said) => say`Sent. We’ll answer here${value}.`,
  notAnsweredYet: 'not answered yet',

  // CatchUp
  catchingUp: 'Catching up',
  youHaveMonthsToFinish: (toDo: Said) => say`You have ${toDo} months to finish. At`,
  hoursAWeek: 'Hours a week',
  hours: (h: number) => say`${plural(h, { one: 'hour', other: 'hours' })}`,
  youCanFinishThisWeek: 'you can finish this week',
  thatIsAboutWeeks: (weeks: Said) => say`that is about ${weeks} weeks`,
  aWeek: (weeks: Said) => say`a week ${weeks}:`,
  thisWeek: 'this week',
  from: (dayText: Said) => say`from ${dayText}`,
  timesAreEstimates: 'Times are estimates.',

  // MeasureHelp
  isMySeamRight: 'Is my seam right?',
  sewAndPressARow:
    'Sew and press a row, then measure it. Enter how many seams it has, the size on your sheet and the size you get. The more seams, the surer the answer. Nothing is sent unless you press Send.',

  sendToTheOrganiser: 'Send to the organiser',
  measuredIn: 'Measured in',
  noMonth: 'no month',
  youHaveSent: 'You have sent',
  takeBack: 'Take back',

  // OwnMonths
  theMonths: 'The months',
  theFirstMonthComesOut: (dayText: Said) => say`The first month comes out on ${dayText}.`,
  nothingHasBeenReleasedYet: (dayText: Said) => say`Nothing has been released yet. ${dayText}`,
  released: (day: Said) => say`released ${day}`,
  thisSheetHasBeenCorrected: (version: Said, held: Said) =>
    say`This sheet has been corrected. Use version ${version}, not your version ${held}. Check it before you cut.`,
  beforeTheNextMonth: (homework: Said) => say`Before the next month: ${homework}`,
  openTheSheet: 'Open the sheet',
  pdf: 'PDF',
  howFarWith: (name: Said) => say`How far with ${name}`,
  stillToCome: 'Still to come:',
  monthOn: (value: Said, number: Said, dayText: Said) => say`${value}month ${number} on ${dayText}`,
  kitReadyForYou: 'kit ready for you',
  youHaveYourKit: 'you have your kit',

  // OwnPictures
  yourPictures: 'Your pictures',
  month: 'Month',
  aPictureFromYourDevice: 'A picture from your device',
  yoursOf: (nameOf: Said) => say`Yours of ${nameOf}`,
  delete: 'Delete',
  whoSeesMyPictures: 'Who sees my pictures? You can change this at any time.',
  onlyMe: 'Only me',
  theOrganiserToo: 'The organiser and me',
  theGroupToo: 'The organiser and the group, under my first name',
  seeTheGroupsBlocks: (gallery: Said) => say`See the group’s blocks (${gallery})`,

  // SheetWays
  sheetSettings: 'Sheet settings',
  fabricThatALaterMonth: 'Fabric that a later month needs',
  asMyKitSays: 'as my kit says',
  iCutItNowAnd: 'I cut it now and bag it',
  iKeepItWholeAnd: 'I keep it whole and cut it later',
  detail: 'Detail',
  standard: 'standard',
  beginnerEveryStepExplained: 'beginner: every step explained',
  experiencedNumbersAndDiagrams: 'experienced: numbers and diagrams',
  largePrint: 'large print',
  drawingsForLeftHands: 'drawings for left hands',
  everySizeDrawnOnA: 'every size drawn on a ruler',
  picturesToColourIn: 'pictures to colour in',

  // StepReader

  // p/[key]
  youHaveLeftThisProgramme: 'You have left this programme. Everything released before you left is still here.',
  yourFabrics: 'Your fabrics',
  downloads: 'Downloads',
  welcomePackWithRulerPage: 'Welcome pack with ruler page, PDF',
  calendar: 'Calendar',
  printTheRulerPageOnce:
    'Print the ruler page once at full size and lay your ruler on its one-inch square: if it fits, templates will too. This page is private, but anyone who has the link can open it. Please don’t share it.',

  // p/[key]/gallery
  theGroupsBlocks: 'The group’s blocks',
  backToYourPage: 'Back to your page',
  noOneHasSharedA: 'No one has shared a picture yet.',
  sOf: (name: Said, name2: Said) => say`${name}’s of ${name2}`,

  // p/[key]/months/[month]
  pdfA4: 'PDF (A4)',
  pdfUsLetter: 'PDF (US Letter)',
  text: 'text',
  printTheSheet: 'Print the sheet',

  // p/[key]/months/[month]/steps
  stepByStep: (name: Said) => say`${name}, step by step`,

  // own.svelte.ts
  youAreOfflineNothingWas: 'You are offline. Nothing was changed; try again in a moment.',

  // SheetWays, the English
  english: 'English',
  asEveryoneElse: 'as everyone else',
  british: (looks: Said) => say`British: ${looks}`,
  american: (looks: Said) => say`American: ${looks}`,
  min: (n: Said) => say`${n} min`,
  h: (n: Said) => say`${n} h`,
});
