/** What the server says of test blocks. */
import { spoken } from '@aggrega/core/words';

export const words = spoken('server/test-blocks', {
  // test-blocks/samples.ts
  weCantFindThatProgramme: 'We can’t find that programme.',
  weCantFindThatBlock: 'We can’t find that block in that month.',
  weCantFindThatColourway: 'We can’t find that colourway.',
  theDayHasToBe: 'Choose a date.',

  // api/programmes/[programme]/samples/+server.ts
  weCantFindThatTest: 'We can’t find that test block.',
});
