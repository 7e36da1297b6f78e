/** What the server says of cutting. */
import { say, spoken, type Said } from '@aggrega/core/words';

export const words = spoken('server/cut', {
  // cut/cutting-files.ts
  weCantFindThatProgramme: 'We can’t find that programme, or it cannot be read.',
  weCantFindThatMonth: 'We can’t find that month or colourway in this programme.',
  theNumberOfPeopleIs: 'The number of people is a whole number up to 100000.',
  aPlanIsThereIs: (planAims: Said) => say`The plan must be one of ${planAims}.`,
  weCantFindThatFile: 'We can’t find that file. There are cut-list.csv, order.csv and layout-FABRIC.svg.',
  packetsAreNumberedFrom1: (most: Said) => say`Packets are numbered from 1 to ${most}.`,

  // api/programmes/[programme]/cutting/[place]/+server.ts
  weCantFindThatProgramme2: 'We can’t find that programme.',
  weCantFindThatCutting: 'We can’t find that cutting list.',
});
