/** The words of the desk. */
import { plural, type Said, say, spoken } from '@aggrega/core/words';

export const words = spoken('desk', {
  // Desk
  deskAggrega: 'Desk · Aggrega',
  aggrega: 'Aggrega',
  desk: 'Desk',
  needsAHand: 'What needs doing',
  late: 'Late',
  today: 'Today',
  thisWeek: 'This week',
  later: 'Later',
  lookingThrough: 'Checking sheets and stock…',
  nothingPressing: 'Nothing is pressing.',
  nothingPressingNext: (title: Said, name: Said, day: Said) => say`Nothing is pressing. Next: ${name} of ${title}, ${day}.`,
  nothingPressingHere: (name: Said, day: Said) => say`Nothing is pressing. Next: ${name}, ${day}.`,
  nothingPlanned: 'Nothing is pressing, and no release has a date yet.',
  notChecked: 'We couldn’t check sheets and stock: the server isn’t answering.',
  tryAgain: 'Try again',
  daysLate: (n: number) => say`${n} ${plural(n, { one: 'day', other: 'days' })} late`,
  tomorrow: 'tomorrow',
  openStation: (name: Said) => say`Open ${name}`,
  showAll: (n: Said) => say`Show all ${n}`,
  showFewer: 'Show fewer',

  // Programmes
  programmes: 'Programmes',
  team: 'Team',
  importAProgramme: 'Import',
  newProgramme: 'New programme',
  youreInTheDemoAs: (name: Said) => say`You’re in the demo as ${name} (owner). It can only be opened on this computer.`,
  signIn: 'Sign in',
  or: ', or',
  setUpYourOwnShop: 'set up your own shop or guild',
  noProgrammes: 'There is no programme here yet.',
  composeAYear: 'Compose a year',
  noProgrammesMore:
    'Let us lay out a whole year, start one from nothing, or import a file. The desk then tells what needs doing, day by day: sheets to proof, kits to cut, fabric to order.',
  peopleNext: (people: number, name: Said, day: Said) =>
    say`${people} ${plural(people, { one: 'person', other: 'people' })}. Next: ${name}, ${day}.`,
  peopleNoNext: (people: number) =>
    say`${people} ${plural(people, { one: 'person', other: 'people' })}. Nothing more is dated.`,
  theQuilt: (title: Said) => say`The quilt of ${title}`,
  archive: 'Archive',
  archived: 'Archived',
  restore: 'Restore',
  weCantReachTheServer: 'We can’t reach the server. Nothing was changed. Try again in a moment.',

  // Elsewhere
  elsewhere: 'This list elsewhere',
  subscribe: 'In your calendar: anyone with this address can read it.',
  byMail: 'By email, in the morning',
  save: 'Save',
  never: 'never',
  pressing: 'when something is late or due',
  weekly: 'on Mondays',

  // Backups
  noBackup:
    'Nothing here is backed up yet. Ask whoever looks after the installation to have a backup made every night: docs/operations.md says how.',
  backupProved: (day: Said, entries: Said) =>
    say`Backed up ${day}. The backup was brought back to try it, and all ${entries} entries were there.`,
  backupLate: (day: Said) =>
    say`The last backup is from ${day}. Ask whoever looks after the installation why none has been made since.`,
  backupFailed: (day: Said, trouble: Said) => say`The backup of ${day} can’t be relied on. ${trouble}`,
  lastGoodBackup: (day: Said) => say`The last good one is from ${day}.`,
  noGoodBackup: 'There is no good one yet.',

  // Programme
  monthsOfWhich: (months: number, drawn: Said, people: number) =>
    say`${months} ${plural(months, { one: 'month', other: 'months' })}, ${drawn} with blocks, ${people} ${plural(people, { one: 'person', other: 'people' })}`,
  months: 'Months',
  noMonths: 'This programme has no months yet.',
  noBlockYet: 'no block yet',
  aLesson: 'a lesson',
  toFix: (n: Said) => say`${n} to fix`,
  settings: 'Settings',
  draft: 'draft',
  quiltLink: 'The quilt',
  headCounts: 'Head counts',
  settingTriangles: 'setting triangles',
  plainBlocks: 'plain blocks',
});
