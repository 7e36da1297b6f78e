/** The words of participants. */
import { plural, type Said, say, spoken } from '@aggrega/core/words';

export const words = spoken('participants', {
  // BulkBar
  selectedParticipants: 'Selected participants',
  selected: 'selected',
  all: (found: Said) => say`all ${found}`,
  none: 'none',
  moveToColourway: 'Move to colourway',
  moveTo: 'move to…',
  setQuiltSize: 'Set quilt size',
  quilt: 'quilt…',
  standardSize: 'Standard size',
  setState: 'Set state',
  state: 'state…',
  setGetsKitBy: 'Set gets kit by',
  getsKitBy: 'gets kit by',
  getsKitBy2: 'gets kit by…',
  setPaidUpTo: 'Set paid up to',
  paidUpTo: 'paid up to',
  paidUpTo2: 'paid up to…',
  nothingYet: 'nothing yet',

  // NewPerson
  addAParticipant: 'Add a participant',
  allPlacesAreTakenSo: (most: Said) => say`All ${most} places are taken, so this person goes on the waiting list.`,
  name: 'Name',
  emailNeededToSendSheets: 'Email (needed to send sheets)',
  colourway: 'Colourway',
  quilt2: 'Quilt',
  cancel: 'Cancel',
  addToWaitingList: 'Add to waiting list',
  add: 'Add',
  onTheWaitingList: 'on the waiting list',

  // PersonForm
  close: 'Close',
  typeAName: 'Type a name.',
  kit: 'Kit',
  state2: 'State',
  getsKitBy3: 'Gets kit by',
  address: 'Address',
  paidUpTo3: 'Paid up to',
  notesStaffOnly: 'Notes (staff only)',
  participantPage: 'Participant page',
  copy: 'Copy',
  replaceLinkTheOldOne: 'Replace link (the old one stops working)',
  showPrivateLink: 'Show private link',
  storedData: 'Stored data',
  downloadData: 'Download data',
  eraseForGood: 'Erase for good',
  eraseAllData: 'Erase all data…',
  nameContactDetailsNotesQuestions:
    'Name, contact details, notes, questions, pictures and ticks are erased for good. Kits already made become unassigned.',
  aDateLike202704: 'A date, like 2027-04-14.',
  theLinkCouldNotBe: 'We couldn’t load the link. Try again in a moment.',
  theOldLinkOpensNothing: 'The old link no longer works.',
  copied: 'Copied.',
  nothingWasErasedTheServer: 'We can’t reach the server. Nothing was erased.',

  // RosterImport
  importCsvPreviewFirst: 'Import CSV (preview first)',
  whatWouldChange: (name: Said) => say`What ${name} would change`,
  notReady: (p: Said) => say`Not ready: ${p}.`,
  matchColumns: 'Match columns',
  column: (i: Said) => say`column ${i}`,
  ignore: 'ignore',
  asItIs: 'as it is',
  newChangedUnchangedWithErrors: (count: Said, count2: Said, count3: Said, count4: Said) =>
    say`${count} new, ${count2} changed, ${count3} unchanged, ${count4} with errors.`,
  everyoneIsListedLikeThat: 'Everyone is listed like that already.',
  importPeople: (take: number) => say`Import ${take} ${plural(take, { one: 'person', other: 'people' })}`,
  theFileIsLargerThan: 'The file is larger than 4 MB. Is it the right one?',
  theRosterCouldNotBe: 'We couldn’t read the list of participants. Try again in a moment.',
  peopleFrom: (take: number, name: Said) => say`${take} ${plural(take, { one: 'person', other: 'people' })} from ${name}`,
  somebodyElseChangedTheRoster: 'Someone else has changed the list since. Choose the file again.',

  // RosterSide
  kitsAMonth: 'Kits a month',
  moreUseTheirOwnFabric: (list: number) =>
    say`${list} more ${plural(list, { one: 'uses', other: 'use' })} their own fabric (sheets only).`,
  typeAWholeNumberOr: 'Type a whole number, or leave it empty.',
  placesFree: (free: number) => say`; ${free} ${plural(free, { one: 'place', other: 'places' })} free`,
  noFreePlaces: '; no free places',
  onTheWaitingList2: (waiting: Said, free: Said) => say`${waiting} on the waiting list${free}.`,
  offerAPlaceToThe: 'Offer a place to the next',
  importAndDownload: 'Import and download',
  csv: 'CSV',
  theMostKits: 'the most kits',
  takenInFromTheWaiting: (name: Said) => say`${name} given a place`,

  // RosterTable
  participants: 'Participants',
  selectEveryoneOnThisPage: 'Select everyone on this page',
  select: (name: Said) => say`Select ${name}`,
  note: 'note',
  size: 'Size',
  joined: 'Joined',
  ownFabric: 'own fabric',
  byPost: 'by post',

  // ProgressPage
  howTheyGetOn: 'How far everybody is, and what they sent',
  nothingIsOutYet: 'No month is released yet. From then on participants tick here what they have done, ask, and send pictures.',
  byMonth: 'Month by month',
  piecesCut: 'Pieces cut',
  unitsSewn: 'Units sewn',
  blockFinished: 'Block finished',
  ofPeople: (done: Said, people: Said) => say`${done} of ${people}`,
  whatTheySent: 'What they sent',
  everythingOfEverybody: 'Show everything',
  nothingWasSentYet: 'Nothing sent yet. Participants ask, send pictures and send measurements from their own pages.',
  questionsCount: (all: number, open: number) =>
    say`${all} ${plural(all, { one: 'question', other: 'questions' })}, ${open} to answer`,
  pictures: 'Pictures',
  pictureOf: (name: Said, month: Said) => say`${name}’s block of ${month}`,
  groupMaySee: 'Shared with the group',
  onlyYouMaySee: 'For you only',
  keptPrivate: (n: number) =>
    say`${n} more ${plural(n, { one: 'picture is', other: 'pictures are' })} kept private by ${plural(n, { one: 'its owner', other: 'their owners' })}.`,
  measurements: 'Measurements',
  sentToYou: 'sent to you',
  aSize: 'a size',
  measuredSize: (what: Said, seams: number, measured: Said, expected: Said, unit: Said) =>
    say`${what}, ${seams} ${plural(seams, { one: 'seam', other: 'seams' })}: ${measured} ${unit}; the sheet says ${expected} ${unit}`,
  beforePressing: ', before pressing',
  checkedLayouts: 'Checked before sewing',
  peopleChecked: (name: Said, month: Said, people: number) =>
    say`${name}, ${month}: ${people} ${plural(people, { one: 'participant', other: 'participants' })} told what their layout checks found`,
  allLayRight: 'Everything lay as it should.',
  slipOf: (what: Said, people: number) => say`${what}: ${people} ${plural(people, { one: 'person', other: 'people' })}`,
  slipTurned: (label: Said) => say`${label} turned`,
  slipMirrored: (label: Said) => say`A mirror image in place of ${label}`,
  slipFabrics: (label: Said) => say`${label} with its fabrics swapped`,
  slipExchanged: (label: Said) => say`Another piece where ${label} belongs`,
  slipRow: 'A row upside down',
  aPlainPatch: 'a plain patch',
  askForItOnTheSheet: 'Ask for it on the sheet',
  theSheetAsksForIt: 'The sheet asks for it first.',
  noLongerAsk: 'No longer ask for it',
  slipOnTheSheet: (name: Said) => say`${name}, slip asked for on the sheet`,
  askedInTheNextVersion: 'A sheet that is out keeps its words until you correct it; the next version asks.',
  personByPerson: 'Person by person',
  leastFirst: 'Three marks to a month: pieces cut, units sewn, block finished. Whoever has ticked least comes first.',
  nobodyTakesPartYet: 'Nobody takes part yet.',
  notBegun: 'Not begun',
  pagesOfPeople: 'Pages of people',
  earlierPeople: 'Back',
  laterPeople: 'More',
  whoSeesWhat: 'Who sees what',
  picturesAreTheirs:
    'Each participant decides who sees their pictures: nobody, you, or you and the group. Measurements and layout checks are here because they sent them.',
  ticksAreTheirOwn: 'Steps are ticked by participants themselves. No tick doesn’t mean that nothing was sewn.',
  writeToThoseBehind: 'Remind those behind',
  howFarThisPersonIs: 'Progress and what they sent',

  // programmes/[programme]/post
  questionsToAnswerEmails: (open: number, found: number) =>
    say`${open} ${plural(open, { one: 'question', other: 'questions' })} to answer · ${found} ${plural(found, { one: 'email', other: 'emails' })}`,
  questions: 'Questions',
  noQuestionsYetParticipantsAsk: 'No questions yet. Participants ask on their own pages.',
  answerTo: (name: Said) => say`Answer to ${name}`,
  answer: 'Answer',
  noEmailAddressYourAnswer: 'No email address: your answer will show on their page only.',
  emails: 'Emails',
  searchByNameOrSubject: 'Search by name or subject',
  all2: 'all',
  month: 'Month',
  retryFailedEmails: 'Retry failed emails',
  noEmailsMatch: 'No emails match.',
  noEmailsYetTheyAre: 'No emails yet. They are sent when you release a month.',
  to: 'To',
  subject: 'Subject',
  when: 'When',
  pagesOfEmails: 'Pages of emails',
  newer: 'Newer',
  toOf: (last: Said, min: Said, found: Said) => say`${last} to ${min} of ${found}`,
  older: 'Older',
  howEmailsAreSent: 'How emails are sent',
  sentThroughYourMailServer: 'Sent through your mail server.',
  keptInADemoMailbox:
    'Kept in a demo mailbox on this computer: no email leaves it. To send real emails, set AGGREGA_SMTP (see the README).',
  openTheDemoMailbox: 'Open the demo mailbox',
  weCantReachTheServer: 'We can’t reach the server. Nothing was sent; what you wrote is still here.',

  // programmes/[programme]/roster
  of: (most: Said) => say` of ${most}`,
  peopleKitsAMonth: (everybody: Said, kits: number, most: Said) =>
    say`${everybody} people · ${kits} ${plural(kits, { one: 'kit', other: 'kits' })} a month${most}`,
  nothingWasChanged: (name: Said, message: Said) => say`${name}${message}. Nothing was changed.`,
  thisPerson: 'this person',
  empty: 'empty',
  someoneElseHasJustChanged: (name: Said, now: Said, wanted: Said) =>
    say`Someone else has just changed ${name}: now ‘${now}’, yours ‘${wanted}’. Your change wasn’t saved. Check and try again.`,
  noParticipantsYetAddPeople: 'No participants yet. Add people one by one, or import your list as a CSV.',
  untilYouAddSomeoneHead:
    'Until you add someone, head counts are set by hand. After that they come from this list, and so do kits, fabric and orders.',
  nameEmailOrNote: 'Name, email or note (/)',
  all3: (everybody: Said) => say`all ${everybody}`,
  collection: 'collection',
  post: 'post',
  noOneMatches: 'No one matches.',
  clearFilters: 'Clear filters',
  pagesOfParticipants: 'Pages of participants',
  previous: 'Previous',
  next: 'Next',
  undo: 'Undo',

  // roster.svelte.ts
  weCantReachTheServerSo: 'We can’t reach the server, so this list may be out of date.',
  undone: (name: Said) => say`Undone: ${name}.`,
  doneAgain: (name: Said) => say`${name}, done again.`,
  weCantReachTheServerNothing: 'We can’t reach the server. Nothing was changed; try again in a moment.',

  // PersonForm
  email: 'Email',
  phone: 'Phone',
  left: 'Left',

  // RosterSide
  maximumKitsLeaveEmptyFor: 'Maximum kits (leave empty for no limit)',
  programmeDefault: 'programme default',

  // BehindForm
  peopleBehind: 'People who are behind',
  nobodyIsBehind: 'No one who ticks what they have sewn is two months behind.',
  behindAre: (n: number) =>
    say`${n} ${plural(n, { one: 'person has', other: 'people have' })} two months or more that are out and not finished, by their own ticks:`,
  whatYouWrite: 'Your message (their page’s address is added)',
  usualReminder:
    'We’ve missed you at the sewing table. If life has been busy, that’s fine: every block keeps, and you can start again with the easiest one.',
  sendTo: (n: number) => say`Email ${n} ${plural(n, { one: 'person', other: 'people' })}`,
  writtenThisWeek: (n: number) =>
    say`${n} ${plural(n, { one: 'has', other: 'have' })} had a message this week and won’t get another.`,
  withoutAddress: (n: number) => say`${n} ${plural(n, { one: 'has', other: 'have' })} no email address.`,
  remindersSent: (n: number) => say`${n} ${plural(n, { one: 'message is', other: 'messages are' })} on the way.`,

  // How far an email is
  queued: 'queued',
  sending: 'sending',
  sent: 'sent',
  failedState: 'failed',
});
