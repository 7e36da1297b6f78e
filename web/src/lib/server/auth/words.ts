/** What the server says of signing in and the team. */
import { plural, say, spoken, type Said } from '@aggrega/core/words';

export const words = spoken('server/auth', {
  // auth/house.ts
  typeYourNameAtMost: 'Type your name (at most 200 characters).',
  isNoMailAddress: (email: Said) => say`‘${email}’ isn’t a valid email address. Use the form name@example.org.`,
  typeTheNameOfYour: 'Type the name of your shop or guild (at most 200 characters).',
  thatEmailAddressAlreadyHas: 'That email address already has an account. Sign in with it first.',
  hasAPartAlreadyChange: (to: Said) => say`${to} is on the team already. Change the role in the list.`,
  invitation: (by: Said, house: Said, role: Said, days: Said, link: Said) =>
    say`Hello,\n\n${by} has invited you to join ${house} on Aggrega as ${role}. Accept within ${days} days:\n\n${link}\n\nIf you weren’t expecting this, ignore it.\n`,
  invitesYou: (name: Said) => say`${name} invites you`,
  thisInvitationHasBeenUsed: 'This invitation has been used or cancelled, or it has expired. Ask for a new one.',
  thisInvitationIsForAnd: (email: Said, email2: Said) =>
    say`This invitation is for ${email}, and you are signed in as ${email2}. Sign out first.`,
  sheHasNoPartHere: 'This person isn’t on the team any more.',
  isTheOnlyOwnerMake: (name: Said) => say`${name} is the only owner. Make someone else an owner first.`,

  // auth/own-account.ts
  typeANameOfAt: 'Type a name of at most 200 characters.',
  beginAgainThatSecretIs: 'Please start again: that key isn’t one of ours.',
  thatCodeIsNotThe: 'That code isn’t right, or has expired. Wait for the next one and try again.',
  thatWasTriedTooOften: (wait: number) =>
    say`Too many tries. Wait ${wait} ${plural(wait, { one: 'minute', other: 'minutes' })}.`,
  thatIsNotYourPassword: 'That isn’t your password.',

  // auth/passkeys.ts
  tooManyPasskeys: 'You have as many passkeys as there can be. Remove one first.',
  passkeyNotAdded: 'The passkey wasn’t added: the device’s answer came too late or doesn’t fit. Try again.',
  passkeyNotKnown: 'That passkey doesn’t open an account here. Sign in with your password.',

  // auth/sign-in.ts
  thatWasTriedTooOftenWait: (wait: number) =>
    say`Too many tries. Wait ${wait} ${plural(wait, { one: 'minute', other: 'minutes' })}`,
  orSetANewPassword: (often: Said) => say`${often}, or set a new password by email.`,
  wrongEmailOrPassword: 'Wrong email or password.',
  helloSomeoneWeHopeYou: (name: Said, email: Said, hours: Said, origin: Said, key: Said) => say`Hello ${name},

someone, we hope you, asked to reset the password for ${email}. Choose a new one here, within ${hours} hours:

${origin}/recover/${key}

If it was not you, do nothing: your password stays as it is.
`,
  thisLinkWasUsedAlready: 'This link has been used already, or it has expired. Ask for a new one.',

  // auth/notices.ts
  newDeviceSubject: 'A new sign-in to Aggrega',
  newDevice: (name: Said, device: Said, at: Said, origin: Said) => say`Hello ${name},

someone signed in to your account with ${device} (${at}).

If it was you, there is nothing to do. If not, change your password now. That also signs out all other devices:

${origin}/account
`,
  passwordChangedSubject: 'Your password was changed',
  passwordChanged: (name: Said, origin: Said) => say`Hello ${name},

the password of your account was changed, and your other devices were signed out.

If it was not you, choose a new one now:

${origin}/sign-in/forgotten
`,
  codesOffSubject: 'Codes were turned off',
  codesOff: (name: Said, origin: Said) => say`Hello ${name},

signing in to your account no longer asks for a code from your phone.

If it was not you, change your password now, then set the codes up again:

${origin}/account
`,
  passkeyAddedSubject: 'A passkey was added',
  passkeyAdded: (name: Said, origin: Said) => say`Hello ${name},

a passkey was added to your account: the device it is on can now sign in as you.

If it was not you, remove it and change your password now:

${origin}/account
`,
  joinedSubject: (name: Said, house: Said) => say`${name} has joined ${house}`,
  joined: (owner: Said, name: Said, email: Said, house: Said, origin: Said) => say`Hello ${owner},

${name} (${email}) accepted the invitation and is now on the team of ${house}.

If that is a surprise, take them off the team here:

${origin}/house
`,

  // account/+page.server.ts
  changed: 'Changed.',
  changedYourOtherDevicesAre: 'Changed. Your other devices are signed out.',
  fromNowOnACode: 'You’ll be asked for a code from now on.',
  noCodeIsAskedFor: 'You won’t be asked for a code any more.',
  signedOutThere: 'Signed out there.',
  passkeyRemoved: 'Removed. It doesn’t open your account any more.',

  // house/+page.server.ts
  chooseARole: 'Choose a role.',
  chooseALanguage: 'Choose a language from the list.',
  thatIsntARole: 'That isn’t a role.',
  onlyAtThisComputer:
    'A shop or guild can only be set up here on the computer that Aggrega runs on. Ask the person who looks after it.',
});
