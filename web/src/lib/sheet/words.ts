/** What the Sheet station says about the organiser's own words. */
import { type Said, say, spoken } from '@aggrega/core/words';
import type { SheetPart } from '@aggrega/core/programme';

/** Where notes go. */
export const PARTS: Record<SheetPart, string> = spoken('sheet-parts', {
  start: 'at the top',
  need: 'after “You will need”',
  cut: 'after “Cut”',
  units: 'after “Make the units”',
  layout: 'after the layout',
  join: 'after the block is joined',
  check: 'after the size to measure',
  end: 'at the end',
});

export const PLACE = spoken('sheet-place', {
  begin: 'Write this in your own words',
  field: 'Your own words',
  save: 'Put it on the sheet',
  cancel: 'Cancel',
  leaveOut: 'Leave it out',
  mine: 'Yours, instead of: ',
  computedAgain: 'use computed words restored',
  hidden: 'Left out: ',
  putBack: 'put it back',
  aside: 'You wrote, for other words than these: ',
  useHere: 'use it here too',
  forget: 'delete it',
});

export const WRITING = spoken('sheet-writing', {
  begin: 'Change the words of a step',
  end: 'Done with the words',
  hint: 'Choose any sentence on the sheet and write it your way. The computed one is kept, and you are told when it changes.',
});

export const NOTES = spoken('sheet-notes', {
  title: 'Your own notes',
  where: 'Place',
  none: 'No notes here yet.',
  add: 'Add a note',
  addPhoto: 'Add a photo',
  hide: 'hide',
  show: 'show',
  hiddenNow: 'not on the sheet',
  up: 'Move it up',
  down: 'Move it down',
  remove: 'remove',
  takeOff: 'remove the photo',
  sending: 'Sending the photo…',
});

export const words = spoken('sheet', {
  // OwnNotes
  yourPhotoOnTheSheet: 'Your photo on the sheet',
  note: (i: Said, part: Said) => say`Note ${i} ${part}`,
  homeworkForThisMonth: 'Homework for this month',
  n80UnitsSewnAndPressed: '80 units sewn and pressed',
  contactLineOnEverySheet: 'Contact line (on every sheet)',
  whereToAsk: 'where to ask',
  yourNotes: (part: Said) => say`your notes ${part}`,

  // OwnPlace
  wordsOfYoursForgotten: 'your own words deleted',
  aStepInYourOwn: 'a step in your own words',
  aTextLeftOut: 'a text left out',
  theComputedWordsAgain: 'computed words restored',

  // SheetVersions
  versions: 'Versions',
  notPublishedYetOncePublished: 'Not published yet. Once published, a version stays as it is.',
  version: (version: Said) => say`Version ${version}`,
  pdf: 'PDF',
  sinceVersion: (version: Said) => say`Since version ${version}:`,
  inTheEmailToEveryone: (version: Said) => say`In the email to everyone who has version ${version}, after “Already cut?”`,
  stopThereAndAskUs: 'Stop there and ask us first. We may have the pieces you need.',
  version2: (version: Said) => say`version ${version}`,
  thisSheet: 'this sheet',
  publish: (version: Said) => say`Publish ${version}`,
  weCouldntLoadTheVersions: 'We couldn’t load the versions. Try again in a moment.',
  weCantReachTheServer: 'We can’t reach the server. Nothing was published; try again in a moment.',
  nothingHasChangedSinceVersion: (version: Said) => say`Nothing has changed since version ${version}.`,
  versionIsPublished: (version: Said) => say`Version ${version} is published.`,

  // SheetWishesForm
  thisSheetIsFor: 'This sheet is for',
  quilt: 'Quilt',
  standardSize: 'standard size',
  kit: 'Kit',
  detail: 'Detail',
  units: 'Units',
  asSetForTheMonth: 'as set for the month',
  cutToSize: 'cut to size',
  cutLargeAndTrimmed: 'cut large and trimmed',
  stripEndsThatALater: 'Strip ends that a later month needs',
  asSetForTheKit: 'as set for the kit',
  cutNowAndBagged: 'cut now and bagged',
  keptWhole: 'kept whole',
  largePrint: 'large print',
  everySizeOnADrawn: 'every size on a drawn ruler',
  picturesToColourIn: 'pictures to colour in',

  // programmes/[programme]/months/[month]/sheet
  drawABlockFirstThe:
    'Draw a block first; the sheet is written from it. For a lesson without a block, write your own notes beside this.',
  theSheetCantBeWritten: 'The sheet can’t be written yet',
  printAndDownload: 'Print and download',
  printTheSheet: 'Print the sheet',
  pdfA4: 'PDF (A4)',
  pdfUsLetter: 'PDF (US Letter)',
  text: 'text',
  html: 'HTML',
  templatesAtFullSizePdf: 'Templates at full size, PDF',
  demonstrationNotesStepOutsAnd: 'Demonstration notes (step-outs and running order), PDF',
  draft: (revision: Said, date: Said) => say`Draft ${revision}, ${date}`,

  // programmes/[programme]/papers
  welcomePackAndBulkDownloads: 'Welcome pack and bulk downloads',
  welcomePack: 'Welcome pack',
  theWelcomePackCantBe: 'The welcome pack can’t be written yet',
  welcomeLetter: 'Welcome letter',
  welcomeLetter2: 'welcome letter',
  mysteryQuiltHideEachBlock: 'Mystery quilt: hide each block until its month',
  printTheWelcomePack: 'Print the welcome pack',
  oneMonthAllVersions: 'One month, all versions',
  month: 'Month',
  sheetsPdfAndTextAnd: 'Sheets (PDF and text) and cut lists for every colourway and size in use, as a ZIP.',
  allSheetsZip: 'All sheets, ZIP',
  of: (done: Said, all: Said) => say`${done} of ${all}`,
  stop: 'Stop',
  thereAreNoBlocksYet: 'There are no blocks yet.',

  // month-export.svelte.ts
  couldNotBeMade: (name: Said) => say`We couldn’t make ${name}`,
  nothingWasKept: (message: Said) => say`Nothing was kept: ${message}.`,

  // SheetWishesForm
  beginnerEveryWordAndRuler: 'beginner: every word and ruler explained',
  experiencedNumbersAndDiagrams: 'experienced: numbers and diagrams',
  standard: 'standard',
  leftHandedCutting: 'left-handed cutting',
});
