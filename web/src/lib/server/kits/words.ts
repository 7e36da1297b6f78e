/** What the server says of kits. */
import { spoken } from '@aggrega/core/words';

export const words = spoken('server/kits', {
  // kits/kit-files.ts
  thereAreNoSuchKits: 'We can’t find those kits.',
  month: 'Month',
  months: 'Months',
  kits: 'Kits',

  // kits/kits.ts
  nothingIsHandedOutWith: 'Nothing is handed out with this month.',
  oneOfThesePeopleIs: 'One of these people is no longer a participant.',
  weCantFindThatColourway: 'We can’t find that colourway or size.',

  // api/programmes/[programme]/kits/+server.ts
  weCantFindThatProgramme: 'We can’t find that programme.',
});
