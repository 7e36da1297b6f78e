/** What the server says of doors and limits. */
import { plural, type Said, say, spoken } from '@aggrega/core/words';

export const words = spoken('server/web', {
  // web/door.ts
  theRequest: 'the request',
  theRequestCouldNotBe: 'The request could not be read to its end, or is larger than 8 MB.',
  thisJsonIsNotRead: (why: Said) => say`We don’t read this JSON: ${why}.`,
  thisIsNoJson: (message: Said) => say`This isn’t JSON: ${message}`,

  // web/gate.ts
  thereIsNothingByThat: 'We can’t find anything by that name here.',
  thisRequestCameFromAnother: 'This request came from another site’s page.',
  thereIsNothingHere: 'We can’t find anything here.',
  youveBeenSignedOutSign: 'You’ve been signed out. Sign in again in another tab, then try again. What you typed is still here.',
  youArentOnTheTeam: 'You aren’t on the team of any shop or guild here.',

  // web/photo-answer.ts
  weCantFindThatPhoto: 'We can’t find that photo here.',

  // web/sent-photo.ts
  thePhotoCouldNotBe: 'The photo could not be read to its end, or is larger than 8 MB.',
  nothingByThatName: 'There is nothing by that name here.',
  tooManyRequests: (wait: number) =>
    say`Too many requests. Try again in ${wait} ${plural(wait, { one: 'second', other: 'seconds' })}.`,
  noContentLength: 'The request has no Content-Length header.',
  largerThanIsTaken: 'That is larger than 8 MB, the most that is taken.',
  aValueCannotBeKept:
    'A number or a text in this request can’t be kept: it is too large, too small, or none. Nothing was changed.',

  // planner/planning-thread.ts
  tooManyPlans: 'Too many plans are being worked out for your shop or guild just now. Try again in a minute.',
  planTookTooLong:
    'This plan took too long while others were waiting, and was stopped. Nothing was changed. Try it with fewer people or months.',

  // web/once.ts
  beingDoneJustNow: 'This is being done just now. Look at the page again in a moment.',
  doneBefore: 'This was done already, but its answer got lost. Load the page again to see it.',
  noKey: 'The Idempotency-Key header has to be a UUID.',

  // hooks
  wrongOnOurSide: 'Something went wrong on our side. What was shown as saved is safe; try again.',
});
