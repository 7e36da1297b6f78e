/** What the server says of participants’ pages. */
import { say, spoken, type Said } from '@aggrega/core/words';

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
  thisLinkNoLongerWorks: 'This link no longer works. It may have been replaced: check your latest email, or ask the organiser.',

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
