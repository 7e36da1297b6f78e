/** What the server says of participants’ pages. */
import { plural, say, spoken, type Said } from '@aggrega/core/words';

export const words = spoken('server/participant-page', {
  // participant-page/own-paper.ts
  thereIsNoSheetOf: 'This month has no sheet for your colourway.',
  weCantFindThatFile: 'We can’t find that file.',

  // participant-page/own-sheet.ts
  thisMonthIsNotOut: 'This month isn’t released yet.',

  // participant-page/participant-page.ts
  twentyOfYourQuestionsWait: 'Twenty of your questions are waiting for an answer already. Wait for some of them first.',
  weCantFindThatMonth: 'We can’t find that month.',
  picturesAreKeptAtMost: (most: Said) => say`${most} pictures are the most we keep; delete one first.`,

  // participant-page/pictures.ts
  theFileIsEmptyChoose: 'The file is empty. Choose a picture.',
  thisIsAFileOf: 'This is a file of another kind. Pictures come as JPEG, PNG or WebP.',
  thisPictureIsDamagedOr: 'This picture is damaged or larger than 50 million pixels. Take it again, or save it again.',

  // participant-page/private-page.ts
  measurementsAreKeptAtMost: (most: Said) => say`We keep ${most} measurements at most. Take an old one back first.`,
  thisMeasurementIsNotThere: 'This measurement isn’t here any more.',
  thisLinkNoLongerWorks: (address: Said) =>
    say`This link no longer works. It may have been replaced: check your latest email, or get a code at ${address}.`,

  // participant-page/page-door.ts
  newDeviceSubject: 'Your page was opened on a new device',
  newDevice: (name: Said, device: Said, address: Said) => say`Hello ${name},

your page was opened on a device that hasn’t opened it before: ${device}.

If it was you, there is nothing to do. If not, somebody else has your link. Open your page and, under ‘Who can open this page’, make a new link or set a PIN. If you don’t have your link to hand, get a code:

${address}
`,
  pinFirst: 'This page asks for your PIN first. Open it again.',
  wrongPin: 'That isn’t the PIN.',
  pinTriedTooOften: (minutes: number) =>
    say`Too many tries. Wait ${minutes} ${plural(minutes, { one: 'minute', other: 'minutes' })}.`,
  pinIsDigits: 'A PIN is 4 to 8 digits.',

  // participant-page/lost-link.ts
  isNoMailAddress: 'That isn’t a valid email address. Use the form name@example.org.',
  tryLater: 'Too many people are asking just now. Try again in a few minutes.',
  codeSubject: (title: Said) => say`Your code for ${title}`,
  codeLetter: (name: Said, title: Said, code: Said, minutes: Said, address: Said) => say`Hello ${name},

here is the code that opens your page of ${title}:

${code}

Enter it within ${minutes} minutes at

${address}

It works once. If you didn’t ask for it, do nothing: without the code nobody can open your page with it.
`,
  newLinkSubject: 'The new link to your page',
  newLink: (name: Said, link: Said) => say`Hello ${name},

you have made a new link to your page. The old one opens nothing any more. This is the new one; keep this email:

${link}
`,
  codeTriedTooOften: (minutes: number) =>
    say`Too many tries. Wait ${minutes} ${plural(minutes, { one: 'minute', other: 'minutes' })}.`,
  wrongCode: 'That code isn’t right, was used already, or has expired. Get a new one.',
  codeSent:
    'If we know that address, an email with a code is on its way. If none comes, ask your organiser: they can read you a code over the phone.',

  // p/[key]/+page.server.ts
  thisProgrammeCannotBeShown: 'This programme cannot be shown just now.',

  // p/[key]/months/[month]/pictures/+server.ts
  thePictureIsLargerThan: 'The picture is larger than 8 MB, or did not arrive whole.',

  // p/[key]/own/+server.ts
  thisPictureIsNotThere: 'We can’t find that picture.',

  // p/[key]/months/[month]/layout
  theQuilt: 'The quilt: all its blocks',
  theQuiltSoFar: (rows: Said) => say`The quilt, rows finished so far: ${rows}`,

  // p/[key]/pictures/[picture]/+server.ts
  weCantFindThatPicture: 'We can’t find that picture.',
});
