/** What the server says of programmes. */
import { say, spoken } from '@aggrega/core/words';

export const words = spoken('server/programme', {
  // programme/programmes.ts
  untitledProgramme: 'Untitled programme',
  tooManyProgrammes: (most: number) =>
    say`There are ${most} programmes already, the most that one shop or guild may have. Nothing was added.`,

  // api/programmes/[programme]/+server.ts
  weCantFindThatProgramme: 'We can’t find that programme.',

  // api/programmes/[programme]/worked-out/+server.ts
  aRevisionIsAWholeNumber: 'A revision is a whole number from 1.',

  // outside/mail/[mail].eml/+server.ts
  weCantFindThatEmail: 'We can’t find that email.',

  // programmes/[programme]/+layout.server.ts
  weCantFindThatProgrammeIt: 'We can’t find that programme. It may have been archived: see the list of programmes.',
});
