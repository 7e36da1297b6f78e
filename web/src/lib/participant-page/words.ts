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
  blocksDone: (done: number, all: number) => say`${done} of ${all} blocks`,
  oneMore: 'One more block done',
  oneLess: 'One block fewer',
  notKeptYet: 'Kept on this device; your page gets it when you are online again.',
  readAloud: 'Read aloud',
  stopReading: 'Stop reading',
  listen: 'Turn the cards by voice',
  stopListening: 'Stop listening',
  sayNext: 'Say “next” or “back”. What you say stays on this device.',
  spokenNext: 'next',
  spokenBack: 'back',
  whatYouMeasure: 'What you measure',
  yourSize: (what: Said, number: Said, side: Said) => say`Your ${what}${number}${side},`,
  ofNumber: (n: Said) => say`, number ${n}`,
  across: ', across',
  down: ', top to bottom',
  shouldBe: (size: Said, unit: Said) => say`should be ${size} ${unit}`,
  measureAnother: 'Measure another one',
  sendSizes: (n: number) => say`Send the organiser ${plural(n, { one: 'this size', other: 'my sizes' })}`,
  sizesAreYours: 'What you measure stays on your page, unless you send it.',
  sizesSent: 'Sent to the organiser.',
  sizesNotSent: 'You are offline: nothing was sent. Try again in a moment.',
  progress: 'How far you are',
  back: 'Back',
  next: 'Next',
  done: 'Done',
  finish: 'Finish',
  awake: 'The screen stays on. What you have opened here can be read without a connection too.',
  asleep: 'What you have opened here can be read without a connection too.',
});

export const LAYOUT = spoken('participant-page-layout', {
  open: 'Check my layout',
  title: (name: Said) => say`${name}, laid out and checked`,
  backToTheSheet: 'Back to the sheet',
  howItWorks:
    'Lay the pieces out as in the picture, right sides up and not touching. Photograph them from above, with all four corners in the picture. You are told which one lies wrong, before you sew.',
  howBlocks:
    'Lay the blocks out as in the picture and photograph them from above or from a step, with all four corners in the picture. Put the handles on the outer corners of the blocks; borders stay outside. You are told which block is turned, or in another’s place, before you set them.',
  nothingToLay: 'This month has no block to lay out.',
  asItShouldLie: 'As it should lie',
  asItShouldLieIn: (name: Said, n: Said) => say`${name} as it should lie, its ${n} parts numbered`,
  putTheHandles: 'Put each handle on an outer corner of what you have laid out.',
  looking: 'Looking at each piece…',
  anotherPhoto: 'Another photo',
  cornersMakeNone: 'These four corners don’t enclose anything. Move them apart.',
  allRight: (n: number) => say`${plural(n, { one: 'It lies', other: 'All of them lie' })} as in the picture. You can sew.`,
  theRest: (n: number) => say`${plural(n, { one: 'The other one lies', other: 'All the others lie' })} as in the picture.`,
  dim: (what: Said) => say`${what}: it’s too dark to tell. Turn on a lamp and take the photo again, or compare it yourself.`,
  covered: (what: Said) =>
    say`${what}: I can’t tell what lies there. Is it covered, or does it lie far from its place? Compare it yourself.`,
  alike: (what: Said, a: Said, b: Said) =>
    say`${what}: ${a} and ${b} look too much alike in this photo to tell. Compare it yourself.`,
  strange:
    'This doesn’t look like the block in the picture. Is it the right block, in your fabrics, and are the handles on its outer corners? If so, compare it yourself: I can’t tell.',
  upsideDown: (n: Said) => say`Row ${n} lies upside down as a whole. Turn the whole row half way round.`,
  tell: 'Tell the organiser what my checks and my practice find',
  tellWhat:
    'Only which piece lay how is told, with your name; never a photo. It helps them warn the others. You can change this at any time: what you told is then deleted.',
  fromAnotherSide: 'The photo was taken from another side of the table; the answer is for the block as the sheet shows it.',
});

export const DOOR = spoken('participant-page-door', {
  forParticipants: 'for participants',
  openYourPage: 'Open your page',
  lostYourLink: 'Lost the link to your page?',
  weSendACode: 'Type the email address you gave the organiser. We’ll send you a code that opens your page.',
  yourEmail: 'Your email',
  sendMeACode: 'Send me a code',
  enterYourCode: 'Enter your code',
  code: 'Code',
  openMyPage: 'Open my page',
  yourPin: 'Your PIN',
  forgottenPin: 'Forgotten your PIN? Get a code instead.',

  whoCanOpen: 'Who can open this page',
  anyoneWithTheLink: 'Anyone who has its link, so please don’t share it. Set a PIN and a new device is asked for that too.',
  linkAndPin: 'Whoever has its link and knows your PIN. This device isn’t asked for it.',
  openedOn: 'It was opened on',
  thisOne: 'this one',
  lastOn: (day: Said) => say`last on ${day}`,
  notYours: 'One of these isn’t yours? Make a new link: the old one then opens nothing, and we email you the new one.',
  askForAPin: 'Set a PIN',
  changeThePin: 'Change the PIN',
  removeThePin: 'Remove the PIN',
  aPin: 'PIN, 4 to 8 digits',
  setThePin: 'Set it',
  notNow: 'Not now',
  pinSet: 'Set. Other devices are asked for it from now on.',
  pinRemoved: 'Removed. The link alone opens this page again.',
  makeANewLink: 'Make a new link',
  sureOfTheLink: 'Make it: the old link stops working',
  noNewLink: 'The link couldn’t be made anew. The old one still works; try again in a moment.',
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
    'Print the ruler page once at full size and lay your ruler on its one-inch square: if it fits, templates will too.',

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
