/** The words of signing in, accounts and the team. */
import { type Said, say, spoken } from '@aggrega/core/words';

export const words = spoken('team', {
  // NewPassword
  atLeast12CharactersA: 'At least 12 characters. A short sentence is easy to remember.',
  hideIt: 'hide it',
  showIt: 'show it',
  password: 'Password',

  // account
  thisIsTheDemoOn:
    'This is the demo. On this computer it opens as its owner, without signing in. It can’t be opened from another computer.',
  signInAsYourself: 'Sign in as yourself',
  setUpAShopOr: 'Set up a shop or guild',
  shopsAndGuilds: 'Shops and guilds',
  yourShopsAndGuilds: 'Your shops and guilds',
  noneYetAnOwnerOf: 'None yet. An owner of a shop or guild can invite you by email',
  orYouCan: ', or you can',
  setOneUp: 'set one up',
  as: (name: Said, roleName: Said) => say`${name}, as ${roleName}`,
  current: 'current',
  switch: 'Switch',
  yourName: 'Your name',
  save: 'Save',
  yourPassword: 'Your password',
  currentPassword: 'Current password',
  newPassword: 'New password',
  twoStepSignIn: 'Two-step sign-in',
  scanThisWithTheAuthenticator:
    'Scan this with the authenticator app on your phone, or type in the key below. Then enter the code it shows.',
  theKeyBelowAsA: 'The key below, as a code to scan',
  theCode: 'The code',
  turnOn: 'Turn on',
  notNow: 'Not now',
  onYouNeedACode: 'On: you need a code each time you sign in.',
  turnOff: 'Turn off',
  withTwoStepSignIn: 'With two-step sign-in a stolen password isn’t enough: you also need a code from your phone.',
  setItUp: 'Set it up',
  passkeys: 'Passkeys',
  whatAPasskeyIs:
    'A passkey signs you in by your fingerprint, your face or this device’s PIN: no password to type, and no code. It can’t be given away to a false page.',
  addAPasskey: 'Add a passkey',
  goOn: 'Go on',
  passkeyAdded: 'Added. Next time you can sign in with it.',
  sinceUsed: (made: Said, used: Said) => say`since ${made}, last used ${used}`,
  sinceNotUsed: (made: Said) => say`since ${made}, not used yet`,
  removeIt: 'Remove',
  removeNamed: (name: Said) => say`Remove the passkey of ${name}`,
  noPasskeysHere: 'This browser doesn’t know passkeys.',
  hasPasskeyAlready: 'This device has a passkey for you already.',
  deviceDidNotAnswer: 'The device didn’t answer, or you stopped it. Nothing has changed.',
  signInWithAPasskey: 'Sign in with a passkey',
  cantReachNow: 'We can’t reach the server. Try again in a moment.',

  devices: 'Devices',
  signedInOn: 'Signed in on',
  sinceSeen: (dayText: Said, dayText2: Said) => say`since ${dayText}, seen ${dayText2}`,
  thisOne: 'this one',
  signOutThere: 'Sign out there',
  signOutHere: 'Sign out here',

  // archive
  backup: 'Backup',
  backUp: 'Back up',
  backUpEverything: 'Back up everything',
  oneZipFileWithAll:
    'One ZIP file with all programmes and every version of them, participants, kits, sheets, emails, pictures, test blocks, the history and the team, as lines of JSON that any program can read. It has people’s addresses in it, but no passwords: keep it where no one else can open it.',
  downloadTheBackup: 'Download the backup',
  restore: 'Restore',
  restoreABackup: 'Restore a backup',
  youCanOnlyRestoreInto: 'You can only restore into an empty shop or guild.',
  setUpANewOne: 'Set up a new one',
  andRestoreThere: ', and restore there.',
  switchTheOldServerOff:
    'Switch the old server off first: queued emails and scheduled releases will now go out from here. Private links change and must be sent again. Team members are listed under',
  team: 'Team',
  andMustBeInvitedAgain: 'and must be invited again. If anything in the file can’t be read, nothing is restored.',
  theBackupFile: 'The backup file',
  restoring: 'Restoring…',
  weCantReachTheServer: 'We can’t reach the server. Nothing was restored; try again in a moment.',

  // begin
  aNewShopOrGuild: 'A new shop or guild',
  withYouAsItsOwner: 'with you as its owner',
  nameOfTheShopOr: 'Name of the shop or guild',
  youAreSignedInAs: (own: Said) => say`You are signed in as ${own} and will be its owner.`,
  yourEmail: 'Your email',
  create: 'Create',

  // house
  members: 'Members',
  you: ' (you)',
  whatMayDo: (name: Said) => say`What ${name} may do`,
  remove: (name: Said) => say`Remove ${name}`,
  cancel: 'Cancel',
  remove2: 'Remove',
  inviteSomeone: 'Invite someone',
  email: 'Email',
  as2: 'As',
  invite: 'Invite',
  weveEmailed: (to: Said) => say`We’ve emailed ${to}.`,
  theEmailToCouldNot: (to: Said) => say`The email to ${to} could not be sent.`,
  youCanAlsoPassOn: (to: Said) => say`${to} You can also pass on the link yourself:`,
  invitedNotJoinedYet: 'Invited, not joined yet',
  as3: (email: Said, roleName: Said) => say`${email}, as ${roleName}`,
  inviteAgain: 'Invite again',
  cancelInvitation: 'Cancel invitation',
  history: 'History',
  invitationExpiredOn: 'invitation expired on',
  invitedTheInvitationIsGood: 'invited; the invitation is good until',
  wasOnTheTeamIn: 'was on the team in the backup; not invited here yet',

  // invitation/[key]
  anInvitation: 'An invitation',
  thisInvitationHasBeenUsed:
    'This invitation has been used or cancelled, or it has expired. Ask the person who sent it for a new one.',
  hasInvitedToJoinAs: (house: Said, email: Said, role: Said) => say`${house} has invited ${email} to join as ${role}.`,
  youAreSignedInAsSign: (own: Said) =>
    say`You are signed in as ${own}. Sign out first, or pass the invitation on to the person it is for.`,
  signOut: 'Sign out',
  signInToAccept: 'Sign in to accept',
  accept: 'Accept',

  // recover/[key]
  aNewPassword: 'A new password',
  forYourAccount: 'for your account',
  saveAndSignOutOn: 'Save and sign out on all devices',
  thisLinkHasBeenUsed: 'This link has been used already, or it has expired.',
  askForANewOne: 'Ask for a new one',

  // sign-in
  signIn: 'Sign in',
  theBenchForAYear: 'the bench for a year of blocks',
  youreInTheDemoAs: (name: Said, house: Said) =>
    say`You’re in the demo as ${name} of ${house}. No one needs to sign in for that on this computer.`,
  codeFromYourPhone: 'Code from your phone',
  forgottenYourPassword: 'Forgotten your password?',
  takingPartInAProgramme: 'Taking part in a programme? You don’t need to sign in: use the link in your email.',
  lostYourLink: 'Lost your link?',
  staffAreInvited: 'Staff are invited by an owner.',
  setUpANewShop: 'Set up a new shop or guild',

  // sign-in/forgotten
  forgottenPassword: 'Forgotten password',
  wellEmailYouALink: 'we’ll email you a link',
  ifThatAddressHasAn: 'If that address has an account, we’ve emailed a link. It works for two hours.',
  backToSignIn: 'Back to sign-in',
  emailMeALink: 'Email me a link',

  // device-name.ts

  // house, the language
  language: 'Language',
  languageIsFor:
    'For your team’s screens, and for participants’ pages, sheets and emails. Names and notes that you typed stay as they are. Each participant can choose another English on their own page.',
});
