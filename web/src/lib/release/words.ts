/** The words of release. */
import { plural, type Said, say, spoken } from '@aggrega/core/words';

export const words = spoken('release', {
  // Holders
  whoHasWhichVersion: 'Who has which version',
  show: 'Show',
  name: 'Name',
  joinedAfterReleaseAndHasnt: (name: Said) => say`${name} joined after release and hasn’t`,
  peopleJoinedAfterReleaseAnd: (late: Said) => say`${late} people joined after release and haven’t`,
  hadThisSheet: (name: Said) => say`${name} had this sheet.`,
  emailItToThem: 'Email it to them',
  colourway: 'Colourway',
  version: 'Version',
  how: 'How',
  when: 'When',
  left: ' (left)',
  noEmailAddress: 'no email address',
  markVersionAsGivenTo: (version: Said, name: Said) => say`Mark version ${version} as given to ${name}`,
  markAsGiven: 'Mark as given',
  noOne: 'No one.',
  moreSearchByNameTo: (shown: Said) => say`${shown} more: search by name to see them.`,
  oldVersion: 'old version',
  notSent: 'not sent',
  byEmail: 'by email',
  onTheirPage: 'on their page',
  givenByHand: 'given by hand',

  // ProofList
  markAsProofedAndLock: 'Mark as proofed and lock',
  checksLeft: (left: number) => say`${left} ${plural(left, { one: 'check', other: 'checks' })} left`,

  // programmes/[programme]/months/[month]/release
  stateOfTheRelease: 'State of the release',
  checkItBeforeAnyoneCuts: 'Check it before anyone cuts',
  versionWasProofedAndLocked: (version: Said, last: Said) => say`Version ${version} was proofed and locked on ${last}.`,
  itWillBeReleasedOn: 'It will be released on',
  time: (timeZone: Said) => say`(${timeZone} time).`,
  itCouldNotGoOutYet:
    'It couldn’t go out at its minute: something in it is wrong. We keep trying. Proof it again, or ask whoever runs this server to look in the log.',
  itsReleaseDateIs: 'Its release date is',
  itsReleaseDateHasChanged: (last: Said) => say`Its release date has changed since, to ${last}.`,
  scheduleForThen: 'Schedule for then',
  theDraftHasChangedSince: 'The draft has changed since. The proofed version will be released, without this:',
  schedule: 'Schedule',
  cancelSchedule: 'Cancel schedule',
  releaseNowThisCantBe: 'Release now. This can’t be undone.',
  cancel: 'Cancel',
  releaseNow: 'Release now…',
  proofItAgain: 'Proof it again',
  backToDraft: 'Back to draft',
  releasedOnEveryoneSeesVersion: (last: Said, version: Said) => say`Released on ${last}. Everyone sees version ${version}.`,
  theDraftHasChangedSinceRelease:
    'The draft has changed since release. Publish it (on the right) to send a correction to everyone who has the old version.',
  emails: 'Emails',
  noParticipantHadAnEmail: 'No participant had an email address.',
  onReleaseEveryoneWithAn: 'On release, everyone with an email address is sent their own sheet.',
  seeTheEmails: 'See the emails',
  releaseDateChangeItUnder: (dayText: Said) => say`Release date: ${dayText} (change it under Block or Calendar).`,
  draft: 'Draft',
  proofed: 'Proofed',
  scheduled: 'Scheduled',
  released: 'Released',

  // desk.svelte.ts
  weCantReachTheServer: 'We can’t reach the server. Nothing was changed; try again in a moment.',

  // ProofList
  notYet: ': not yet',
});
